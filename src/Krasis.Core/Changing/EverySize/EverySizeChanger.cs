using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.EverySize;

/// <summary>Changes one thing of a drink in every size at once: one stroke less, half as sweet, as strong as another
/// drink.</summary>
public static class EverySizeChanger
{
    /// <summary>The build with the change, and what every size comes to.</summary>
    /// <param name="document">The build.</param>
    /// <param name="wish">What is to change.</param>
    /// <param name="bar">The bar that pours it.</param>
    /// <returns>The changed build with every size before and after. A problem if the build cannot be read, if not exactly
    /// one change is asked for, or if nothing would change.</returns>
    public static Reading<EverySizeChanged> Change(BuildDocument document, EverySizeWish wish, BarFacts bar)
    {
        var read = BuildReader.Read(document, bar, nameless: true);
        if (!read.IsRead)
        {
            return Reading<EverySizeChanged>.Failed(read.Problems);
        }

        var before = Mixer.Mix(read.Value, bar);
        var changed = wish switch
        {
            { Line: { } line, Sweet: null, StrongAs: null } => MoreInEverySize.Of(document, line, before, bar),
            { Line: null, Sweet: { } share, StrongAs: null } => Sweetened(document, share, bar),
            { Line: null, Sweet: null, StrongAs: { } other } => StrengthOfAnother.Of(
                document,
                read.Value,
                other,
                before,
                bar
            ),
            _ => Problem.At(
                "wish",
                null,
                "Choose one thing to change.",
                "a line, how sweet it is, or a drink to be as strong as"
            ),
        };
        if (!changed.IsRead)
        {
            return Reading<EverySizeChanged>.Failed(changed.Problems);
        }

        var after = BuildReader.Read(changed.Value.Build, bar, nameless: true);
        return after.IsRead
            ? Reading<EverySizeChanged>.Of(Tell(before, Mixer.Mix(after.Value, bar), changed.Value))
            : Reading<EverySizeChanged>.Failed(after.Problems);
    }

    private static Reading<ChangedBuild> Sweetened(BuildDocument document, double share, BarFacts bar)
    {
        var transformed = Transformer.LessSweet(document, share, bar);
        if (!transformed.IsRead)
        {
            return Reading<ChangedBuild>.Failed(transformed.Problems);
        }

        var (build, changes) = transformed.Value;
        return changes.Count == 0
            ? Problem.At("sweet", null, "Nothing in the drink can be made less sweet.", "a drink with a syrup or sauce")
            : Reading<ChangedBuild>.Of(new(build, [.. changes.Select(change => $"{change.What} {change.Why}")]));
    }

    private static EverySizeChanged Tell(BuildSheet before, BuildSheet after, ChangedBuild changed) =>
        new(
            changed.Build,
            [.. before.Sizes.Zip(after.Sizes, One)],
            changed.Said,
            [.. ChangeFindings.Between(before, after).Select(finding => finding.Message)]
        );

    private static ChangedSize One(SizeSheet was, SizeSheet will) =>
        new(
            was.Size,
            was.Name,
            [.. Amounts(was, will)],
            was.Taste.Poured.Strength,
            will.Taste.Poured.Strength,
            Drift.Of(was.Taste.Poured.Sweetness?.Value, will.Taste.Poured.Sweetness?.Value),
            was.Fill.RoomLeft,
            will.Fill.RoomLeft
        );

    // The lines whose poured amount changes, however the amount was entered.
    private static IEnumerable<ChangedAmount> Amounts(SizeSheet was, SizeSheet will)
    {
        foreach (var line in was.Lines)
        {
            var (now, then) = (
                Words(line),
                will.Lines.FirstOrDefault(cell => cell.Line == line.Line) is { } cell ? Words(cell) : null
            );
            if (now != then)
            {
                yield return new(line.Line, line.IngredientName, now, then);
            }
        }

        foreach (var line in will.Lines.Where(cell => was.Lines.All(known => known.Line != cell.Line)))
        {
            yield return new(line.Line, line.IngredientName, null, Words(line));
        }
    }

    private static string Words(SheetLine line) => new Quantity(line.Amount, Measure.Find(line.Measure)!).ToString();
}
