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
        at.Whole.Today is { } today && at.Line.Facts.Recipe is { RestedFrom: { } from, Rest: { } rest } && today < from
            ? Found(at, Severity.Warning, $"{at.Ingredient.Name} {rest}.")
            : null;
}
