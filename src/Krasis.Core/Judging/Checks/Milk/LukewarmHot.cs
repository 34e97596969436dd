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

        var cold = worked
            .Lines.Where(line => line.IsPoured && line.IsInside)
            .MaxBy(line => line.Mass * line.Facts.Capacity * (least.Value - line.Temperature))!;
        var cup = worked.Size.Cup;
        var taken = cup.HeatCapacity is { } capacity
            ? capacity
                * (warm.Value - (cup.WarmedTo ?? setting.Bar.House.Room).Value)
                / worked.Poured.Heat.LiquidCapacity
            : 0;
        var why =
            cold.Temperature < least.Value ? $"{cold.Ingredient.Name} goes in at {Say.Short(cold.Temperature)} °C"
            : taken >= 1 ? $"the cup takes {Say.Short(taken)} K: warm it first"
            : "what goes in is no hotter";
        yield return new Finding(
            Name,
            Severity.Warning,
            size.Size,
            cold.Temperature < least.Value ? cold.Line.Id : null,
            $"{size.Name} is served hot and is {Say.Short(warm.Value)} °C when it is handed over; the house wants {Say.Degrees(least)} at least: {why}.",
            null
        )
        {
            Excess = new(Excess.Temperature, least.Value - warm.Value),
        };
    }
}
