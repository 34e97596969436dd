using Krasis.Core.Ice;
using Krasis.Core.Measures;

namespace Krasis.Core.Mixing;

/// <summary>All that is in a cup, taken together.</summary>
public sealed record CupContent
{
    // Less than a drop of a drop floats nothing, and is too little to take a density of.
    private const double NoLiquid = 1e-6;

    private CupContent(Grams liquidMass, Millilitres liquidVolume, Grams iceMass)
    {
        LiquidMass = liquidMass;
        LiquidVolume = liquidVolume;
        IceMass = iceMass;
    }

    /// <summary>Mass of everything that is not ice.</summary>
    public Grams LiquidMass { get; }

    /// <summary>Volume of everything that is not ice: the sum of the volumes (that liquids shrink a little when they
    /// are mixed is left out).</summary>
    public Millilitres LiquidVolume { get; }

    /// <summary>Mass of the ice.</summary>
    public Grams IceMass { get; }

    /// <summary>Volume that the ice takes up below the surface. Floating, it displaces its own mass of the mixed
    /// liquid (Archimedes); without any liquid it lies there with its own volume.</summary>
    public Millilitres DisplacedByIce => LiquidVolume.Value > NoLiquid
        ? IceMass / Density.From(LiquidMass.Value / LiquidVolume.Value)
        : IceMass / IceFacts.Density;

    /// <summary>Volume of the cup that is taken up: the liquid and what the ice displaces.</summary>
    public Millilitres OccupiedVolume => LiquidVolume + DisplacedByIce;

    /// <summary>Puts portions together.</summary>
    public static CupContent Of(IEnumerable<Portion> portions)
    {
        Grams liquidMass = default, iceMass = default;
        Millilitres liquidVolume = default;
        foreach (var portion in portions)
        {
            if (portion.Ingredient.IsIce)
            {
                iceMass += portion.Mass;
            }
            else
            {
                liquidMass += portion.Mass;
                liquidVolume += portion.Volume;
            }
        }

        return new(liquidMass, liquidVolume, iceMass);
    }
}
