using Krasis.App.Tastings;
using Krasis.Core.Input;
using Krasis.Core.Planning.Expecting;
using Krasis.Exchange.Prep;
using Krasis.Store;
using Krasis.Store.Prep;

namespace Krasis.App.Prep;

/// <summary>Reads sales files against the house.</summary>
public static class SalesReading
{
    public static SalesTable? Table(SalesRequest request)
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

    public static (SalesView View, List<Sold> Rows) Read(
        Session session,
        SalesTable table,
        SalesRequest request,
        Kitchen kitchen
    )
    {
        var kept = session.Prep.Columns(HeadOf(table));
        var columns = request.Columns ?? (kept is null ? SalesColumns.Guess(table) : Tasted.Read<SalesColumns>(kept));
        var read = SalesFile.Read(table, columns);
        var names = NamesOf(session, request);
        var (rows, problems, unknown) = (new List<Sold>(), read.Problems.ToList(), new Dictionary<string, double>());
        foreach (var row in read.Rows)
        {
            if (ProblemOf(row, kitchen) is { } problem)
            {
                problems.Add(problem);
                continue;
            }

            var station = Station(row.Station, kitchen)!;
            var words = row.Size.Length == 0 ? row.Drink : $"{row.Drink} {row.Size}";
            if (names.TryGetValue(words, out var name))
            {
                if (name is { Build: { } build, Size: { } size })
                {
                    rows.Add(SoldOf(row, new DrinkSize(station, build, size)));
                }
            }
            else if (Match(row, kitchen) is { } match)
            {
                rows.Add(SoldOf(row, new DrinkSize(station, match.Build, match.Size)));
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
            rows.Select(row => row.Day).Distinct().Count(),
            rows.Sum(row => row.Cups),
            rows.Sum(row => row.Times.Sum(time => time.Cups)),
            problems,
            read.Twins,
            [.. unknown.OrderByDescending(each => each.Value).Select(each => new UnknownDrink(each.Key, each.Value))]
        );
        return (view, rows);
    }

    private static Sold SoldOf(SalesRow row, DrinkSize what) =>
        new(row.Day, what, row.Cups, row.Minute is { } minute ? [new SoldTime(minute, row.Cups)] : []);

    // What the house has said that its words mean; what is said now goes before.
    private static Dictionary<string, SalesName> NamesOf(Session session, SalesRequest request) =>
        session
            .Prep.Names()
            .Concat(
                (request.Names ?? [])
                    .OfType<NamedDrink>()
                    .Select(name => new SalesName(name.Words ?? "", name.Build, name.Size))
            )
            .GroupBy(name => name.Words, StringComparer.OrdinalIgnoreCase)
            .ToDictionary(group => group.Key, group => group.Last(), StringComparer.OrdinalIgnoreCase);

    private static SalesProblem? ProblemOf(SalesRow row, Kitchen kitchen) =>
        row.Day > kitchen.Today
            ? new SalesProblem(
                row.Line,
                "day",
                Kitchen.Written(row.Day),
                "That day is still to come.",
                "days up to today"
            )
        : Station(row.Station, kitchen) is null
            ? new SalesProblem(
                row.Line,
                "station",
                row.Station,
                "There is no such station.",
                string.Join(", ", kitchen.Bar.Stations.Select(each => each.Name))
            )
        : null;

    public static string? Station(string text, Kitchen kitchen) =>
        text.Length == 0
            ? kitchen.Stations[0]
            : kitchen
                .Bar.Stations.FirstOrDefault(station =>
                    string.Equals(station.Name, text, StringComparison.OrdinalIgnoreCase) || station.Id == text
                )
                ?.Id
                ?? (kitchen.Bar.Stations.Count == 0 ? "" : null);

    public static (string Build, string Size)? Match(SalesRow row, Kitchen kitchen)
    {
        foreach (var what in kitchen.Needs.Keys.DistinctBy(what => (what.Build, what.Size)))
        {
            // What is deleted has no name that a file could say.
            if (!kitchen.Drinks.TryGetValue(what.Build, out var drink))
            {
                continue;
            }

            var cup = kitchen.CupName(what.Size);
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

    public static string HeadOf(SalesTable table) => string.Join('|', table.Head);

    public static Problem Unreadable =>
        new(
            "text",
            null,
            "That is no table with a head and rows.",
            "comma-, semicolon- or tab-separated text, or an .xlsx workbook"
        );
}
