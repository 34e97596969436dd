using Krasis.Core.Bar;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks;

/// <summary>The card says an amount in two measures, and they are not the same at this bar: "2 strokes or 50 ml" on a pump of
/// 7.5 ml.</summary>
internal sealed class StatedPairContradicts() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "stated-pair";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (at.Line.Line.Stated is not { } stated || !Dosing.Contradict(at.Amount, stated, at.Ingredient, at.Bar))
        {
            return null;
        }

        var set = Dosing.Convert(at.Amount, stated.Measure, at.Ingredient, at.Bar, "stated");
        var same = set.IsRead ? new Quantity(Math.Round(set.Value.Amount, 1), stated.Measure).ToString() : null;
        return Found(
            at,
            Severity.Warning,
            $"{at.Amount} of {at.Ingredient.Name} is said to be {stated}, but at this bar it is {same ?? "something else"}.",
            at.Change(same is null ? "Say it once only" : $"Say {same}", LineField.Stated, same));
    }
}
