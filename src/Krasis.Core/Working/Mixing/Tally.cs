using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Working.Heat;
using Krasis.Core.Working.Scaling;

namespace Krasis.Core.Working.Mixing;

/// <summary>All that is in a cup, added up line by line: the sums that fill, taste and heat are worked out from. Adding is all
/// it does, so that the adviser can try a hundred cups in the time of one sheet.</summary>
internal struct Tally
{
    // Less than a drop of a drop floats nothing, and is too little to take a density of.
    private const double NoLiquid = 1e-6;

    /// <summary>What water at 0 °C weighs, g/ml (IAPWS).</summary>
    public const double Meltwater = 0.9998;

    private readonly bool isBlended;

    /// <summary>An empty cup.</summary>
    /// <param name="isBlended">Whether ice that goes in is blended into the liquid.</param>
    public Tally(bool isBlended) => this.isBlended = isBlended;

    /// <summary>Mass of everything that is not ice and does not stand on top, condensed steam with it, g.</summary>
    public double LiquidMass { get; private set; }

    /// <summary>Its volume without foam, ml: the sum of the volumes (that liquids shrink a little when they are mixed is left
    /// out).</summary>
    public double LiquidVolume { get; private set; }

    /// <summary>Air that foaming has put in, ml.</summary>
    public double Air { get; private set; }

    /// <summary>Mass of the ice, g.</summary>
    public double IceMass { get; private set; }

    /// <summary>Volume of the ice heaped by itself, gaps and all, ml.</summary>
    public double IceHeap { get; private set; }

    /// <summary>Volume of what stands on top, ml.</summary>
    public double OnTop { get; private set; }

    /// <summary>Mass of the coffee, g.</summary>
    public double Coffee { get; private set; }

    /// <summary>Mass of the milk as it was poured, without steam, g.</summary>
    public double Milk { get; private set; }

    /// <summary>Condensed steam, g.</summary>
    public double Condensate { get; private set; }

    /// <summary>Coffee solids in the liquid, g; NaN when not known.</summary>
    public double Solids { get; private set; }

    /// <summary>Sucrose that tastes as sweet as the liquid's sugars, g; NaN when not known.</summary>
    public double Sweet { get; private set; }

    /// <summary>Coffee solids in the ice, g; NaN when not known.</summary>
    public double IceSolids { get; private set; }

    /// <summary>The same as <see cref="Sweet"/>, in the ice.</summary>
    public double IceSweet { get; private set; }

    /// <summary>The heat of it all.</summary>
    public HeatContent Heat { get; private set; }

    /// <summary>Volume that the ice takes up in the liquid, ml. Floating, it displaces its own mass of the mixed liquid
    /// (Archimedes); blended, and without any liquid, it is there with its own volume.</summary>
    public readonly double Displaced => LiquidVolume > NoLiquid && !isBlended
        ? IceMass * LiquidVolume / LiquidMass
        : IceMass / IceFacts.Density.Value;

    /// <summary>Volume of the cup that is taken up, ml: the foamed liquid and what the ice displaces, or the heap of ice where
    /// that reaches higher.</summary>
    public readonly double Occupied => Math.Max(LiquidVolume + Air + Displaced, isBlended ? 0 : IceHeap);

    /// <summary>Volume below the surface of the liquid, ml: what is taken up, unless the ice stands on the bottom and the liquid
    /// only fills its gaps.</summary>
    public readonly double Surface
    {
        get
        {
            var floating = LiquidVolume + Air + Displaced;
            return isBlended || floating >= IceHeap
                ? floating
                : Math.Min(IceHeap, (LiquidVolume + Air) / (1 - (IceMass / IceFacts.Density.Value / IceHeap)));
        }
    }

    /// <summary>Coffee solids as a share of the drink as poured, by mass; NaN when not known or the cup is empty.</summary>
    public readonly double Strength => isBlended ? StrengthWith(IceMass) : Solids / LiquidMass;

    /// <summary>Sweetness as a share of the drink as poured, by mass; NaN when not known or the cup is empty.</summary>
    public readonly double Sweetness => isBlended ? SweetnessWith(IceMass) : Sweet / LiquidMass;

    /// <summary>Mass of the drink as poured, g.</summary>
    public readonly double DrinkMass => isBlended ? LiquidMass + IceMass : LiquidMass;

    /// <summary>Puts a line in.</summary>
    /// <param name="line">The line.</param>
    /// <param name="grams">How much of it.</param>
    public void Add(LineFacts line, double grams)
    {
        if (grams <= 0)
        {
            return;
        }

        if (line.IsOnTop)
        {
            OnTop += grams * line.VolumePerGram;
            return;
        }

        if (line.IsIce)
        {
            IceMass += grams;
            IceHeap += grams * line.HeapPerGram;
            IceSolids += grams * (line.Solids ?? double.NaN);
            IceSweet += grams * (line.Sweetness ?? double.NaN);
            Heat = Heat with { IceMass = Heat.IceMass + grams, IceCold = Heat.IceCold - (grams * line.Capacity * line.Temperature) };
            return;
        }

        var steam = grams * line.CondensatePerGram;
        var volume = (grams * line.VolumePerGram) + steam;
        LiquidMass += grams + steam;
        LiquidVolume += volume;
        Air += volume * line.Overrun;
        Condensate += steam;
        Solids += grams * (line.Solids ?? double.NaN);
        Sweet += grams * (line.Sweetness ?? double.NaN);
        Coffee += line.Ingredient.IsCoffee ? grams : 0;
        Milk += line.Ingredient.Kind == IngredientKind.Milk ? grams : 0;
        var capacity = (grams * line.Capacity) + (steam * SteamHeat.Water);
        Heat = Heat with { LiquidHeat = Heat.LiquidHeat + (capacity * line.Temperature), LiquidCapacity = Heat.LiquidCapacity + capacity };
    }

    /// <summary>The cup's room with so many times the liquid of another in it: enough to ask how full it is, and no more.</summary>
    public readonly Tally WithLiquidOf(Tally other, double times)
    {
        var sum = this;
        sum.LiquidMass += times * other.LiquidMass;
        sum.LiquidVolume += times * other.LiquidVolume;
        sum.Air += times * other.Air;
        return sum;
    }

    /// <summary>Strength as a share, once so much of the ice has melted.</summary>
    public readonly double StrengthWith(double melt) => (Solids + IceShare(IceSolids, melt)) / (LiquidMass + melt);

    /// <summary>Sweetness as a share, once so much of the ice has melted.</summary>
    public readonly double SweetnessWith(double melt) => (Sweet + IceShare(IceSweet, melt)) / (LiquidMass + melt);

    /// <summary>The cup once so much of its ice has melted, for its room; solids and sugars of the ice are left where they
    /// were.</summary>
    /// <param name="melt">Grams of ice turned to water; at most the ice there is.</param>
    public readonly Tally Melted(double melt)
    {
        var left = IceMass > 0 ? Math.Max(0, 1 - (melt / IceMass)) : 0;
        var after = this;
        after.LiquidMass += IceMass * (1 - left);
        after.LiquidVolume += IceMass * (1 - left) / Meltwater;
        after.IceMass *= left;
        after.IceHeap *= left;
        return after;
    }

    private readonly double IceShare(double inIce, double melt) => IceMass > 0 && melt > 0 ? inIce * melt / IceMass : 0;
}
