using Krasis.App.Shared;
using Krasis.App.Tastings;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tastings;

namespace Krasis.App.Prep;

/// <summary>Imports a sales file: all of it, all of its good rows, or nothing.</summary>
public sealed class ImportSales(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<SalesImported> Run(SalesRequest request) =>
        file.Write<Result<SalesImported>>(session =>
        {
            if (SalesReading.Table(request) is not { } table)
            {
                return Refusal.Fields([SalesReading.Unreadable]);
            }

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

            foreach (var name in (request.Names ?? []).OfType<NamedDrink>())
            {
                session.Prep.Name(new SalesName(name.Words ?? "", name.Build, name.Size));
            }

            session.Prep.SetColumns(SalesReading.HeadOf(table), Tasted.Write(view.Columns));
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

            return Result.Of(
                new SalesImported(
                    rows.Select(row => row.Day).Distinct().Count(),
                    rows.Sum(row => row.Cups),
                    open.Count + view.Twins.Count
                )
            );
        });
}
