using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Starting;

/// <summary>Settles the sizes of a proposal beside its reference: as like it as whole shots and strokes allow, full, and
/// without more caffeine than the house sells.</summary>
internal static class ProposedSizes
{
    // Below this share of its working volume a cup looks half empty (common practice, no source).
    private const double Full = 0.85;

    /// <summary>Settles every size. Whole strokes and shots may leave no size like another: then a stroke more or less
    /// in the reference is tried, and a shot less.</summary>
    /// <param name="build">The proposal, settled at the reference.</param>
    /// <param name="bar">The bar.</param>
    public static BuildDocument Settle(BuildDocument build, BarFacts bar)
    {
        var best = Alike(build, bar);
        var fewest = Warnings(best, bar);
        foreach (var reference in fewest == 0 ? [] : References(build, bar))
        {
            var other = Alike(reference, bar);
            if (Warnings(other, bar) is var found && found < fewest)
            {
                (best, fewest) = (other, found);
            }

            if (fewest == 0)
            {
                break;
            }
        }

        return best;
    }

    // The reference otherwise: a stroke more or less, a shot less, or both; filled again.
    private static IEnumerable<BuildDocument> References(BuildDocument build, BarFacts bar)
    {
        foreach (var shots in new[] { 0, -1 })
        {
            foreach (var strokes in new[] { 0, -1, 1 })
            {
                if (
                    (shots, strokes) != default
                    && With(build, "coffee", shots, bar) is { } fewer
                    && With(fewer, "flavour", strokes, bar) is { } with
                )
                {
                    yield return shots == 0 ? with : Fitting.Fill(with, bar);
                }
            }
        }
    }

    // So many of the bar's steps more of a line; null where it has no such line, or where nothing would be left of it.
    private static BuildDocument? With(BuildDocument build, string line, int steps, BarFacts bar)
    {
        if (steps == 0)
        {
            return build;
        }

        if (
            build.Lines.FirstOrDefault(each => each.Id == line) is not { Amount: { } said } changed
            || (line == "coffee" && changed.Measure != Measure.Shot.Code)
        )
        {
            return null;
        }

        var step =
            line == "coffee"
                ? 1
                : BarRounding.StepOf(
                    Measure.Find(changed.Measure)!,
                    bar.Find(new IngredientId(changed.Ingredient!))!,
                    bar
                );
        return said + (steps * step) is > 0 and var amount
            ? build with
            {
                Lines = [.. build.Lines.Select(each => each == changed ? each with { Amount = amount } : each)],
            }
            : null;
    }

    private static int Warnings(BuildDocument build, BarFacts bar) =>
        Sheet(build, bar).Findings.Count(finding => finding.Severity != Severity.Note);

    // What whole strokes and shots make unlike the reference, too empty, or too strong to be sold is poured as comes
    // nearest to it.
    private static BuildDocument Alike(BuildDocument build, BarFacts bar)
    {
        foreach (var size in build.Sizes.Where(size => size != build.ReferenceSize))
        {
            if (StandingOf(build, size, bar) != default)
            {
                build = Candidates(build, size, bar).MinBy(candidate => StandingOf(candidate, size, bar))!;
            }
        }

        return build;
    }

    // The build as it is and with a shot or two less, which keeps what grows with the cup; then what is advised for each
    // of these.
    private static IEnumerable<BuildDocument> Candidates(BuildDocument build, string size, BarFacts bar)
    {
        var asScaled = Enumerable
            .Range(0, 3)
            .Select(fewer => ShotsLess(build, size, fewer, bar))
            .OfType<BuildDocument>()
            .ToList();
        foreach (var with in asScaled)
        {
            yield return with;
        }

        foreach (var with in asScaled)
        {
            foreach (
                var way in Adviser.Advise(with, BuildReader.Read(with, bar, nameless: true).Value, bar, new(size)).Ways
            )
            {
                yield return way.Edits.Aggregate(with, BuildEdits.Apply);
            }
        }
    }

    private static BuildDocument? ShotsLess(BuildDocument build, string size, int fewer, BarFacts bar)
    {
        if (fewer == 0)
        {
            return build;
        }

        if (build.Lines.FirstOrDefault(line => line.Measure == Measure.Shot.Code) is not { } shots)
        {
            return null;
        }

        var now = Sheet(build, bar).Sizes.Single(each => each.Size.Value == size);
        var left = now.Lines.Single(cell => cell.Line.Value == shots.Id).Amount - fewer;
        return left < 1 ? null : BuildEdits.Apply(build, new CellEdit(new(shots.Id!), now.Size, left));
    }

    // Faults first, then warnings, then whether it looks half empty; all zero where nothing is amiss.
    private static (int Faults, int Warnings, int Empty) StandingOf(BuildDocument build, string size, BarFacts bar)
    {
        var sheet = Sheet(build, bar);
        var fill = sheet.Sizes.Single(each => each.Size.Value == size).Fill;
        var found = sheet.Findings.Where(finding => finding.Size.Value == size).ToList();
        return (
            found.Count(finding => finding.Severity == Severity.Fault),
            found.Count(finding => finding.Severity == Severity.Warning),
            fill.RoomLeft.Value > (1 - Full) * fill.WorkingVolume.Value ? 1 : 0
        );
    }

    private static BuildSheet Sheet(BuildDocument build, BarFacts bar) =>
        Mixer.Mix(BuildReader.Read(build, bar, nameless: true).Value, bar);
}
