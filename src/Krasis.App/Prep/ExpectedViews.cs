using Krasis.Core.Input;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Plans;
using Krasis.Exchange.Prep;
using Krasis.Store;
using Krasis.Store.Prep;

namespace Krasis.App.Prep;

/// <summary>Shows expected cups.</summary>
public static class ExpectedViews
{
    public static ExpectedView View(Session session, Kitchen kitchen, DateOnly? from, int days)
    {
        var first = from ?? kitchen.Today;
        var expected = kitchen.Expected(session, first, days).ToDictionary(each => (each.Day, each.What));
        var dates = Enumerable.Range(0, days).Select(first.AddDays).ToList();
        var rows = kitchen
            .Needs.Keys.Where(what => dates.Exists(day => kitchen.Board.Has(what.Build, day)))
            .Concat(expected.Keys.Select(key => key.What))
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
                [
                    .. dates.Select(day =>
                        Cell(expected.GetValueOrDefault((day, what)), kitchen.Board.Has(what.Build, day))
                    ),
                ]
            ))
            .ToList();
        return new ExpectedView(
            [
                .. dates.Select(day => new ExpectedDay(
                    day,
                    PlanWords.Day(day),
                    kitchen.Kinds.GetValueOrDefault(Kitchen.Written(day)),
                    kitchen.Facts.HoursOn(day).Opens is not null
                )),
            ],
            rows,
            [
                .. rows.DistinctBy(row => (row.Station, row.Build))
                    .Select(row => new DrinkTotal(
                        row.Station,
                        row.StationName,
                        row.Build,
                        row.Name,
                        CupsOf(what => what.Station == row.Station && what.Build == row.Build)
                    )),
            ],
            [
                .. kitchen
                    .Stations.Where(station => station.Length > 0)
                    .Prepend(null)
                    .Select(station => new StationTotal(
                        station,
                        CupsOf(what => station is null || what.Station == station)
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

        // The cups of a day of what is on the board then.
        List<double> CupsOf(Func<DrinkSize, bool> isCounted) =>
            dates.ConvertAll(day =>
                expected
                    .Values.Where(each =>
                        each.Day == day && isCounted(each.What) && kitchen.Board.Has(each.What.Build, day)
                    )
                    .Sum(each => each.Mean)
            );
    }

    public static ExpectedCell Cell(Expected? expected, bool isOn) =>
        expected is null
            ? new ExpectedCell(null, null, null, false, isOn)
            : new ExpectedCell(
                Math.Round(expected.Mean, 1),
                CountQuantile.Of(expected.Mean, expected.Variance, 0.1),
                CountQuantile.Of(expected.Mean, expected.Variance, 0.9),
                expected.IsTyped,
                isOn
            );

    public static string StationName(Kitchen kitchen, string station) =>
        kitchen.Bar.Stations.FirstOrDefault(each => each.Id == station)?.Name ?? "";

    public static (CupsRow Row, bool IsSaid) Read(SayCell cell, string at, Kitchen kitchen, FieldReader fields)
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
                $"{kitchen.Drinks.GetValueOrDefault(what.Build, "It")} has no standard for that cup at that station.",
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
}
