using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>What meets what in the cup.</summary>
internal static class PourOrder
{
    /// <summary>Sauce melts and powder dissolves in what is warmer than this, °C (common practice, no
    /// source).</summary>
    public const double Warm = 45;

    /// <summary>Whether everything is mixed at the latest when the drink is finished.</summary>
    public static bool IsMixed(Setting setting, WorkedSize worked, int from) =>
        setting.Build.Serve is Serve.Shaken or Serve.Blended
        || worked.Lines.Skip(from).Any(line => line.IsPoured && line.Facts.Technique.Mixes);

    /// <summary>The first drink that is poured after a line: no ice, no flavour, nothing on top; null when there is
    /// none.</summary>
    public static WorkedLine? NextLiquid(WorkedSize worked, int after) =>
        worked.Lines.Skip(after + 1).FirstOrDefault(line => line.IsPoured && IsLiquid(line));

    /// <summary>The drink that was poured last before a line; null when there is none.</summary>
    public static WorkedLine? LastLiquid(WorkedSize worked, int before) =>
        worked.Lines.Take(before).LastOrDefault(line => line.IsPoured && IsLiquid(line));

    /// <summary>Whether the drink that was poured last before a line is warm enough to melt sauce and dissolve
    /// powder.</summary>
    public static bool IsInWarmth(WorkedSize worked, int line) => LastLiquid(worked, line) is { Temperature: >= Warm };

    private static bool IsLiquid(WorkedLine line) =>
        line.IsInside
        && line.Ingredient.Kind
            is IngredientKind.Espresso
                or IngredientKind.Coffee
                or IngredientKind.Tea
                or IngredientKind.Milk
                or IngredientKind.Water;
}
