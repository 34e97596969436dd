using Krasis.Core.Bar;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A count of strokes, shots or cubes that was set or pinned cannot be poured, because this bar gives only whole
/// ones, or halves. Amounts by volume and on the scale are the lead's own business.</summary>
internal sealed class NotPourable : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "not-pourable";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = size.Lines[i];
            var quantity = worked.Lines[i].Line.Set.With(worked.Amounts[i]);
            if (quantity.Measure.Kind is not (MeasureKind.Stroke or MeasureKind.Shot or MeasureKind.Piece) || BarRounding.IsPourable(quantity, line.Step))
            {
                continue;
            }

            var nearest = BarRounding.Round(quantity, line.Step);
            yield return new Finding(
                Name,
                Severity.Fault,
                size.Size,
                line.Line,
                $"{size.Name}: {quantity} of {line.IngredientName} cannot be poured; this bar gives {(line.Step < 1 ? "half" : "whole")} {quantity.Measure.Plural} only.",
                Mend.Cells($"Make it {nearest}", new CellEdit(line.Line, size.Size, nearest.Amount)));
        }
    }
}
