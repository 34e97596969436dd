using CsCheck;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Planning;

/// <summary>The book of stock.</summary>
public class StockTests
{
    private static readonly Item Milk = Item.Ingredient("milk");
    private static readonly DateOnly Today = new(2026, 11, 26);
    private static readonly DayHours Open = new(8 * 60, 18 * 60, null, null, 1);
    private static readonly DayHours Closed = new(null, null, null, null, 1);
    private static readonly DrinkSize Drink = new("bar", "drink", "small");
    private static readonly Dictionary<DrinkSize, IReadOnlyDictionary<Item, double>> HundredOfMilk = new()
    {
        [Drink] = new Dictionary<Item, double> { [Milk] = 100 },
    };

    [Fact]
    public void First_expired_is_first_out_and_what_is_over_date_is_not_taken()
    {
        var lots = Stock.Of([
            new LedgerEntry("keeps", Milk, LotMove.Bought, 1000, Today.AddDays(-9), null),
            new LedgerEntry("later", Milk, LotMove.Bought, 1000, Today.AddDays(-5), Today.AddDays(3)),
            new LedgerEntry("sooner", Milk, LotMove.Bought, 400, Today.AddDays(-1), Today),
            new LedgerEntry("over", Milk, LotMove.Bought, 700, Today.AddDays(-8), Today.AddDays(-1)),
        ]);
        Assert.Equal(["over", "sooner", "later", "keeps"], lots.Select(lot => lot.Id));
        Assert.Equal(
            [("sooner", 400.0), ("later", 200.0)],
            Stock.Take(lots, Milk, 600, Today).Select(taken => (taken.Lot.Id, taken.Amount))
        );
        Assert.Equal(2400, Stock.Take(lots, Milk, 9000, Today).Sum(taken => taken.Amount));
    }

    [Theory]
    [InlineData(3, 2)]
    [InlineData(9, 5)]
    public void Opening_shortens_what_a_lot_keeps_and_never_lengthens_it(int opened, int expected)
    {
        var lot = Assert.Single(
            Stock.Of([
                new LedgerEntry("1", Milk, LotMove.Bought, 1000, Today, Today.AddDays(5)),
                new LedgerEntry("1", Milk, LotMove.Opened, 0, Today, Today.AddDays(opened - 1)),
            ])
        );
        Assert.Equal((Today.AddDays(expected), Today), (lot.UseBy, lot.OpenedOn));
    }

    [Fact]
    public void A_correction_is_a_line_of_its_own_and_nothing_falls_below_nothing() =>
        Gen.Double[-500, 500]
            .List[1, 12]
            .Seeded()
            .Sample(
                moves =>
                {
                    var lots = Stock.Of(
                        moves
                            .Prepend(300)
                            .Select(
                                (amount, i) =>
                                    new LedgerEntry(
                                        "1",
                                        Milk,
                                        i == 0 ? LotMove.Bought : LotMove.Counted,
                                        amount,
                                        Today,
                                        null
                                    )
                            )
                    );
                    var left = moves.Aggregate(300.0, (sum, amount) => Math.Max(0, sum + amount));
                    Assert.Equal(left, lots.Sum(lot => lot.Left), 6);
                },
                iter: 300,
                threads: 1
            );

    [Theory]
    [InlineData("ingredient:farm-milk", true)]
    [InlineData("cup:wren", true)]
    [InlineData("cup:", false)]
    [InlineData("spoon:wren", false)]
    [InlineData(null, false)]
    public void A_thing_is_read_as_it_was_written(string? text, bool isOne)
    {
        Assert.Equal(isOne, Item.Find(text) is not null);
        Assert.Equal(isOne ? text : "", $"{Item.Find(text)}");
    }

