using System.Globalization;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Tools;

/// <summary>The coffee in the hopper was roasted too lately to be pulled.</summary>
internal sealed class RoastNotRested() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "roast-not-rested";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at) =>
        at.Whole.Today is { } today
        && at.Line.Facts.Recipe is { RoastedOn: { } roasted, RestedFrom: { } from }
        && today < from
            ? Found(
                at,
                Severity.Warning,
                $"{at.Ingredient.Name} was roasted on {Say(roasted)} and rests until {Say(from)}. Before that it tastes sharp."
            )
            : null;

    private static string Say(DateOnly day) => day.ToString("d MMMM", CultureInfo.InvariantCulture);
}
