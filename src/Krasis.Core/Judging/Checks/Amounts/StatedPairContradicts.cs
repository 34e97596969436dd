using Krasis.Core.Bar;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Amounts;

/// <summary>The card says an amount in two measures, and they are not the same at this bar: "2 strokes or 50 ml" on a
/// pump of 7.5 ml; or what it says in one place is not what it says in another.</summary>
internal sealed class StatedPairContradicts() : LineCheck(onlyReference: false)
{
    /// <inheritdoc/>
    public override string Name => "stated-pair";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (at.Line.StatedIn(at.Size.Size) is not { } stated)
        {
            return null;
        }

        if (Dosing.Contradict(at.Amount, stated, at.Ingredient, at.Bar))
        {
            var set = Dosing.Convert(at.Amount, stated.Measure, at.Ingredient, at.Bar, "stated");
            var same = set.IsRead ? new Quantity(Math.Round(set.Value.Amount, 1), stated.Measure).ToString() : null;
            return Found(
                at,
                Severity.Warning,
                $"{at.Amount} of {at.Ingredient.Name} {Is(at.Amount)} said to be {stated}, but at this bar {(at.Amount.Amount == 1 ? "it is" : "they are")} {same ?? "something else"}.",
                Say(at, same is null ? "Say it once only" : $"Say {same}", same)
            );
        }

        // Each is near enough to the pump; two of them may still be too far from each other.
        return Others(at)
            .Where(other => Differ(at.Amount, stated, other.Amount, other.Stated))
            .Select(other =>
                Found(
                    at,
                    Severity.Warning,
                    $"{at.Amount} of {at.Ingredient.Name} {Is(at.Amount)} said to be {stated}, but in {other.Where} {other.Amount} {Is(other.Amount)} said to be {other.Stated}.",
                    Say(at, "Say it once only", null)
                )
            )
            .FirstOrDefault();
    }

    private static string Is(Quantity quantity) => quantity.Amount == 1 ? "is" : "are";

    // Two statements in the same two measures; each says how much of the second there is in one of the first.
    private static bool Differ(Quantity amount, Quantity stated, Quantity other, Quantity again)
    {
        if (amount.Measure != other.Measure || stated.Measure != again.Measure)
        {
            return false;
        }

        var (one, two) = (stated.Amount / amount.Amount, again.Amount / other.Amount);
        return Math.Abs(one - two) > Dosing.PairTolerance * Math.Max(one, two);
    }

    // What was said of the same ingredient before: in the sizes before this one, and in the lines before it.
    private static IEnumerable<(string Where, Quantity Amount, Quantity Stated)> Others(LineSetting at)
    {
        foreach (var size in at.Whole.Worked)
        {
            foreach (var line in size.Lines)
            {
                if (size == at.Worked && line.Index >= at.Line.Index)
                {
                    yield break;
                }

                if (line.Ingredient.Id == at.Ingredient.Id && line.StatedIn(size.Size.Cup.Id) is { } stated)
                {
                    yield return (
                        size == at.Worked ? "another line" : size.Size.Cup.Name,
                        line.Line.Set.With(line.Amount),
                        stated
                    );
                }
            }
        }
    }

    private static Mend Say(LineSetting at, string label, string? text) =>
        at.Line.Line.PinnedStated.ContainsKey(at.Size.Size)
            ? Mend.Cells(label, new CellEdit(at.Line.Line.Id, at.Size.Size, at.Line.Amount) { Stated = text ?? "" })
            : at.Change(label, LineField.Stated, text);
}
