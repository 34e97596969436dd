using System.Globalization;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Pouring;

/// <summary>Finds in what was poured what is no chance: a pump that has drifted, a habit, a grind that runs
/// away.</summary>
public static class PourFindings
{
    /// <summary>How many of the last pours are looked at.</summary>
    public const int Last = 20;

    /// <summary>Of fewer than so many nothing is said.</summary>
    public const int Least = 10;

    /// <summary>By how much a mean must be off to be spoken of, %: below it no guest tastes it (common practice, no
    /// source).</summary>
    public const double LeastPercent = 3;

    /// <summary>By how much drinks must be off in strength to be spoken of, %: what goes into them differs in many ways
    /// (common practice, no source).</summary>
    public const double LeastPercentOfDrinks = 5;

    /// <summary>By how much pulls must have changed to be spoken of, s (common practice, no source).</summary>
    public const double LeastSeconds = 2;

    // A mean is no chance when it is so many standard errors off; a place where pulls changed is the best of many, and
    // must be further.
    private const double Errors = 3;
    private const double ShiftErrors = 5;

    /// <summary>What there is to be said of some series, what is furthest off first. What one person alone does is said
    /// of that person, and what all of them do of nobody.</summary>
    public static IReadOnlyList<PourFinding> In(IReadOnlyList<PourSeries> series)
    {
        var found = series.Select(Of).OfType<PourFinding>().ToList();
        var people = series
            .Where(each => each.Of == SeriesOf.Person && each.Points.Count >= Least)
            .ToLookup(each => (each.Id, each.Station));
        return [.. found.Where(IsSaid).OrderByDescending(finding => Math.Abs(finding.By))];

        bool IsSaid(PourFinding finding)
        {
            var key = (finding.Id, finding.Station);
            var theirs = found.Count(other =>
                other.Of == SeriesOf.Person
                && (other.Id, other.Station) == key
                && Math.Sign(other.By) == Math.Sign(finding.By)
            );
            return finding.Of switch
            {
                SeriesOf.Person => theirs < people[key].Count() || people[key].Count() == 1,
                SeriesOf.Hand => theirs == 0 || (theirs == people[key].Count() && theirs > 1),
                _ => true,
            };
        }
    }

    // How long a drink takes is looked at, and is nothing to be put right.
    private static PourFinding? Of(PourSeries series) =>
        series.Of switch
        {
            SeriesOf.Pull => Changed(series),
            SeriesOf.Time => null,
            _ => Drifted(series),
        };

    private static PourFinding? Drifted(PourSeries series)
    {
        var last = series.Points.TakeLast(Last).Select(point => point.Value).ToList();
        if (last.Count < Least)
        {
            return null;
        }

        var mean = last.Average();
        var error = Math.Sqrt(last.Sum(value => (value - mean) * (value - mean)) / (last.Count - 1) / last.Count);
        if (
            Math.Abs(mean) < (series.Of == SeriesOf.Drink ? LeastPercentOfDrinks : LeastPercent)
            || Math.Abs(mean) < Errors * error
        )
        {
            return null;
        }

        var (by, at) = (
            $"{Say.Whole(Math.Abs(mean))} % {(mean > 0 ? "over" : "under")}",
            series.Station is null ? "" : $" at the {series.Station}"
        );
        var says = series.Of switch
        {
            SeriesOf.Dispenser => $"{series.Name}{at} pours {by} in the last {last.Count}: weigh it.",
            SeriesOf.Drink =>
                $"{series.Name}{at} comes out {Say.Whole(Math.Abs(mean))} % {(mean > 0 ? "stronger" : "weaker")} than its standard in the last {last.Count}: look at its shots and its milk.",
            SeriesOf.Person =>
                $"{series.Who} pours {series.Name}{at} {by} in the last {last.Count}: show the mark on the cup.",
            _ =>
                $"{series.Name}{at} is poured {by} in the last {last.Count}: look at the mark, or change the standard.",
        };
        return new PourFinding(series.Of, series.Id, series.Station, series.Who, says, mean);
    }

    private static PourFinding? Changed(PourSeries series)
    {
        if (
            MeanShift.Find([.. series.Points.Select(point => point.Value)]) is not { } shift
            || shift.Score < ShiftErrors
            || Math.Abs(shift.After - shift.Before) < LeastSeconds
        )
        {
            return null;
        }

        var by = shift.After - shift.Before;
        var since = series.Points[shift.At].On.ToString("dddd d MMMM", CultureInfo.InvariantCulture);
        return new PourFinding(
            series.Of,
            series.Id,
            series.Station,
            series.Who,
            $"{series.Name}{(series.Station is null ? "" : $" at the {series.Station}")} runs {Say.Whole(Math.Abs(by))} s {(by < 0 ? "fast" : "slow")} since {since}: grind {(by < 0 ? "finer" : "coarser")}.",
            by
        );
    }
}
