using Krasis.Core.Input;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Plans;
using Krasis.Exchange.Prep;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Prep;

/// <summary>What is expected to sell, and what was sold.</summary>
internal static class ExpectedEndpoints
{
    private const int MostDays = 28;
    private const int PastDays = 21;

    public static void Map(IEndpointRouteBuilder routes)
    {
        var prep = routes.MapGroup("/api/prep").WithTags("Prep");
        prep.MapGet("/expected", Grid)
            .WithSummary("What is expected to sell, by drink, size, station and day.")
            .Fails(400, 422);
        prep.MapPut("/expected", Say).WithSummary("Say how many cups there will be.").Fails(400, 404, 413, 422);
        prep.MapPut("/days/{day}", SetKind).WithSummary("Say what sort of day it is.").Fails(400, 413, 422);
        prep.MapGet("/past", Past)
            .WithSummary("What was sold on the last days, beside what the other days would have led to expect.");
    }

    private static Results<Ok<ExpectedView>, ProblemResult> Grid(
        DateOnly? from,
        int? days,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    )
    {
        if (days is < 1 or > MostDays)
        {
            return ProblemResult.Fields([
                new Problem(
                    "days",
                    $"{days}",
                    $"{days} is not a number of days to look ahead.",
                    $"1 to {MostDays} days"
                ),
            ]);
        }

        if (from is { Year: < 2000 or > 2140 })
        {
            return ProblemResult.Fields([
                new Problem(
                    "from",
                    Kitchen.Written(from.Value),
                    "That day is too far away.",
                    "a day from 2000 to 2140"
                ),
            ]);
        }

        return TypedResults.Ok(
            file.Read(session => View(session, Kitchen.Of(session, standards, clock), from, days ?? 7))
        );
    }

    private static ExpectedView View(Session session, Kitchen kitchen, DateOnly? from, int days)
    {
        var first = from ?? kitchen.Today;
        var expected = kitchen.Expected(session, first, days).ToDictionary(each => (each.Day, each.What));
        var dates = Enumerable.Range(0, days).Select(first.AddDays).ToList();
        var rows = kitchen
            .Needs.Keys.Concat(expected.Keys.Select(key => key.What))
            .Distinct()
            .OrderBy(what => kitchen.Drinks.GetValueOrDefault(what.Build), StringComparer.Ordinal)
            .ThenBy(what => kitchen.Stations.ToList().IndexOf(what.Station))
            .ThenBy(what => kitchen.Bar.Cups.Select(cup => cup.Id.Value).ToList().IndexOf(what.Size))
            .Select(what => new ExpectedRow(
                what.Station,
                StationName(kitchen, what.Station),
                what.Build,
                kitchen.Drinks.GetValueOrDefault(what.Build, "A drink that is gone"),
                what.Size,
                kitchen.CupName(what.Size),
                [.. dates.Select(day => Cell(expected.GetValueOrDefault((day, what)), day, kitchen))]
            ));
        return new ExpectedView(
            [
                .. dates.Select(day => new ExpectedDay(
                    day,
                    PlanWords.Day(day),
                    kitchen.Kinds.GetValueOrDefault(Kitchen.Written(day)),
                    kitchen.Facts.HoursOn(day).Opens is not null
                )),
            ],
            [.. rows],
            [
                .. kitchen
                    .Stations.Where(station => station.Length > 0)
                    .Prepend(null)
                    .Select(station => new StationTotal(
                        station,
                        [
                            .. dates.Select(day =>
                                expected
                                    .Values.Where(each =>
                                        each.Day == day && (station is null || each.What.Station == station)
                                    )
                                    .Sum(each => each.Mean)
                            ),
                        ]
                    )),
            ],
            [.. kitchen.Facts.Kinds.Select(kind => new KindChoice(kind.Id, kind.Name, kind.Factor * 100))],
            [
                .. kitchen
                    .Stations.Where(station => station.Length > 0)
                    .Select(station => new StationDispersion(
                        station,
                        StationName(kitchen, station),
                        kitchen.Learner.DispersionAt(station)
                    )),
            ]
        );
    }