    [Fact]
    public void Sold_cups_leave_what_is_over_first_but_not_what_was_counted_since_or_came_later_and_come_back_when_they_are_told_anew()
    {
        var drink = new DrinkSize("", "drink", "small");
        var needs = new Dictionary<DrinkSize, IReadOnlyDictionary<Item, double>>
        {
            [drink] = new Dictionary<Item, double> { [Milk] = 100 },
        };
        List<LedgerEntry> book =
        [
            new("old", Milk, LotMove.Bought, 300, Today.AddDays(-3), Today),
            new("counted", Milk, LotMove.Bought, 900, Today.AddDays(-3), Today.AddDays(1)),
            new("counted", Milk, LotMove.Counted, -50, Today, null),
            new("later", Milk, LotMove.Bought, 900, Today.AddDays(1), Today.AddDays(1)),
            new("young", Milk, LotMove.Bought, 900, Today, Today.AddDays(5)),
        ];
        var first = Use(book, [], 5);
        Assert.Equal([("old", Milk, -300.0), ("young", Milk, -200.0)], first);

        var written = first
            .Select(use => new LedgerEntry(use.Lot, use.Item, LotMove.Used, use.Amount, Today, null))
            .ToList();
        var again = Use([.. book, .. written], written, 2);
        Assert.Equal([("old", Milk, 300.0), ("young", Milk, 200.0), ("old", Milk, -200.0)], again);

        IReadOnlyList<(string Lot, Item Item, double Amount)> Use(
            List<LedgerEntry> lines,
            List<LedgerEntry> before,
            double cups
        ) =>
            SoldUse.Of(
                Stock.All(lines).Values,
                before,
                new Dictionary<string, double> { ["counted"] = double.PositiveInfinity },
                [new Sold(Today, drink, cups)],
                needs,
                Today,
                Open
            );
    }

    // 5 cups of 100 g over ten hours from 8 on: half a cup an hour. What was used before the count is in the count.
    [Theory]
    [InlineData(479, -500.0)]
    [InlineData(480, -500.0)]
    [InlineData(720, -300.0)]
    [InlineData(1079, -500.0 / 600)]
    [InlineData(1080, 0.0)]
    [InlineData(1200, 0.0)]
    [InlineData(double.PositiveInfinity, 0.0)]
    public void A_count_in_the_middle_of_a_day_leaves_what_was_sold_after_it(double counted, double taken) =>
        Assert.Equal(taken, UsedAfter(counted, new Sold(Today, Drink, 5), Open), 9);

    // By hand: of five cups two are sold at 11:40, one at 12:00, one at 12:01, and of one nobody knows when: of that,
    // 360 of 600 minutes lie after noon and 359 after 12:01.
    [Theory]
    [InlineData(699, -400 - (100 * 381 / 600.0))]
    [InlineData(700, -200 - (100 * 380 / 600.0))]
    [InlineData(719, -200 - (100 * 361 / 600.0))]
    [InlineData(720, -100 - (100 * 360 / 600.0))]
    [InlineData(721, -(100 * 359 / 600.0))]
    public void Cups_whose_time_is_known_are_used_at_that_time(double counted, double taken) =>
        Assert.Equal(
            taken,
            UsedAfter(
                counted,
                new Sold(Today, Drink, 5, [new SoldTime(700, 2), new SoldTime(720, 1), new SoldTime(721, 1)]),
                Open
            ),
            9
        );

    [Fact]
    public void On_a_day_without_hours_cups_of_unknown_time_come_before_a_count_and_others_at_their_time()
    {
        Assert.Equal(0, UsedAfter(720, new Sold(Today, Drink, 5), Closed), 9);
        Assert.Equal(-200, UsedAfter(720, new Sold(Today, Drink, 5, [new SoldTime(721, 2)]), Closed), 9);
    }

    // A lot that is not counted is there all day; what of the day's cups lies before the count of the other comes from it.
    [Fact]
    public void Before_a_count_cups_come_from_the_lots_that_nobody_counted()
    {
        var used = SoldUse.Of(
            [
                new Lot("first", Milk, 900, Today.AddDays(-1), null, Today),
                new Lot("second", Milk, 900, Today.AddDays(-1), null, Today.AddDays(3)),
            ],
            [],
            new Dictionary<string, double> { ["first"] = 720 },
            [new Sold(Today, Drink, 5, [new SoldTime(600, 2), new SoldTime(800, 3)])],
            HundredOfMilk,
            Today,
            Open
        );
        Assert.Equal([("first", -300.0), ("second", -200.0)], used.Select(each => (each.Lot, each.Amount)).Order());
    }

