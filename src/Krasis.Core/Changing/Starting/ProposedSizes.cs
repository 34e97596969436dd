using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Starting;

/// <summary>Settles the sizes of a proposal beside its reference: as like it as whole shots and strokes allow, full, and
/// without more caffeine than the house sells. The reference itself is near what the house sells already.</summary>
internal static class ProposedSizes
{
    // Below this share of its working volume a cup looks half empty (common practice, no source).
    private const double Full = 0.85;

    // The shares of the proposed amount of a brewed coffee that are tried (no source).
    private static readonly double[] BrewShares = [1, 0.9, 1.1, 0.8, 1.2, 0.7, 1.35, 1.5];

    /// <summary>Settles every size. With whole strokes and shots, sizes may differ too much, or the drink may be far from
    /// what the house sells. Then it tries the reference with a stroke or a shot more or less, or with another amount of
    /// brewed coffee.</summary>
    /// <param name="build">The proposal, settled at the reference.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="sold">How strong the house's drinks on that base are, %; null where it sells none.</param>
    public static BuildDocument Settle(BuildDocument build, BarFacts bar, double? sold = null)
    {
        IEnumerable<BuildDocument> references = References(build, bar, sold is not null);
        if (sold is { } percent)
        {
            // All within the allowed drift are equally good, and keep their order.
            references = references.OrderBy(each =>
                Math.Max(0, Off(each, bar, percent) - bar.House.AllowedStrengthDrift.Value)
            );
        }

        var (best, fewest) = (build, int.MaxValue);
        foreach (var reference in references)
        {
            var alike = Alike(reference, bar);
            if (Warnings(alike, bar) is var found && found < fewest)
            {
                (best, fewest) = (alike, found);
            }

            if (fewest == 0)
            {
                break;
            }
        }

        return best;
    }

    // How far the reference's strength is from what is sold, %.
    private static double Off(BuildDocument build, BarFacts bar, double sold) =>
        Drift.Of(sold, Sheet(build, bar).Sizes.Single(size => size.IsReference).Taste.Poured.Strength?.Value)
            is { } drift
            ? Math.Abs(drift.Value)
            : double.PositiveInfinity;

    // The reference as proposed, then with a stroke more or less, a shot less, or both. To get near what is sold, also a
    // shot more, and other amounts of a brewed coffee.
    private static IEnumerable<BuildDocument> References(BuildDocument build, BarFacts bar, bool isNear)
    {
        foreach (var shots in isNear ? [0, -1, 1] : new[] { 0, -1 })
        {
            foreach (var share in isNear && shots == 0 ? BrewShares : [1])
            {
                foreach (var strokes in new[] { 0, -1, 1 })
                {
                    if (
                        With(build, "coffee", shots, bar) is { } other
                        && Brewed(other, share, bar) is { } brewed
                        && With(brewed, "flavour", strokes, bar) is { } with
                    )
                    {
                        yield return shots == 0 ? with : Fitting.Fill(with, bar);
                    }
                }
            }
        }
    }

    // With a share of its brewed coffee, the difference made up with milk. Null if it has no brewed coffee, or not enough
    // milk.
    private static BuildDocument? Brewed(BuildDocument build, double share, BarFacts bar)
    {
        if (share == 1)
        {
            return build;
        }

        if (
            build.Lines.FirstOrDefault(each => each.Id == "coffee") is not { Amount: { } said } coffee
            || build.Lines.FirstOrDefault(each => each.Id == "milk") is not { Amount: { } milk } filler
            || coffee.Measure != Measure.Millilitre.Code
            || filler.Measure != Measure.Millilitre.Code
        )
        {
            return null;
        }

        var step = BarRounding.StepOf(Measure.Millilitre, bar.Find(new IngredientId(coffee.Ingredient!))!, bar);
        var amount = BarRounding.Round(said * share, step);
        var left = milk - (amount - said);
        return amount > 0 && left > 0
            ? build with
            {
                Lines =
                [
                    .. build.Lines.Select(each =>
                        each == coffee ? each with { Amount = amount }
                        : each == filler ? each with { Amount = left }
                        : each
                    ),
                ],
            }
            : null;
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
