using Krasis.Core.Bar;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks;

/// <summary>A count of strokes, shots or cubes that was set or pinned cannot be poured, because this bar gives only whole
/// ones, or halves. Amounts by volume and on the scale are the lead's own business.</summary>
internal sealed class NotPourable() : LineCheck(onlyReference: false)
{
    /// <inheritdoc/>
    public override string Name => "not-pourable";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var quantity = at.Amount;
        return quantity.Measure.Kind is not (MeasureKind.Stroke or MeasureKind.Shot or MeasureKind.Piece) || BarRounding.IsPourable(quantity, at.Line.Step) || at.Line.Mark is not null
            ? null
            : Found(
                at,
                Severity.Fault,
                $"{quantity} of {at.Ingredient.Name} cannot be poured; this bar gives {(at.Line.Step < 1 ? "half" : "whole")} {quantity.Measure.Plural} only.",
                at.Make(BarRounding.Round(quantity, at.Line.Step).Amount));
    }
}
