using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Exchange.Pouring;
using Krasis.Exchange.Sheets;
using Krasis.Store;
using Krasis.Store.Makes;

namespace Krasis.App.Making;

/// <summary>Reads the pour log.</summary>
public static class PourLog
{
    /// <summary>Into how many of the last makes is looked: charts of more are no longer read, and it is to be quick
    /// however many there are.</summary>
    public const int MostMakes = 2000;

    /// <summary>The series that the book holds since a moment.</summary>
    public static IReadOnlyList<PourSeries> SeriesSince(Session session, DateTimeOffset from, TimeProvider clock) =>
        PourBook.Series(
            [.. session.Makes.Pours(from, MostMakes).Select(pour => InBook(pour, clock))],
            Made(session.Makes.Since(from, MostMakes), clock),
            session.Bar.Facts()
        );

    public static List<Made> Made(IReadOnlyList<MakeRow> makes, TimeProvider clock) =>
        [
            .. makes
                .Where(make => make.IsDone == 1)
                .Reverse()
                .Select(make => new Made(
                    On(make.At, clock),
                    make.Drink,
                    make.Station,
                    make.Seconds,
                    make.Strength is { } off ? Percent.From(off) : null,
                    make.IsAllowed == 1
                )),
        ];

    // The bar's day.
    public static DateOnly On(DateTimeOffset at, TimeProvider clock) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, clock.LocalTimeZone).DateTime);

    public static Pour InBook(PourRow pour, TimeProvider clock) =>
        new(
            On(pour.At, clock),
            pour.Station,
            pour.Who,
            pour.What,
            pour.Dispenser,
            pour.Recipe,
            Grams.From(pour.Target),
            Grams.From(pour.Grams),
            pour.Seconds
        );

    public static SeriesView View(PourSeries series)
    {
        var chart = series.ToChart();
        return new SeriesView(series, ChartLimits.Of(chart), chart.Ranges, chart.Out);
    }

    public static MadeRow Row(MakeRow make) =>
        new(
            make.Id,
            make.Build,
            make.Drink,
            make.SizeName,
            make.Standard,
            make.Station,
            make.Who,
            make.At,
            make.Seconds,
            make.IsDone == 1,
            make.Strength,
            make.Sweetness,
            make.IsAllowed is { } allowed ? allowed == 1 : null
        );

    /// <summary>Pours as a table.</summary>
    public static Sheet Sheet(IEnumerable<PourRow> pours, TimeProvider clock) =>
        PouredSheet.Of(
            pours.Select(pour => new PouredRow(
                pour.StartedAt,
                InBook(pour, clock),
                pour.Celsius is { } warm ? Celsius.From(warm) : null,
                pour.IsRight == 1
            ))
        );
}
