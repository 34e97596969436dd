using Krasis.App.Prep;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tests;
using Krasis.Store.Values;

namespace Krasis.App.Tests.Prep;

/// <summary>The book of stock, its balances, and what batches and sold cups write in it.</summary>
public sealed class StockBookTests : IDisposable
{
    private const string Id = "0123456789abcdef";

    private readonly PloverLock house = new();

    public void Dispose() => house.Dispose();

    [Fact]
    public void The_balances_are_what_the_whole_book_comes_to()
    {
        Bring("milk-a", 1000);
        Write("milk-a", "opened", 0);
        Write("milk-a", "used", -250);
        Write("milk-b", "bought", 500);
        Write("milk-b", "thrown", -700);

        HoldsTheBook();
    }

    [Fact]
    public void A_file_of_before_balances_gets_them_when_it_is_opened_and_so_does_a_house_that_moves_in()
    {
        Bring("milk-a", 1000);
        Write("milk-a", "used", -250);
        EarlierFile.Run(house.Path, "DELETE FROM lot_balance; UPDATE lot_fold SET folded_to = 0");
        KrasisFile.Open(house.Path, house.Clock);
        HoldsTheBook();

        house.File.Write(session =>
        {
            session.House.Replace("other", session.House.Read());
            return true;
        });
        HoldsTheBook();
    }

    [Fact]
    public void What_is_made_may_be_used_no_longer_than_what_went_into_it()
    {
        // The cold brew keeps two days in the demo; the coffee that has to be used first is good for today.
        var (batch, coffee) = Batch("slipway-coffee");
        Bring("soonest", 100_000, coffee, "2026-11-25");
        var lot = Finish(batch, Id);

        Assert.Equal(new DateOnly(2026, 11, 25), lot.UseBy);
        Assert.Equal("Mira", lot.Who);
    }

    [Fact]
    public void What_is_made_counts_from_the_day_on_which_it_was_begun()
    {
        var (batch, _) = Batch("slipway-coffee");
        new BeginBatch(house.File, house.Needs, house.Clock).Run(batch, new BeginRequest("Mira", null));
        house.Clock.Advance(TimeSpan.FromDays(1));
        var begun = Finish(batch, Id);

        Assert.Equal(new DateOnly(2026, 11, 25), begun.Since);
        Assert.Equal(begun.Since.AddDays(1), begun.UseBy);
    }

    [Fact]
    public void A_batch_is_ticked_off_once_however_often_it_is_sent_and_its_id_is_of_no_other()
    {
        var (batch, _) = Batch("slipway-coffee");
        var first = Finish(batch, Id);
        var lines = house.File.Read(session => session.Prep.BookLength);

        Assert.Equal(first.Lot, Finish(batch, Id).Lot);
        Assert.Equal(lines, house.File.Read(session => session.Prep.BookLength));
        var other = new FinishBatch(house.File, house.Needs, house.Clock).Run("other@2026-11-25", Done(Id));
        Assert.Equal("This entry was already saved with other details.", other.Refusal!.Title);
    }

    [Fact]
    public void Sold_cups_are_found_again_by_their_day_and_not_by_what_the_book_says_of_them()
    {
        Sell("Hazelnut iced latte", "Rush", 5);
        var first = Used();
        Assert.NotEmpty(first);
        Assert.All(first.Values, amount => Assert.True(amount < 0));

        // Ten in the place of five: what was taken for five is put back, and twice as much is taken.
        Sell("Hazelnut iced latte", "Rush", 10);
        Assert.Equal(
            first.ToDictionary(each => each.Key, each => Math.Round(2 * each.Value, 6)),
            Used().ToDictionary(each => each.Key, each => Math.Round(each.Value, 6))
        );

        Sell("Hazelnut iced latte", "Rush", 0);
        Assert.All(Used().Values, amount => Assert.Equal(0, amount, 6));
    }

