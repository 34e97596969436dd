using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;

namespace Krasis.Core.Tests.Making.Pouring;

/// <summary>What the book of pours holds. All of it is invented.</summary>
public class PourBookTests
{
    private static readonly DateOnly Monday = new(2026, 3, 2);

    [Fact]
    public void Pours_are_told_apart_by_dispenser_hand_person_and_recipe_at_each_station()
    {
        var series = PourBook.Series(
            [
                Of("Syrup", 20, 21, dispenser: "pump"),
                Of("Syrup", 20, 19, dispenser: "pump"),
                Of("Syrup", 20, 22, dispenser: "pump", station: "Kiosk"),
                Of("Milk", 200, 210, who: "RB"),
                Of("Milk", 200, 200, who: "TO"),
                Of("Milk", 200, 190),
                Of("Espresso", 36, 40, recipe: "Double", seconds: 27),
                Of("Espresso", 36, 40, recipe: "Double"),
                Of("Nothing", 0, 5),
            ],
            [],
            FullBar.Facts
        );

        Assert.Equal(
            [
                "Dispenser pump Pump Bar: 5 -5",
                "Dispenser pump Pump Kiosk: 10",
                "Hand Milk Milk Bar: 5 0 -5",
                "Person Milk Milk Bar RB: 5",
                "Person Milk Milk Bar TO: 0",
                "Pull Double Double Bar: 27",
            ],
            series.Select(each =>
                $"{each.Of} {each.Id} {each.Name} {each.Station}{(each.Who is null ? "" : $" {each.Who}")}: {string.Join(" ", each.Points.Select(point => Math.Round(point.Value, 6)))}"
            )
        );

        // The window of the full bar's double.
        Assert.Equal((25.0, 30.0), (series[^1].WindowFrom, series[^1].WindowTo));
        Assert.Null(series[0].WindowFrom);
    }

    [Fact]
    public void A_drink_s_makes_are_counted_and_the_middle_one_is_named()
    {
        var made = new[]
        {
            Drink("Latte", 60, 2),
            Drink("Latte", 100, null),
            Drink("Latte", 80, -30, isAllowed: false),
            Drink("Mocha", 90, 1),
            Drink("Mocha", 110, 1),
        };

        Assert.Equal([new PouredDrink("Latte", 3, 80, 2), new PouredDrink("Mocha", 2, 100, 2)], PourBook.Drinks(made));
        Assert.Equal(
            ["Latte: 2 -30", "Mocha: 1 1", "Time for Latte: 60 100 80", "Time for Mocha: 90 110"],
            PourBook
                .Series([], made, FullBar.Facts)
                .Select(each => $"{each.Name}: {string.Join(" ", each.Points.Select(point => point.Value))}")
        );
        Assert.Empty(PourBook.Drinks([]));
    }

    [Fact]
    public void Only_the_last_values_of_a_series_are_kept()
    {
        var pours = Enumerable.Range(0, PourBook.MostPoints + 1).Select(i => Of("Milk", 100, 100 + i)).ToList();
        var points = Assert.Single(PourBook.Series(pours, [], FullBar.Facts)).Points;

        Assert.Equal((PourBook.MostPoints, 1.0), (points.Count, Math.Round(points[0].Value, 6)));
    }

    private static Pour Of(
        string what,
        double target,
        double grams,
        string? dispenser = null,
        string? recipe = null,
        double? seconds = null,
        string? who = null,
        string station = "Bar"
    ) => new(Monday, station, who, what, dispenser, recipe, Grams.From(target), Grams.From(grams), seconds);

    private static Made Drink(string name, double seconds, double? strength, bool isAllowed = true) =>
        new(Monday, name, null, seconds, strength is { } off ? Percent.From(off) : null, isAllowed);
}
