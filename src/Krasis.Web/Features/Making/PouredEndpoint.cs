using System.Globalization;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Exchange.Pouring;
using Krasis.Exchange.Sheets;
using Krasis.Store;
using Krasis.Store.Makes;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Says what was really poured.</summary>
public static class PouredEndpoint
{
    /// <summary>Into how many of the last makes is looked: charts of more are no longer read, and it is to be quick
    /// however many there are.</summary>
    public const int MostMakes = 2000;

    private const int LastMakes = 50;

    public static void Map(IEndpointRouteBuilder routes)
    {
        var poured = routes.MapGroup("/api/poured").WithTags("Making");
        poured
            .MapGet("", Read)
            .WithSummary("What was poured in the last days: charts, what they tell, and what the drinks came to.")
            .Fails(422);
        poured
            .MapGet("/export.csv", Export)
            .WithSummary("Every pour since a day as comma-separated values.")
            .Produces<string>(200, "text/csv");
    }

    private static Results<Ok<PouredView>, ProblemResult> Read(int? days, KrasisFile file, TimeProvider clock)
    {
        if (days is < 1 or > 3660)
        {
            return ProblemResult.Fields([
                new(
                    "days",
                    days.Value.ToString(CultureInfo.InvariantCulture),
                    $"{days} is not a number of days to look back.",
                    "1 to 3660 days"
                ),
            ]);
        }

        var from = clock.GetUtcNow().AddDays(-(days ?? 21));
        var (count, makes, series) = file.Read(session =>
            (session.Makes.CountSince(from), session.Makes.Since(from, MostMakes), SeriesSince(session, from, clock))
        );
        return TypedResults.Ok(
            new PouredView(
                from,
                count,
                makes.Count,
                PourFindings.In(series),
                [.. series.Where(each => each.Who is null).OrderByDescending(each => each.Points.Count).Select(View)],
                PourBook.Drinks(Made(makes, clock)),
                [.. makes.Take(LastMakes).Select(Row)]
            )
        );
    }

    /// <summary>The series that the book holds since a moment.</summary>
    internal static IReadOnlyList<PourSeries> SeriesSince(Session session, DateTimeOffset from, TimeProvider clock) =>
        PourBook.Series(
            [.. session.Makes.Pours(from, MostMakes).Select(pour => InBook(pour, clock))],
            Made(session.Makes.Since(from, MostMakes), clock),
            session.Bar.Facts()
        );

    private static List<Made> Made(IReadOnlyList<MakeRow> makes, TimeProvider clock) =>
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
    private static DateOnly On(DateTimeOffset at, TimeProvider clock) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, clock.LocalTimeZone).DateTime);

    private static Pour InBook(PourRow pour, TimeProvider clock) =>
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

    private static SeriesView View(PourSeries series)
    {
        var chart = series.ToChart();
        return new SeriesView(series, ChartLimits.Of(chart), chart.Ranges, chart.Out);
    }

    private static MadeRow Row(MakeRow make) =>
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

    private static FileContentHttpResult Export(int? days, KrasisFile file, TimeProvider clock)
    {
        var pours = file.Read(session =>
            session.Makes.Pours(clock.GetUtcNow().AddDays(-Math.Clamp(days ?? 21, 1, 3660)), int.MaxValue)
        );
        return SheetResult.Csv(Sheet(pours, clock));
    }

    /// <summary>Pours as a table.</summary>
    internal static Sheet Sheet(IEnumerable<PourRow> pours, TimeProvider clock) =>
        PouredSheet.Of(
            pours.Select(pour => new PouredRow(
                pour.StartedAt,
                InBook(pour, clock),
                pour.Celsius is { } warm ? Celsius.From(warm) : null,
                pour.IsRight == 1
            ))
        );
}