    [Fact]
    public void What_was_learned_of_a_hand_stays_when_an_ingredient_is_renamed()
    {
        var before = Need();
        house.File.Write(session =>
        {
            foreach (var syrup in session.Bar.List(BarKinds.Ingredients))
            {
                var renamed = syrup.Document with { Name = $"{syrup.Document.Name} of the house" };
                session.Bar.Update(BarKinds.Ingredients, syrup.Id, syrup.Version, renamed, house.Clock.GetUtcNow());
            }

            return true;
        });

        Assert.Equal(before, Need());
        Assert.Contains(before, need => need.Value.Any(each => Standard(need.Key, each.Key) != each.Value));

        IReadOnlyDictionary<DrinkKey, IReadOnlyDictionary<Item, double>> Need() =>
            house.File.Read(session =>
                Kitchen
                    .Of(session, new StandardNeeds(), house.Clock)
                    .Needs.ToDictionary(
                        need => new DrinkKey(need.Key.Station, need.Key.Build, need.Key.Size),
                        need => need.Value
                    )
            );

        double Standard(DrinkKey drink, Item item) =>
            house.File.Read(session =>
                house
                    .Needs.Of(session, drink.Build, session.Standards.Numbers()[drink.Build], drink.Station)
                    .Sizes[drink.Size]
                    .GetValueOrDefault(item)
            );
    }

    [Fact]
    public async Task A_calendar_is_read_while_somebody_else_writes()
    {
        var calendar = new ReadCalendar(house.File, house.Needs, new ToldCalendar(house.File), house.Clock);
        using var written = new ManualResetEventSlim();
        using var read = new ManualResetEventSlim();
        var writer = Task.Run(
            () =>
                house.File.Write(_ =>
                {
                    written.Set();
                    return read.Wait(TimeSpan.FromMinutes(1), TestContext.Current.CancellationToken);
                }),
            TestContext.Current.CancellationToken
        );
        written.Wait(TestContext.Current.CancellationToken);

        // With the write lock in somebody's hands it answers all the same.
        Assert.NotEmpty((await calendar.Run()).Value);
        read.Set();
        Assert.True(await writer);
    }

    private readonly record struct DrinkKey(string Station, string Build, string Size);

    private void HoldsTheBook()
    {
        var (book, balances) = house.File.Read(session =>
            (
                session
                    .Prep.LotsInStock()
                    .SelectMany(balance => session.Prep.HistoryOf(balance.Lot))
                    .Concat(session.Prep.HistoryOf("milk-b"))
                    .OrderBy(row => row.Number)
                    .Select(LotBalances.ToEntry)
                    .ToList(),
                session.Prep.LotsInStock().Select(LotBalances.ToLot)
            )
        );
        Assert.Equal(Stock.Of(book), Stock.InOrderOfUse(balances));
    }

    [Fact]
    public void What_is_sold_beyond_what_the_book_has_is_told_and_what_it_has_is_not()
    {
        // More of the milk and of the sauce than the demo has in stock.
        var says = Sold(60);
        Assert.NotEmpty(says);
        Assert.All(says, said => Assert.Contains(", but the book had ", said, StringComparison.Ordinal));

        // Corrected to none, nothing was used.
        Assert.Empty(Sold(0));
    }

    // The test clock does not move, so every lot is counted at the same moment.
    [Fact]
    public void Of_a_day_with_a_count_only_cups_of_a_later_time_come_out_of_stock()
    {
        var now = TimeZoneInfo.ConvertTime(house.Clock.GetUtcNow(), house.Clock.LocalTimeZone);
        CountAll();
        Timed(now.AddMinutes(-1), now.AddMinutes(-2));
        Assert.Empty(Used());

        Timed(now.AddMinutes(-1), now.AddMinutes(1));
        var one = Used();
        Assert.NotEmpty(one);

        // Both after it: twice as much.
        Timed(now.AddMinutes(1), now.AddMinutes(2));
        Assert.Equal(
            one.ToDictionary(each => each.Key, each => Math.Round(2 * each.Value, 6)),
            Used().ToDictionary(each => each.Key, each => Math.Round(each.Value, 6))
        );
        Assert.Equal(
            $"{Minute(now.AddMinutes(1))}:1 {Minute(now.AddMinutes(2))}:1",
            house.File.Read(session =>
                Assert.Single(session.Prep.Sold("2026-11-25", "2026-11-25"), row => row.Cups > 0).Times
            )
        );

        static int Minute(DateTimeOffset at) => (int)at.TimeOfDay.TotalMinutes;
    }

