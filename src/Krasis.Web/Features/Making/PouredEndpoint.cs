using System.Globalization;
using System.Text;
using Krasis.Core.Bar;
using Krasis.Core.Making.Pouring;
using Krasis.Exchange.Pouring;
using Krasis.Store;
using Krasis.Store.Makes;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Says what was really poured.</summary>
public static class PouredEndpoint
{
    /// <summary>Into how many of the last makes is looked: charts of more are no longer read, and it is to be quick however many there are.</summary>
    public const int MostMakes = 2000;

    // So many points are drawn of a series.
    private const int MostPoints = 120;
    private const int LastMakes = 50;

    public static void Map(IEndpointRouteBuilder routes)
    {
        var poured = routes.MapGroup("/api/poured").WithTags("Making");
        poured.MapGet("", Read).WithSummary("What was poured in the last days: charts, what they tell, and what the drinks came to.").Fails(422);
        poured.MapGet("/export.csv", Export).WithSummary("Every pour since a day as comma-separated values.").Produces<string>(200, "text/csv");
    }

    private static Results<Ok<PouredView>, ProblemResult> Read(int? days, KrasisFile file, TimeProvider clock)
    {
        if (days is < 1 or > 3660)
        {
            return ProblemResult.Fields([new("days", days.Value.ToString(CultureInfo.InvariantCulture), $"{days} is not a number of days to look back.", "1 to 3660 days")]);
        }

        var from = clock.GetUtcNow().AddDays(-(days ?? 21));
        var (count, makes, pours, bar) = file.Read(session => (session.Makes.CountSince(from), session.Makes.Since(from, MostMakes), session.Makes.Pours(from, MostMakes), session.Bar.Facts()));
        var made = makes.Where(make => make.IsDone == 1).ToList();
        List<PourSeries> series = [.. Series(pours, bar, clock), .. made.GroupBy(make => (make.Drink, make.Station)).Select(group => Strengths(group, clock)).Where(each => each.Points.Count > 0)];
        return TypedResults.Ok(new PouredView(
            from,
            count,
            makes.Count,
            PourFindings.In(series),
            [.. series.Where(each => each.Who is null).OrderByDescending(each => each.Points.Count).Select(View)],
            [.. made.GroupBy(make => make.Drink).Select(Drink).OrderByDescending(drink => drink.Makes)],
            [.. makes.Take(LastMakes).Select(Row)]));
    }

    // Of each dispenser or hand at a station, of each person's hand, and of each recipe.
    private static List<PourSeries> Series(IReadOnlyList<PourRow> pours, BarFacts bar, TimeProvider clock)
    {
        var given = pours.Where(pour => pour.Target > 0 && pour.Recipe is null).ToList();
        var found = new List<PourSeries>();
        foreach (var group in given.GroupBy(pour => (pour.Dispenser, pour.What, pour.Station)))
        {
            var dispenser = bar.Dispensers.FirstOrDefault(known => known.Id == group.Key.Dispenser);
            found.Add(new PourSeries(
                group.Key.Dispenser is null ? SeriesOf.Hand : SeriesOf.Dispenser,
                group.Key.Dispenser ?? group.Key.What,
                dispenser?.Name ?? group.Key.What,
                group.Key.Station,
                null,
                Points(group, Off, clock)));
        }

        foreach (var group in given.Where(pour => pour.Dispenser is null && pour.Who is not null).GroupBy(pour => (pour.What, pour.Station, pour.Who)))
        {
            found.Add(new PourSeries(SeriesOf.Person, group.Key.What, group.Key.What, group.Key.Station, group.Key.Who, Points(group, Off, clock)));
        }

        foreach (var group in pours.Where(pour => pour is { Recipe: not null, Seconds: not null }).GroupBy(pour => (pour.Recipe, pour.Station)))
        {
            var window = bar.Stations.Select(station => bar.At(station)).Prepend(bar)
                .SelectMany(here => here.Ingredients.SelectMany(ingredient => here.RecipesOf(ingredient.Id))).FirstOrDefault(recipe => recipe.Name == group.Key.Recipe)?.Window;
            found.Add(new PourSeries(SeriesOf.Pull, group.Key.Recipe!, group.Key.Recipe!, group.Key.Station, null, Points(group, pour => pour.Seconds!.Value, clock)) { WindowFrom = window?.From, WindowTo = window?.To });
        }

        return found;
    }

    // The bar's day.
    private static DateOnly On(DateTimeOffset at, TimeProvider clock) => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, clock.LocalTimeZone).DateTime);

    private static double Off(PourRow pour) => ((pour.Grams / pour.Target) - 1) * 100;

    private static IReadOnlyList<PourPoint> Points(IEnumerable<PourRow> pours, Func<PourRow, double> value, TimeProvider clock) =>
        [.. pours.TakeLast(MostPoints).Select(pour => new PourPoint(On(pour.At, clock), Math.Round(value(pour), 3)))];

    private static SeriesView View(PourSeries series)
    {
        var chart = series.ToChart();
        return new SeriesView(series, ChartLimits.Of(chart), chart.Ranges, chart.Out);
    }

    // How far each was from its standard in strength, where that is known; the last came first.
    private static PourSeries Strengths(IGrouping<(string Drink, string? Station), MakeRow> makes, TimeProvider clock) => new(
        SeriesOf.Drink,
        makes.Key.Drink,
        makes.Key.Drink,
        makes.Key.Station,
        null,
        [.. makes.Where(make => make.Strength is not null).Reverse().TakeLast(MostPoints).Select(make => new PourPoint(On(make.At, clock), Math.Round(make.Strength!.Value, 3)))]);

    private static PouredDrink Drink(IGrouping<string, MakeRow> makes)
    {
        var seconds = makes.Select(make => make.Seconds).Order().ToList();
        return new PouredDrink(makes.Key, seconds.Count, (seconds[(seconds.Count - 1) / 2] + seconds[seconds.Count / 2]) / 2, makes.Count(make => make.IsAllowed == 1));
    }

    private static MadeRow Row(MakeRow make) => new(
        make.Id, make.Build, make.Drink, make.SizeName, make.Standard, make.Station, make.Who, make.At, make.Seconds, make.IsDone == 1, make.Strength, make.Sweetness, make.IsAllowed is { } allowed ? allowed == 1 : null);

    private static FileContentHttpResult Export(int? days, KrasisFile file, TimeProvider clock)
    {
        var pours = file.Read(session => session.Makes.Pours(clock.GetUtcNow().AddDays(-Math.Clamp(days ?? 21, 1, 3660)), int.MaxValue));
        var csv = PouredCsv.Write(pours.Select(pour => new PouredRow(pour.StartedAt, pour.Station, pour.Who, pour.What, pour.Dispenser, pour.Recipe, pour.Target, pour.Grams, pour.Seconds)));
        return TypedResults.File(Encoding.UTF8.GetBytes(csv), "text/csv; charset=utf-8", "krasis-poured.csv");
    }
}
