using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>A drink that is served cold is handed over warmer than the house lets it be, or has little ice.</summary>
internal sealed class NotColdEnough : ICheck
{
    /// <inheritdoc/>
    public string Name => "not-cold";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (setting.Build.Serve == Serve.Hot || worked.Poured.LiquidMass <= 0)
        {
            yield break;
        }

        var limits = setting.Bar.House.Serving;

        // A layered drink is warm above and cold below until it is stirred: then its ice has to do.
        var at =
            setting.Build.Serve == Serve.Layered
                ? worked.Poured.Heat.Exchanged(1).Temperature
                : size.Life.Moments[0].Temperature;
        if (at.Value > limits.ColdTo.Value + 1e-9)
        {
            var warmest = worked.Lines.Where(line => line.IsPoured && line.IsInside).MaxBy(line => line.Temperature)!;
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                null,
                $"{size.Name} is {Say.Degrees(at)} when it is handed over; the house wants {Say.Degrees(limits.ColdTo)} at most. {warmest.Ingredient.Name} goes in at {Say.Short(warmest.Temperature)} °C.",
                null
            )
            {
                Otherwise = "Use more ice, or cool what goes in warm.",
                Excess = new(Excess.Temperature, at.Value - limits.ColdTo.Value),
            };
            yield break;
        }

        // Ice cream cools as ice does.
        var share = (worked.Poured.IceMass + worked.Poured.Scoops) / worked.Size.Cup.BrimCapacity.Value * 100;
        if (setting.Build.Serve is Serve.Iced or Serve.Layered && share < limits.LeastIce.Value - 0.5)
        {
            yield return new Finding(
                Name,
                Severity.Note,
                size.Size,
                null,
                $"{size.Name} has only {Say.Short(worked.Poured.IceMass)} g of ice, {Say.Whole(share)} % of the cup. At least {Say.Short(limits.LeastIce.Value)} % is usual.",
                null
            )
            {
                Excess = new("ice", limits.LeastIce.Value - share),
            };
        }
    }
}