    private void CountAll() =>
        house.File.Write(session =>
        {
            foreach (var lot in session.Prep.LotsInStock())
            {
                session.Prep.Write(
                    new LotRow(
                        0,
                        Guid.NewGuid().ToString(),
                        Timestamp.Write(house.Clock.GetUtcNow()),
                        lot.Lot,
                        lot.Item,
                        "counted",
                        0,
                        "2026-11-25",
                        null,
                        null,
                        null,
                        null,
                        null
                    )
                );
            }

            return true;
        });

    // One cup at each time.
    private void Timed(params DateTimeOffset[] times)
    {
        var rows = times.Select(at => $"2026-11-25;Hazelnut iced latte;Rush;1;{at:HH:mm}");
        var imported = new ImportSales(house.File, house.Needs, house.Clock).Run(
            new SalesRequest($"day;drink;size;cups;time\n{string.Join('\n', rows)}", null, null, null, false)
        );
        Assert.True(imported.Refusal is null, imported.Refusal?.Detail);
    }

    private IReadOnlyList<string> Sold(int cups) =>
        new ImportSales(house.File, house.Needs, house.Clock)
            .Run(
                new SalesRequest(
                    $"day;drink;size;station;cups\n2026-11-25;Black sesame latte;Heron;Bar;{cups}",
                    null,
                    null,
                    null,
                    LeaveOutBad: false
                )
            )
            .Value.Says;

    private void Bring(string lot, double grams, string item = "ingredient:farm-milk", string? useBy = null) =>
        Write(lot, "bought", grams, item, useBy);

    private void Write(
        string lot,
        string move,
        double amount,
        string item = "ingredient:farm-milk",
        string? useBy = null
    ) =>
        house.File.Write(session =>
        {
            session.Prep.Write(
                new LotRow(
                    0,
                    Guid.NewGuid().ToString(),
                    Timestamp.Write(house.Clock.GetUtcNow()),
                    lot,
                    item,
                    move,
                    amount,
                    "2026-11-20",
                    useBy,
                    null,
                    null,
                    null,
                    null
                )
            );
            return true;
        });

    // The next batch of something in the plan, and what it is made of.
    private (string Key, string MadeOf) Batch(string made)
    {
        var plan = new ReadPlan(house.File, house.Needs, house.Clock).Run().Value;
        var batch = plan.Batches.First(batch => batch.Item == $"ingredient:{made}");
        return (batch.Key, batch.Of.Count > 0 ? batch.Of[0].Item : "ingredient:farm-milk");
    }

    private LotView Finish(string batch, string id) =>
        new FinishBatch(house.File, house.Needs, house.Clock).Run(batch, Done(id)).Value;

    private static DoneRequest Done(string id) => new(id, 1000, "Mira");

    private void Sell(string drink, string cup, double cups)
    {
        var text = $"date,item,size,quantity\n2026-11-25,{drink},{cup},{cups}\n";
        var imported = new ImportSales(house.File, house.Needs, house.Clock).Run(
            new SalesRequest(text, null, null, null, false)
        );
        Assert.True(imported.Refusal is null, imported.Refusal?.Detail);
    }

    private Dictionary<string, double> Used() =>
        house.File.Read(session =>
            session
                .Prep.TakenForSold("2026-11-25")
                .GroupBy(row => row.Item)
                .ToDictionary(item => item.Key, item => item.Sum(row => row.Amount))
        );
}
