using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Scaling;

namespace Krasis.Core.Judging.Checks;

/// <summary>What meets what in the cup.</summary>
internal static class PourOrder
{
    /// <summary>Sauce melts and powder dissolves in what is warmer than this, °C (common practice, no source).</summary>
    public const double Warm = 45;

    /// <summary>Whether everything is mixed at the latest when the drink is finished.</summary>
    public static bool IsMixed(Setting setting, WorkedSize worked, int from)
    {
        if (setting.Build.Serve is Serve.Shaken or Serve.Blended)
        {
            return true;
        }

        for (var i = from; i < worked.Lines.Count; i++)
        {
            if (worked.Amounts[i] > 0 && worked.Lines[i].Line.Technique is Technique.Stir or Technique.Shake or Technique.Blend)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>The first drink that is poured after a line: no ice, no flavour, nothing on top; -1 when there is none.</summary>
    public static int NextLiquid(WorkedSize worked, int after)
    {
        for (var i = after + 1; i < worked.Lines.Count; i++)
        {
            if (worked.Amounts[i] > 0 && IsLiquid(worked.Lines[i]))
            {
                return i;
            }
        }

        return -1;
    }

    /// <summary>Whether the drink that was poured last before a line is warm enough to melt sauce and dissolve powder.</summary>
    public static bool IsInWarmth(WorkedSize worked, int line)
    {
        for (var i = line - 1; i >= 0; i--)
        {
            if (worked.Amounts[i] > 0 && IsLiquid(worked.Lines[i]))
            {
                return worked.Lines[i].Temperature >= Warm;
            }
        }

        return false;
    }

    private static bool IsLiquid(LineFacts line) =>
        !line.IsOnTop && line.Ingredient.Kind is IngredientKind.Espresso or IngredientKind.Coffee or IngredientKind.Milk or IngredientKind.Water;
}
