using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A pump's measured stroke is not what its maker says.</summary>
internal sealed class StrokeOffItsNominal : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "stroke-off-nominal";

    // Over 5 % is more than weighing strokes is unsure of (common practice, no source).
    private const double Tolerance = 0.05;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (worked.Amounts[i] > 0
                && line.Line.Set.Measure.Kind == MeasureKind.Stroke
                && setting.Bar.DispenserOf(line.Ingredient.Id) is { Nominal: { } nominal } pump
                && pump.Kind != DispenserKind.Bottle
                && Math.Abs((pump.YieldPerStroke / nominal) - 1) > Tolerance + 1e-9)
            {
                yield return new Finding(
                    Name,
                    Severity.Note,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: a stroke of {pump.Name} measures {Say.Short(pump.YieldPerStroke.Value)} ml, not the {Say.Short(nominal.Value)} ml that its maker says. The sheet goes by the measured stroke.",
                    null);
            }
        }
    }
}
