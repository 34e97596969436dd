using Krasis.Core.Bar.Coffee;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Tools;

/// <summary>The last checked pull was not as the recipe wants it.</summary>
internal sealed class ShotOutsideTheWindow() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "shot-window";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at) =>
        at.Line.Facts.Recipe is { LastPull: { } pull } recipe
        && PullVerdict.On(pull, recipe, at.Bar.House.Serving.YieldTolerance) is { IsGood: false } verdict
            ? Found(at, Severity.Warning, $"the last checked pull of {at.Ingredient.Name} was off. {verdict.Words}")
            : null;
}
