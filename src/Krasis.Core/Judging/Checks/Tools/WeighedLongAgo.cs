using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Tools;

/// <summary>A pump's strokes were weighed longer ago than the house lets it be.</summary>
internal sealed class WeighedLongAgo() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "weighed-long-ago";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var good = at.Bar.House.CalibrationDays;
        return
            at.Whole.Today is { } today
            && at.Amount.Measure.Kind == MeasureKind.Stroke
            && at.Bar.DispenserOf(at.Ingredient.Id) is { WeighedOn: { } day } pump
            && today.DayNumber - day.DayNumber > good
            ? Found(
                at,
                Severity.Note,
                $"the strokes of {pump.Name} were weighed {today.DayNumber - day.DayNumber} days ago. The house weighs them again after {good}."
            )
            : null;
    }
}
