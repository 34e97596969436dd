using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A pump's strokes were weighed longer ago than the house lets it be.</summary>
internal sealed class WeighedLongAgo : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "weighed-long-ago";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference || setting.Today is not { } today)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (worked.Amounts[i] > 0
                && line.Line.Set.Measure.Kind == MeasureKind.Stroke
                && setting.Bar.DispenserOf(line.Ingredient.Id) is { WeighedOn: { } day } pump
                && today.DayNumber - day.DayNumber > setting.Bar.House.CalibrationDays)
            {
                yield return new Finding(
                    Name,
                    Severity.Note,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: the strokes of {pump.Name} were weighed {today.DayNumber - day.DayNumber} days ago. The house weighs them again after {setting.Bar.House.CalibrationDays}.",
                    null);
            }
        }
    }
}
