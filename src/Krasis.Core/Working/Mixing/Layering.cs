using System.Globalization;
using Krasis.Core.Builds;

namespace Krasis.Core.Working.Mixing;

/// <summary>Says which liquids stay on which.</summary>
internal static class Layering
{
    /// <summary>Every liquid against the one it was poured on.</summary>
    /// <remarks>A layer holds where the one below is denser by <see cref="Boundary.Margin"/> and the upper one is poured slowly,
    /// over ice or a spoon. Densities are those as served.</remarks>
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
        var step = below.Ingredient.DensityInDrink.Value - (above.Ingredient.DensityInDrink.Value / (1 + (above.Facts.FoamCap > 0 ? above.Foam!.Overrun : above.Facts.Overrun)));
        var isMixed = serve is Serve.Shaken or Serve.Blended || above.Facts.Technique.Mixes;
        var isSlow = above.Facts.Technique.IsSlow;
        var holds = !isMixed && isSlow && step >= Boundary.Margin;
        var why = isMixed ? "They are mixed."
            : step < Boundary.Margin ? $"{above.Ingredient.Name} is too heavy to stay on {below.Ingredient.Name}: it would have to be {Say(Boundary.Margin)} g/ml lighter, and is {(step < 0 ? $"{Say(-step)} g/ml heavier" : $"{Say(step)} g/ml lighter")}."
            : isSlow ? $"{below.Ingredient.Name} is {Say(step)} g/ml denser, and {above.Ingredient.Name} is poured slowly."
            : $"{above.Ingredient.Name} would stay on {below.Ingredient.Name} if it were poured slowly.";
        return new Boundary(below.Line.Id, above.Line.Id, step, holds, why);
    }

    private static string Say(double step) => step.ToString("0.00", CultureInfo.InvariantCulture);
}
