using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Milk;

/// <summary>A drink that is served hot is handed over cooler than the house lets it be.</summary>
internal sealed class LukewarmHot : ICheck
{
    /// <inheritdoc/>
    public string Name => "lukewarm";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var least = setting.Bar.House.HotFrom;
        var warm = size.Life.Moments[0].Temperature;
        if (
            setting.Build is not { Serve: Serve.Hot, IsServeSaid: true }
            || worked.Poured.LiquidMass <= 0
            || warm.Value >= least.Value
            // It is meant to be no hotter: a child's drink, for example.
            || worked.Lines.Any(line => line.IsPoured && line.Line.SteamedTo is { } meant && meant.Value < least.Value)
        )
        {
            yield break;
        }

        // What would bring the most warmth: the coldest of what goes in at the least that the house wants, or a warm cup.
        var content = worked.Poured.Heat.LiquidCapacity;
        var cold = worked.Lines.Where(line => line.IsPoured && line.IsInside).MaxBy(line => Missing(line, least))!;
        var cup = worked.Size.Cup;
        var taken = cup.HeatCapacity is { } capacity
            ? capacity * (warm.Value - (cup.WarmedTo ?? setting.Bar.House.Room).Value) / content
            : 0;
        var byLine = Missing(cold, least) / content;
        var isCup = taken >= 1 && taken > byLine;
        var why =
            isCup ? $"the cup takes {Say.Short(taken)} K: warm it first"
            : byLine > 0 ? $"{cold.Ingredient.Name} goes in at {Say.Short(cold.Temperature)} °C"
            : "what goes in is no hotter";
        yield return new Finding(
            Name,
            Severity.Warning,
            size.Size,
            !isCup && byLine > 0 ? cold.Line.Id : null,
            $"{size.Name} is served hot and is {Degrees(warm, least)} °C when it is handed over; the house wants {Say.Degrees(least)} at least: {why}.",
            null
        )
        {
            Excess = new(Excess.Temperature, least.Value - warm.Value),
        };
    }

    // By how much it would warm the drink if it went in as warm as that is wanted, in J.
    private static double Missing(Working.Lines.WorkedLine line, Celsius least) =>
        line.Mass * line.Facts.Capacity * Math.Max(0, least.Value - line.Temperature);

    // Never the same number twice for what is less and what is more.
    private static string Degrees(Celsius warm, Celsius least) =>
        Say.Short(warm.Value) == Say.Short(least.Value)
            ? Say.Short(Math.Floor(warm.Value * 10) / 10)
            : Say.Short(warm.Value);
}
