using Krasis.Core.Bar;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Amounts;

/// <summary>An amount that somebody has said cannot be poured as it is: this bar gives only whole strokes, shots and
/// cubes, or halves; and what is measured in ml or weighed, in steps.</summary>
internal sealed class NotPourable() : LineCheck(onlyReference: false)
{
    /// <inheritdoc/>
    public override string Name => "not-pourable";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var quantity = at.Amount;
        if (!at.Line.IsSaid || at.Line.Mark is not null || BarRounding.IsPourable(quantity, at.Line.Step))
        {
            return null;
        }

        var nearest = Math.Max(at.Line.Step, Nearest(at));
        return quantity.Measure.Kind is MeasureKind.Stroke or MeasureKind.Shot or MeasureKind.Piece
            ? Found(
                at,
                Severity.Fault,
                $"{quantity} of {at.Ingredient.Name} cannot be poured; this bar gives {(at.Line.Step < 1 ? "half" : "whole")} {quantity.Measure.Plural} only.",
                at.Make(nearest)
            )
            : Found(
                at,
                Severity.Warning,
                $"{quantity} of {at.Ingredient.Name} cannot be poured as exactly; this bar goes by steps of {quantity.With(at.Line.Step)}.",
                at.Make(nearest)
            );
    }

    // Up only where that does not fill the cup beyond its working volume.
    private static double Nearest(LineSetting at)
    {
        var near = BarRounding.Round(at.Amount, at.Line.Step).Amount;
        var amounts = at.Worked.Amounts();
        amounts[at.Line.Index] = near;
        return
            at.Size.Fill.RoomLeft.Value >= 0
            && at.Worked.With(amounts).Occupied > at.Worked.Size.WorkingVolume.Value + 1e-6
            ? BarRounding.RoundDown(at.Line.Amount, at.Line.Step)
            : near;
    }
}