    private static ExpectedCell Cell(Expected? expected, DateOnly day, Kitchen kitchen) =>
        expected is null
            ? new ExpectedCell(null, null, null, false)
            : new ExpectedCell(
                Math.Round(expected.Mean, 1),
                CountQuantile.Of(expected.Mean, expected.Variance, 0.1),
                CountQuantile.Of(expected.Mean, expected.Variance, 0.9),
                expected.IsTyped
            );

    internal static string StationName(Kitchen kitchen, string station) =>
        kitchen.Bar.Stations.FirstOrDefault(each => each.Id == station)?.Name ?? "";

    private static Results<Ok<ExpectedView>, ProblemResult> Say(
        SayRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Write<Results<Ok<ExpectedView>, ProblemResult>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            var fields = new FieldReader();
            var cells = (request.Cells ?? [])
                .Select(cell => cell ?? new SayCell(null, null, null, null, null))
                .ToList();
            if (cells.Count > 5000)
            {
                fields.Report("cells", $"{cells.Count}", $"There are {cells.Count} entries.", "at most 5000 at once");
            }

            if (request.From is { Year: < 2000 or > 2140 })
            {
                fields.Report(
                    "from",
                    Kitchen.Written(request.From.Value),
                    "That day is too far away.",
                    "a day from 2000 to 2140"
                );
            }

            var rows = cells.Take(5000).Select((cell, i) => Read(cell, $"cells[{i}]", kitchen, fields)).ToList();
            if (fields.Problems.Count > 0)
            {
                return ProblemResult.Fields(fields.Problems);
            }

            foreach (var (row, isSaid) in rows)
            {
                session.Prep.Expect(row, isSaid);
            }

            return TypedResults.Ok(View(session, kitchen, request.From, Math.Clamp(request.Days ?? 7, 1, MostDays)));
        });

    private static (CupsRow Row, bool IsSaid) Read(SayCell cell, string at, Kitchen kitchen, FieldReader fields)
    {
        var day = fields.Day($"{at}.day", cell.Day);
        if (day is null && string.IsNullOrWhiteSpace(cell.Day))
        {
            fields.Report(
                $"{at}.day",
                cell.Day,
                "It is not said for which day.",
                "a day as year-month-day, such as 2026-11-25"
            );
        }

        var what = new DrinkSize(cell.Station ?? "", cell.Build ?? "", cell.Size ?? "");
        if (!kitchen.Needs.ContainsKey(what) && cell.Cups is not null)
        {
            fields.Report(
                $"{at}.build",
                cell.Build,
                $"{kitchen.Drinks.GetValueOrDefault(what.Build, "It")} has no standard in that cup at that station.",
                "a drink that is published, in one of its sizes"
            );
        }

        // Parts of a cup come of averages that are typed.
        var cups = fields.Optional($"{at}.cups", cell.Cups, 0, SalesFile.MostCups, "cups");
        return (
            new CupsRow(Kitchen.Written(day ?? default), what.Station, what.Build, what.Size, cups ?? 0),
            cups is not null
        );
    }

    private static Results<NoContent, ProblemResult> SetKind(
        DateOnly day,
        KindRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Write<Results<NoContent, ProblemResult>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (request.Kind is { } kind && !kitchen.Facts.Kinds.Any(each => each.Id == kind))
            {
                return ProblemResult.Fields([
                    new Problem(
                        "kind",
                        kind,
                        "There is no such sort of day.",
                        string.Join(
                            ", ",
                            kitchen
                                .Facts.Kinds.Select(each => each.Id)
                                .DefaultIfEmpty("one that is entered under How we prepare")
                        )
                    ),
                ]);
            }

            session.Prep.SetKind(Kitchen.Written(day), request.Kind);
            return TypedResults.NoContent();
        });

    private static Ok<IReadOnlyList<PastDay>> Past(KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
        file.Read(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            return TypedResults.Ok<IReadOnlyList<PastDay>>([
                .. kitchen
                    .Sales.GroupBy(sold => sold.Day)
                    .Where(day => day.Key >= kitchen.Today.AddDays(-PastDays))
                    .OrderBy(day => day.Key)
                    .Select(day =>
                    {
                        // What the other days lead to expect, so that a day does not foretell itself.
                        var others = new SalesLearner(
                            kitchen.Sales.Where(sold => sold.Day != day.Key),
                            kitchen.FactorOn
                        );
                        var all = others.Drinks.Select(what => others.On(day.Key, what)).OfType<Expected>().ToList();
                        var (mean, variance) = (all.Sum(each => each.Mean), all.Sum(each => each.Variance));
                        return new PastDay(
                            day.Key,
                            PlanWords.Day(day.Key),
                            day.Sum(sold => sold.Cups),
                            all.Count == 0 ? null : mean,
                            all.Count == 0 ? null : CountQuantile.Of(mean, variance, 0.1),
                            all.Count == 0 ? null : CountQuantile.Of(mean, variance, 0.9),
                            kitchen.Kinds.GetValueOrDefault(Kitchen.Written(day.Key))
                        );
                    }),
            ]);
        });
}

