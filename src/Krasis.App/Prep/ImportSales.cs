using Krasis.App.Shared;
using Krasis.App.Tastings;
using Krasis.Core.Input;
using Krasis.Core.Planning.Expecting;
using Krasis.Exchange.Prep;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Imports a sales file: all of it, all of its good rows, or nothing.</summary>
public sealed class ImportSales(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    // More sentences than these nobody reads after one file.
    private const int MostSaid = 5;

    /// <summary>Imports it. A day takes the place of what was known of it.</summary>
    public Result<SalesImported> Run(SalesRequest request) =>
        SalesReading.Table(request) is { } table
            ? file.Write(
                session => Prepare(session, table, request),
                (session, prepared) =>
                    prepared.Then(import =>
                    {
                        var says = Keep(session, table, request, import);
                        return import.Done with { Says = says };
                    })
            )
            : Refusal.Fields([SalesReading.Unreadable]);

    private Result<Prepared> Prepare(Session session, SalesTable table, SalesRequest request)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        var (view, rows) = SalesReading.Read(session, table, request, kitchen);
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
            return Refusal.Fields(open);
        }

        // A day of which rows are left out does not take the place of one of which more is known.
        var kept = open.Count == 0 ? [] : DaysWithMore(session, rows);
        rows = rows.FindAll(row => !kept.Contains(row.Day));
        return new Prepared(
            kitchen,
            view,
            rows,
            new SalesImported(
                rows.Select(row => row.Day).Distinct().Count(),
                rows.Sum(row => row.Cups),
                open.Count + view.Twins.Count,
                [.. kept.Order()],
                []
            )
        );
    }

    private static HashSet<DateOnly> DaysWithMore(Session session, List<Sold> rows) =>
        rows.GroupBy(row => (row.Day, row.What.Station))
            .Where(day =>
                session
                    .Prep.Sold(Kitchen.Written(day.Key.Day), Kitchen.Written(day.Key.Day))
                    .Where(row => row.Station == day.Key.Station)
                    .Sum(row => row.Cups) > day.Sum(row => row.Cups)
            )
            .Select(day => day.Key.Day)
            .ToHashSet();

    private List<string> Keep(Session session, SalesTable table, SalesRequest request, Prepared import)
    {
        foreach (var name in (request.Names ?? []).OfType<NamedDrink>())
        {
            session.Prep.Name(new SalesName(name.Words ?? "", name.Build, name.Size));
        }

        session.Prep.SetColumns(SalesReading.HeadOf(table), Tasted.Write(import.View.Columns));
        foreach (var day in import.Rows.GroupBy(row => (Day: Kitchen.Written(row.Day), row.What.Station)))
        {
            session.Prep.Sell(day.Key.Day, day.Key.Station, day.GroupBy(row => row.What).Select(SoldRows.Write));
        }

        // What a cup takes does not change with what was sold: the kitchen of before is good for every day.
        var now = Timestamp.Write(clock.GetUtcNow());
        var says = new List<string>();
        foreach (var day in import.Rows.Select(row => row.Day).Distinct().Order())
        {
            says.AddRange(StockBook.UseUp(session, import.Kitchen, day, now));
        }

        return [.. says.Take(MostSaid)];
    }

    // What is to be kept.
    private sealed record Prepared(Kitchen Kitchen, SalesView View, List<Sold> Rows, SalesImported Done);
}
