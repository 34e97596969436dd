using Krasis.Core.Input;
using Krasis.Core.Planning.Expecting;
using Krasis.Exchange.Prep;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tastings;
using Krasis.Web.Features.Tastings;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Prep;

/// <summary>Takes in what was sold.</summary>
internal static class SalesEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var sales = routes.MapGroup("/api/prep/sales").WithTags("Prep");
        sales
            .MapPost("/check", Check)
            .WithSummary("Read a sales file and say what would be taken in. Nothing is kept.")
            .Fails(400, 413, 422);
        sales
            .MapPost("/import", Import)
            .WithSummary(
                "Keep a sales file: all of it, or all of its good rows, or nothing. A day takes the place of what was known of it."
            )
            .Fails(400, 413, 422);
    }

    private static Results<Ok<SalesView>, ProblemResult> Check(
        SalesRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Read<Results<Ok<SalesView>, ProblemResult>>(session =>
            Table(request) is { } table
                ? TypedResults.Ok(Read(session, table, request, Kitchen.Of(session, standards, clock)).View)
                : ProblemResult.Fields([Unreadable])
        );

    private static Results<Ok<SalesImported>, ProblemResult> Import(
        SalesRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Write<Results<Ok<SalesImported>, ProblemResult>>(session =>
        {
            if (Table(request) is not { } table)
            {
                return ProblemResult.Fields([Unreadable]);
            }

            var kitchen = Kitchen.Of(session, standards, clock);
            var (view, rows) = Read(session, table, request, kitchen);
            List<Problem> open =
            [
                .. view.Problems.Select(problem => new Problem(
                    $"line {problem.Line}{(problem.Column.Length == 0 ? "" : $", {problem.Column}")}",
                    problem.Value,
                    problem.Message,
                    problem.Accepted
                )),
                .. view.Unknown.Select(unknown => new Problem(
                    unknown.Words,
                    unknown.Words,
                    $"It is not known which drink '{Problem.Shorten(unknown.Words)}' is.",
                    "a drink and a size, or that it is none of ours"
                )),
            ];
            if (open.Count > 0 && !(request.LeaveOutBad && rows.Count > 0))
            {
                return ProblemResult.Fields(open);
            }

            foreach (var name in (request.Names ?? []).OfType<NamedDrink>())
            {
                session.Prep.Name(new SalesName(name.Words ?? "", name.Build, name.Size));
            }

            session.Prep.SetColumns(HeadOf(table), Tasted.Write(view.Columns));
            foreach (var day in rows.GroupBy(row => (Day: Kitchen.Written(row.Day), row.What.Station)))
            {
                session.Prep.Sell(
                    day.Key.Day,
                    day.Key.Station,
                    day.GroupBy(row => row.What)
                        .Select(cups => new CupsRow(
                            day.Key.Day,
                            cups.Key.Station,
                            cups.Key.Build,
                            cups.Key.Size,
                            cups.Sum(row => row.Cups)
                        ))
                );
            }

            foreach (var day in rows.Select(row => row.Day).Distinct().Order())
            {
                StockBook.UseUp(
                    session,
                    Kitchen.Of(session, standards, clock),
                    day,
                    TastingStore.Written(clock.GetUtcNow())
                );
            }

            return TypedResults.Ok(
                new SalesImported(
                    rows.Select(row => row.Day).Distinct().Count(),
                    rows.Sum(row => row.Cups),
                    open.Count + view.Twins.Count
                )
            );
        });

    private static SalesTable? Table(SalesRequest request)
    {
        if (request.Workbook is not { } workbook)
        {
            return request.Text is { } text ? SalesTable.OfText(text) : null;
        }

        var bytes = new byte[workbook.Length];
        return Convert.TryFromBase64String(workbook, bytes, out var length)
            ? SalesTable.OfWorkbook(bytes[..length])
            : null;
    }

    private static (SalesView View, List<(DateOnly Day, DrinkSize What, double Cups)> Rows) Read(
        Session session,
        SalesTable table,
        SalesRequest request,
        Kitchen kitchen
    )
    {
        var kept = session.Prep.Columns(HeadOf(table));
        var columns = request.Columns
            ?? (kept is null ? SalesColumns.Guess(table.Head) : Tasted.Read<SalesColumns>(kept));
        var read = SalesFile.Read(table, columns);
        var names = session
            .Prep.Names()
            .Concat(
                (request.Names ?? [])
                    .OfType<NamedDrink>()
                    .Select(name => new SalesName(name.Words ?? "", name.Build, name.Size))
            )
            .GroupBy(name => name.Words, StringComparer.OrdinalIgnoreCase)
            .ToDictionary(group => group.Key, group => group.Last(), StringComparer.OrdinalIgnoreCase);
        var (rows, problems, unknown) = (
            new List<(DateOnly, DrinkSize, double)>(),
            read.Problems.ToList(),
            new Dictionary<string, double>()
        );
        foreach (var row in read.Rows)
        {
            if (row.Day > kitchen.Today)
            {
                problems.Add(
                    new SalesProblem(
                        row.Line,
                        "day",
                        Kitchen.Written(row.Day),
                        "That day is still to come.",
                        "days up to today"
                    )
                );
                continue;
            }

            if (Station(row.Station, kitchen) is not { } station)
            {
                problems.Add(
                    new SalesProblem(
                        row.Line,
                        "station",
                        row.Station,
                        "There is no such station.",
                        string.Join(", ", kitchen.Bar.Stations.Select(each => each.Name))
                    )
                );
                continue;
            }

            var words = row.Size.Length == 0 ? row.Drink : $"{row.Drink} {row.Size}";
            if (names.TryGetValue(words, out var name))
            {
                if (name is { Build: { } build, Size: { } size })
                {
                    rows.Add((row.Day, new DrinkSize(station, build, size), row.Cups));
                }
            }
            else if (Match(row, kitchen) is { } match)
            {
                rows.Add((row.Day, new DrinkSize(station, match.Build, match.Size), row.Cups));
            }
            else
            {
                unknown[words] = unknown.GetValueOrDefault(words) + row.Cups;
            }
        }

        var view = new SalesView(
            table.Head,
            columns,
            kept is not null,
            table.Rows.Count,
            rows.Select(row => row.Item1).Distinct().Count(),
            rows.Sum(row => row.Item3),
            problems,
            read.Twins,
            [.. unknown.OrderByDescending(each => each.Value).Select(each => new UnknownDrink(each.Key, each.Value))]
        );
        return (view, rows);
    }

    private static string? Station(string text, Kitchen kitchen) =>
        text.Length == 0
            ? kitchen.Stations[0]
            : kitchen
                .Bar.Stations.FirstOrDefault(station =>
                    string.Equals(station.Name, text, StringComparison.OrdinalIgnoreCase) || station.Id == text
                )
                ?.Id
                ?? (kitchen.Bar.Stations.Count == 0 ? "" : null);

    private static (string Build, string Size)? Match(SalesRow row, Kitchen kitchen)
    {
        foreach (var what in kitchen.Needs.Keys.DistinctBy(what => (what.Build, what.Size)))
        {
            var (drink, cup) = (kitchen.Drinks[what.Build], kitchen.CupName(what.Size));
            if (
                row.Size.Length > 0
                    ? Same(row.Drink, drink) && (Same(row.Size, cup) || row.Size == what.Size)
                    : Same(row.Drink, $"{drink} {cup}") || Same(row.Drink, $"{drink}, {cup}")
            )
            {
                return (what.Build, what.Size);
            }
        }

        return null;

        static bool Same(string one, string other) => string.Equals(one, other, StringComparison.OrdinalIgnoreCase);
    }

    private static string HeadOf(SalesTable table) => string.Join('|', table.Head);

    private static Problem Unreadable =>
        new(
            "text",
            null,
            "That is no table with a head and rows.",
            "comma-, semicolon- or tab-separated text, or an .xlsx workbook"
        );
}

/// <summary>A sales file.</summary>
/// <param name="Text">As text; null for a workbook.</param>
/// <param name="Workbook">As a workbook in base64; null for text.</param>
/// <param name="Columns">Which columns hold what; null as they were the last time, or as their names say.</param>
/// <param name="Names">What the till calls the drinks, as far as it is said now.</param>
/// <param name="LeaveOutBad">Whether rows that cannot be taken are left out.</param>
public sealed record SalesRequest(
    string? Text,
    string? Workbook,
    SalesColumns? Columns,
    IReadOnlyList<NamedDrink?>? Names,
    bool LeaveOutBad
);

/// <summary>What the till calls a drink; without a build it is none of the house's.</summary>
public sealed record NamedDrink(string? Words, string? Build, string? Size);

/// <summary>What was read of a sales file.</summary>
/// <param name="Head">Its head.</param>
/// <param name="Columns">Which columns hold what.</param>
/// <param name="IsRemembered">Whether that is remembered from the last time.</param>
/// <param name="Rows">How many rows it has.</param>
/// <param name="Days">How many days would be taken in.</param>
/// <param name="Cups">How many cups.</param>
/// <param name="Problems">Rows that cannot be taken.</param>
/// <param name="Twins">Rows that say the same as one before, by their place, which are counted once.</param>
/// <param name="Unknown">Drinks that nobody has said what they are.</param>
public sealed record SalesView(
    IReadOnlyList<string> Head,
    SalesColumns Columns,
    bool IsRemembered,
    int Rows,
    int Days,
    double Cups,
    IReadOnlyList<SalesProblem> Problems,
    IReadOnlyList<int> Twins,
    IReadOnlyList<UnknownDrink> Unknown
);

/// <summary>A drink that nobody has said what it is.</summary>
public sealed record UnknownDrink(string Words, double Cups);

/// <summary>What was taken in.</summary>
public sealed record SalesImported(int Days, double Cups, int LeftOut);
