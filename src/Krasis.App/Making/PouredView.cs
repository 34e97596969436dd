using Krasis.Core.Making.Pouring;

namespace Krasis.App.Making;

/// <summary>What was poured at the bar.</summary>
/// <param name="From">Since when.</param>
/// <param name="Makes">How many drinks were made since then.</param>
/// <param name="Read">Into how many of the last of them was looked.</param>
/// <param name="Findings">What it tells.</param>
/// <param name="Series">The pours of each thing at each station, the busiest first.</param>
/// <param name="Drinks">What each drink came to.</param>
/// <param name="Last">The last makes.</param>
public sealed record PouredView(
    DateTimeOffset From,
    long Makes,
    int Read,
    IReadOnlyList<PourFinding> Findings,
    IReadOnlyList<SeriesView> Series,
    IReadOnlyList<PouredDrink> Drinks,
    IReadOnlyList<MadeRow> Last
);

/// <summary>A series with its chart.</summary>
/// <param name="Series">The series.</param>
/// <param name="Chart">Its limits.</param>
/// <param name="Ranges">How far each value but the first is from the one before.</param>
/// <param name="Out">The places of the values that are no chance.</param>
public sealed record SeriesView(
    PourSeries Series,
    ChartLimits Chart,
    IReadOnlyList<double> Ranges,
    IReadOnlyList<int> Out
);

/// <summary>The limits of a chart; null where there are too few values.</summary>
public sealed record ChartLimits(double Centre, double? Lower, double? Upper, double? RangeCentre, double? RangeUpper)
{
    /// <summary>Of a chart with a value at the least.</summary>
    public static ChartLimits Of(IndividualsChart chart)
    {
        return new ChartLimits(
            chart.Centre,
            Known(chart.Lower),
            Known(chart.Upper),
            Known(chart.RangeCentre),
            Known(chart.RangeUpper)
        );

        static double? Known(double value) => double.IsFinite(value) ? value : null;
    }
}

/// <summary>One make in a list.</summary>
public sealed record MadeRow(
    string Id,
    string Build,
    string Drink,
    string Size,
    long? Standard,
    string? Station,
    string? Who,
    DateTimeOffset At,
    double Seconds,
    bool IsDone,
    double? Strength,
    double? Sweetness,
    bool? IsAllowed
);
