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

    /// <summary>Settles every size. Whole strokes may leave no size like another: then a stroke more or less in the
    /// reference is tried.</summary>
    /// <param name="build">The proposal, settled at the reference.</param>
    /// <param name="bar">The bar.</param>
    public static BuildDocument Settle(BuildDocument build, BarFacts bar)
    {
        var first = Alike(build, bar);
        var fewest = Warnings(first, bar);
        if (fewest == 0 || build.Lines.FirstOrDefault(line => line.Id == "flavour") is not { Amount: { } said } flavour)
        {
            return first;
        }

        var step = BarRounding.StepOf(
            Measure.Find(flavour.Measure)!,
            bar.Find(new IngredientId(flavour.Ingredient!))!,
            bar
        );
        foreach (var amount in new[] { said - step, said + step }.Where(amount => amount > 0))
        {
            var other = Alike(
                build with
                {
                    Lines = [.. build.Lines.Select(line => line == flavour ? line with { Amount = amount } : line)],
                },
                bar
            );
            if (Warnings(other, bar) is var found && found < fewest)
            {
                (first, fewest) = (other, found);
            }
        }

        return first;
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

    // The build as it is, with what is advised, and with a shot or two less and what is advised then.
    private static IEnumerable<BuildDocument> Candidates(BuildDocument build, string size, BarFacts bar)
    {
        for (var fewer = 0; fewer <= 2; fewer++)
        {
            if (ShotsLess(build, size, fewer, bar) is not { } with)
            {
                yield break;
            }

            yield return with;
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
