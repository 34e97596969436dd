using Krasis.Core.Builds;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Drawing;

/// <summary>Says which liquids stay on which.</summary>
internal static class Layering
{
    /// <summary>Every liquid against the one it was poured on.</summary>
    /// <remarks>A layer holds where the one below is denser by <see cref="Boundary.Margin"/> and the upper one is
    /// poured slowly, over ice or a spoon. Densities are those as served.</remarks>
    public static List<Boundary> Of(WorkedSize size, Serve serve)
    {
        var found = new List<Boundary>();
        var lower = -1;
        for (var i = 0; i < size.Lines.Count; i++)
        {
            var line = size.Lines[i];
            if (line.IsIce || !line.IsInside || !line.IsPoured)
            {
                continue;
            }

            if (lower >= 0)
            {
                found.Add(Between(size, lower, i, serve));
            }

            lower = i;
        }

        return found;
    }

    private static Boundary Between(WorkedSize size, int lower, int upper, Serve serve)
    {
        var (below, above) = (size.Lines[lower], size.Lines[upper]);
        var step =
            below.Ingredient.DensityInDrink.Value
            - (
                above.Ingredient.DensityInDrink.Value
                / (1 + (above.Facts.FoamCap > 0 ? above.Foam!.Overrun : above.Facts.Overrun))
            );
        var isMixed = serve is Serve.Shaken or Serve.Blended || above.Facts.Technique.Mixes;
        return new Boundary(
            below.Line.Id,
            above.Line.Id,
            step,
            !isMixed && above.Facts.Technique.IsSlow && step >= Boundary.Margin
        )
        {
            LowerName = below.Ingredient.Name,
            UpperName = above.Ingredient.Name,
            IsMixed = isMixed,
        };
    }
}
