using Krasis.Core.Builds;
using Krasis.Core.Ice;
using Krasis.Core.Measures;
using Krasis.Core.Vessels;

namespace Krasis.Core.Mixing;

/// <summary>Where in the cup each liquid and the ice are to be drawn.</summary>
/// <param name="Layers">The liquids from the bottom up.</param>
/// <param name="Ice">The ice, or null.</param>
public sealed record CupDrawing(IReadOnlyList<Layer> Layers, IceBand? Ice)
{
    /// <summary>Stacks the liquids in pour order around the ice that floats at the top.</summary>
    /// <param name="cup">The cup.</param>
    /// <param name="poured">Each line with its portion, in pour order.</param>
    /// <param name="content">All the portions together.</param>
    /// <remarks>The ice hangs from the surface as a heap of <see cref="IceFacts.Packing"/>. In that band only the gaps
    /// are liquid, so the same liquid reaches higher there.</remarks>
    public static CupDrawing Of(Cup cup, IReadOnlyList<(LineId Line, Portion Portion)> poured, CupContent content)
    {
        var occupied = content.OccupiedVolume.Value;
        var band = Math.Min(occupied, content.DisplacedByIce.Value / IceFacts.Packing);
        var below = occupied - band;
        var gaps = band == 0 ? 1 : (band - content.DisplacedByIce.Value) / band;

        var layers = new List<Layer>();
        var liquid = 0.0;
        foreach (var (line, portion) in poured.Where(pour => !pour.Portion.Ingredient.IsIce && pour.Portion.Mass > default(Grams)))
        {
            var from = HeightOf(liquid);
            liquid += portion.Volume.Value;
            layers.Add(new Layer(line, portion.Ingredient.Colour, from, HeightOf(liquid)));
        }

        return new CupDrawing(layers, IceOf());

        Millimetres HeightOf(double liquidBelow) => cup.HeightFor(Millilitres.From(
            liquidBelow <= below || gaps <= 0 ? liquidBelow : below + ((liquidBelow - below) / gaps)));

        IceBand? IceOf()
        {
            var ice = poured.Select(pour => pour.Portion).Where(portion => portion.Ingredient.IsIce && portion.Mass > default(Grams)).ToList();
            if (ice.Count == 0)
            {
                return null;
            }

            var pieces = ice.Sum(portion => portion.Mass / portion.Ingredient.PieceMass!.Value);
            var side = Math.Cbrt(content.IceMass.Value / pieces / IceFacts.Density.Value) * 10;
            return new IceBand(
                cup.HeightFor(Millilitres.From(below)),
                cup.HeightFor(Millilitres.From(occupied)),
                Millimetres.From(side),
                pieces,
                ice[0].Ingredient.Colour);
        }
    }
}