/// <summary>What is expected to sell.</summary>
/// <param name="Days">The days.</param>
/// <param name="Rows">The drinks, by size and station.</param>
/// <param name="Totals">All cups of a day, everywhere first and then by station.</param>
/// <param name="Kinds">Sorts of days.</param>
/// <param name="Stations">How widely sales scatter at the stations.</param>
public sealed record ExpectedView(
    IReadOnlyList<ExpectedDay> Days,
    IReadOnlyList<ExpectedRow> Rows,
    IReadOnlyList<StationTotal> Totals,
    IReadOnlyList<KindChoice> Kinds,
    IReadOnlyList<StationDispersion> Stations
);

/// <summary>All cups at a station, day by day; without a station, everywhere.</summary>
public sealed record StationTotal(string? Station, IReadOnlyList<double> Cups);

/// <summary>A day.</summary>
public sealed record ExpectedDay(DateOnly Day, string Name, string? Kind, bool IsOpen);

/// <summary>A sort of day, with what is sold on it in % of an ordinary one.</summary>
public sealed record KindChoice(string Id, string Name, double Percent);

/// <summary>How widely a day's cups scatter at a station: variance over mean, 1 where they scatter as Poisson's law has
/// it.</summary>
public sealed record StationDispersion(string Station, string Name, double Dispersion);

/// <summary>One drink in one size at one station.</summary>
public sealed record ExpectedRow(
    string Station,
    string StationName,
    string Build,
    string Name,
    string Size,
    string SizeName,
    IReadOnlyList<ExpectedCell> Cells
);

/// <summary>What is expected on a day.</summary>
/// <param name="Cups">On average; null where nothing is known.</param>
/// <param name="Low">One day in ten has fewer.</param>
/// <param name="High">One day in ten has more.</param>
/// <param name="IsTyped">Whether somebody said so; otherwise it was learned.</param>
public sealed record ExpectedCell(double? Cups, double? Low, double? High, bool IsTyped);

/// <summary>What somebody says will be sold.</summary>
/// <param name="Cells">The cells.</param>
/// <param name="From">From which day on the answer tells.</param>
/// <param name="Days">How many days it tells of.</param>
public sealed record SayRequest(IReadOnlyList<SayCell?>? Cells, DateOnly? From, int? Days);

/// <summary>One cell; without cups it is taken back, and sales tell again.</summary>
public sealed record SayCell(string? Day, string? Station, string? Build, string? Size, double? Cups);

/// <summary>What sort of day it is; null for an ordinary one.</summary>
public sealed record KindRequest(string? Kind);

/// <summary>A day that is over.</summary>
/// <param name="Day">The day.</param>
/// <param name="Name">It in words.</param>
/// <param name="Sold">How many cups were sold.</param>
/// <param name="Expected">How many the other days lead to expect; null when there are none.</param>
/// <param name="Low">One such day in ten has fewer.</param>
/// <param name="High">One in ten has more.</param>
/// <param name="Kind">What sort of day it was; null for an ordinary one.</param>
public sealed record PastDay(
    DateOnly Day,
    string Name,
    double Sold,
    double? Expected,
    double? Low,
    double? High,
    string? Kind
);
