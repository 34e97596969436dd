using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Advising;

/// <summary>Tries what the bar can really pour into a size, and says which comes nearest to the reference.</summary>
public static class Adviser
{
    /// <summary>How many ways are given.</summary>
    public const int Best = 5;

    // Of so many of the ways that look best, the build is worked out as a whole.
    private const int Finalists = 24;

    /// <summary>The best ways of pouring one size.</summary>
    /// <param name="document">The build as it was entered.</param>
    /// <param name="build">The same, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="size">One of the build's sizes.</param>
    /// <returns>At most <see cref="Best"/>, the best first; none when nothing that was tried fits. Where one is within
    /// what the house allows, they all are; where one brings no new warning with it, none does.</returns>
    /// <remarks>The largest coffee, every flavour, the ice and the largest milk (or water, or brewed coffee beside
    /// espresso) are varied in the bar's steps as far as the cup goes; every other line stays as it is poured. What
    /// does not fit below the reserve is dropped. The rest is ranked by w₁·|drift in strength| + w₂·|drift in
    /// sweetness|, with the house's weights, plus a tenth of the difference in fullness and half of that in ice. Each
    /// way that is given was applied to the build, and the build worked out with it.</remarks>
    /// <exception cref="ArgumentException">The build has no such size.</exception>
    public static IReadOnlyList<Advice> Advise(BuildDocument document, Build build, BarFacts bar, CupId size)
    {
        var worked = SizeWork.SettleAll(build, bar, build.School.Scaling);
        var reference = worked.Single(candidate => candidate.Size.Cup.Id == build.ReferenceSize);
        var own = worked.Find(candidate => candidate.Size.Cup.Id == size)
            ?? throw new ArgumentException($"The build has no size '{size}'.", nameof(size));
        var rank = new Ranking(bar.House, reference);
        var known = Mixer.Mix(build, bar).Findings.Select(finding => finding.Key).ToHashSet();
        var ways = Search
            .Best(own, rank, Finalists)
            .Select(amounts => Try(document, build, bar, own, amounts, rank))
            .OfType<Tried>()
            .ToList();
        ways = Where(ways, way =>
            !Drift.IsBeyond(way.Advice.Strength, bar.House.AllowedStrengthDrift)
            && !Drift.IsBeyond(way.Advice.Sweetness, bar.House.AllowedSweetnessDrift)
        );
        ways = Where(ways, way =>
            way.Sheet.Findings.All(finding => finding.Severity == Severity.Note || known.Contains(finding.Key))
        );
        return [.. ways.Select(way => way.Advice).OrderBy(way => way.Score).DistinctBy(way => way.Pour).Take(Best)];
    }

    // Those that are so, where any is.
    private static List<Tried> Where(List<Tried> ways, Predicate<Tried> are) =>
        ways.Exists(are) ? ways.FindAll(are) : ways;

    // Pins all that it relies on, and says what the build then comes to; null when it does not fit after all.
    private static Tried? Try(
        BuildDocument document,
        Build build,
        BarFacts bar,
        WorkedSize own,
        double[] amounts,
        Ranking rank
    )
    {
        var isOther = own.Lines.Any(line => Math.Abs(amounts[line.Index] - line.Amount) > 1e-9);
        var edits = own
            .Lines.Where(line =>
                isOther
                && line.Mark is null
                && (line.Origin == Origin.Scaled ? Relies(line) : Math.Abs(amounts[line.Index] - line.Amount) > 1e-9)
            )
            .Select(line => new CellEdit(line.Line.Id, own.Size.Cup.Id, amounts[line.Index]))
            .ToList();
        var read = BuildReader.Read(edits.Aggregate(document, BuildEdits.Apply), bar, nameless: true);
        if (!read.IsRead)
        {
            return null;
        }

        var settled = SizeWork.SettleAll(read.Value, bar, build.School.Scaling);
        var poured = settled.Single(one => one.Size.Cup.Id == own.Size.Cup.Id);
        var content = poured.Poured;
        if (content.Occupied > own.Size.WorkingVolume.Value + 1e-6)
        {
            return null;
        }

        var strength = Drift.Of(rank.Standard.Strength, content.Strength);
        var sweetness = Drift.Of(rank.Standard.Sweetness, content.Sweetness);
        var room = Millilitres.From(own.Size.WorkingVolume.Value - content.Occupied);
        var (strong, sweet) = DriftWords.Of(strength, sweetness, "the reference");
        var advice = new Advice(
            edits,
            string.Join(
                ", ",
                poured
                    .Lines.Where(line => line.IsPoured)
                    .Select(line => $"{line.Line.Set.With(line.Amount)} of {line.Ingredient.Name}")
            ),
            strength,
            sweetness,
            room,
            rank.Score(content, own.Size.WorkingVolume.Value),
            $"{strong}, {sweet}; {Math.Round(room.Value).ToString(CultureInfo.InvariantCulture)} ml of room left."
        );
        return new Tried(advice, Mixer.Mix(read.Value, bar));
    }

    // A way, and the sheet with it.
    private sealed record Tried(Advice Advice, BuildSheet Sheet);

    // What the way is made of, and what would follow it if it were not said: pinned, so that it stays as it is
    // described.
    private static bool Relies(WorkedLine line) =>
        Search.IsVaried(line)
        || line.Facts.Rule.By is ScaleBy.Share or ScaleBy.Rest or ScaleBy.Coffee or ScaleBy.Sweetness;
}