    // Whatever the times, the parts of a day add up to the day.
    [Fact]
    public void Counts_of_others_change_nothing_of_what_a_day_takes_in_all() =>
        Gen.Select(Gen.Int[0, 1439].Array[0, 6], Gen.Int[0, 1439].Array[0, 6], Gen.Int[0, 4])
            .Seeded()
            .Sample(
                (times, counts, untimed) =>
                {
                    var sold = new Sold(
                        Today,
                        Drink,
                        times.Length + untimed,
                        [.. times.GroupBy(at => at).Select(at => new SoldTime(at.Key, at.Count()))]
                    );
                    var used = SoldUse.Of(
                        [new Lot("milk", Milk, 9000, Today.AddDays(-1), null, null)],
                        [],
                        counts
                            .Select((at, i) => ($"other{i}", at))
                            .ToDictionary(each => each.Item1, each => (double)each.at),
                        [sold],
                        HundredOfMilk,
                        Today,
                        Open
                    );
                    Assert.Equal(-100.0 * (times.Length + untimed), used.Sum(each => each.Amount), 6);
                },
                iter: 300,
                threads: 1
            );

    private static double UsedAfter(double counted, Sold sold, DayHours hours) =>
        SoldUse
            .Of(
                [new Lot("milk", Milk, 900, Today.AddDays(-1), null, null)],
                [],
                new Dictionary<string, double> { ["milk"] = counted },
                [sold],
                HundredOfMilk,
                Today,
                hours
            )
            .Sum(each => each.Amount);

    // US Food Code 3-501.17: the day of making is day 1, and what goes in does not last longer for being mixed.
    [Theory]
    [InlineData(7, null, "2026-10-07")]
    [InlineData(7, "2026-10-06", "2026-10-06")]
    [InlineData(7, "2026-10-07", "2026-10-07")]
    [InlineData(7, "2026-10-08", "2026-10-07")]
    [InlineData(1, "2026-10-08", "2026-10-01")]
    [InlineData(null, "2026-10-04", "2026-10-04")]
    [InlineData(null, null, null)]
    public void What_is_made_keeps_no_longer_than_what_went_in(int? keeps, string? milkUntil, string? until)
    {
        var milk = new Lot("m", Milk, 100, new(2026, 9, 28), null, Day(milkUntil));
        var sugar = new Lot("s", Milk, 100, new(2026, 9, 1), null, null);

        Assert.Equal(Day(until), UseByDate.OfMade(new(2026, 10, 1), keeps, [sugar, milk]));
    }

    [Theory]
    [InlineData(3, null, "2026-10-03")]
    [InlineData(3, "2026-10-02", "2026-10-02")]
    [InlineData(null, null, null)]
    public void What_is_opened_keeps_from_that_day_or_as_it_is_said(int? days, string? said, string? until) =>
        Assert.Equal(Day(until), UseByDate.OfOpened(new(2026, 10, 1), days, Day(said)));

    [Fact]
    public void Lots_are_numbered_by_the_day()
    {
        Assert.Equal("261127-01", LotNumber.Next(new(2026, 11, 27), 0));
        Assert.Equal("261127-100", LotNumber.Next(new(2026, 11, 27), 99));
    }

    private static DateOnly? Day(string? text) =>
        text is null ? null : DateOnly.Parse(text, System.Globalization.CultureInfo.InvariantCulture);

    [Theory]
    [InlineData(100, 0, false)]
    [InlineData(99, 1, false)]
    [InlineData(0, 1, true)]
    public void A_drink_lacks_what_is_less_than_its_smallest_cup_takes(double left, int lacking, bool isOver)
    {
        var needs = new[] { ("small", 100.0), ("large", 150.0) }.Select(size =>
            KeyValuePair.Create(
                new DrinkSize("", "drink", size.Item1),
                (IReadOnlyDictionary<Item, double>)
                    new Dictionary<Item, double> { [Milk] = size.Item2, [Item.Cup(size.Item1)] = 1 }
            )
        );
        IReadOnlyList<Lot> lots = isOver
            ? [new Lot("1", Milk, 500, Today.AddDays(-9), null, Today.AddDays(-1))]
            : [new Lot("1", Milk, left, Today, null, Today)];
        var found = Shortage.Of(new HashSet<Item> { Milk }, lots, needs, Today);
        Assert.Equal(lacking, found.Count);
        Assert.All(found, each => Assert.Equal(("drink", Milk, isOver), (each.Build, each.Item, each.IsOver)));
    }
}
