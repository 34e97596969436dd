using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;

namespace Krasis.App.Prep;

/// <summary>Writes in the book of stock what follows from something else.</summary>
public static class StockBook
{
    /// <summary>Takes out of stock what the cups of a day used, and puts back what was taken for them before.</summary>
    /// <returns>Of what the cups used more than the book had, in sentences. Of what was counted since the count knows
    /// better, and what the book had nothing of was perhaps not kept in it yet: neither is told.</returns>
    public static IReadOnlyList<string> UseUp(Session session, Kitchen kitchen, DateOnly day, string now)
    {
        var written = Kitchen.Written(day);
        var before = session.Prep.TakenForSold(written);
        var lots = session
            .Prep.LotsInStock()
            .Concat(before.Select(row => session.Prep.Lot(row.Lot)!))
            .DistinctBy(balance => balance.Lot)
            .Select(LotBalances.ToLot);
        var counted = session.Prep.CountedSince(written);
        var sold = session.Prep.Sold(written, written).Select(SoldRows.Read).ToList();
        var taken = SoldUse.Of(
            lots,
            before.Select(LotBalances.ToEntry),
            counted.ToDictionary(one => one.Lot, one => kitchen.MinuteOfCount(day, one.Day, one.At)),
            sold,
            kitchen.Needs,
            day,
            kitchen.Facts.HoursOn(day)
        );
        foreach (var (lot, item, amount) in taken)
        {
            session.Prep.Write(
                Used(lot, item, amount, day, $"Sold on {written}", null, now) with
                {
                    SoldDay = written,
                }
            );
        }

        var known = session.Prep.ItemsInBook().ToHashSet();
        var recounted = counted.Select(one => session.Prep.Lot(one.Lot)?.Item).ToHashSet();
        return
        [
            .. SoldUse
                .Needed(sold, kitchen.Needs)
                .Where(need => known.Contains(need.Key.ToString()) && !recounted.Contains(need.Key.ToString()))
                .Select(need =>
                    (
                        Item: need.Key,
                        Used: need.Value,
                        Had: -taken.Where(each => each.Item == need.Key && each.Amount < 0).Sum(each => each.Amount)
                    )
                )
                .Where(need => need.Had > 0 && need.Used > need.Had + 1)
                .OrderByDescending(need => need.Used - need.Had)
                .Select(need =>
                    $"What was sold on {PlanWords.Day(day)} took {Much(need.Used, need.Item)} of {kitchen.NameOf(need.Item)}, but the book had {Much(need.Had, need.Item)}. Count what is there."
                ),
        ];

        static string Much(double amount, Item item) =>
            item.Kind == ItemKind.Ingredient ? PlanWords.Mass(amount) : $"{amount:0}";
    }

    /// <summary>Takes an amount out of the lots that have to be used first.</summary>
    /// <returns>The lots that it came from.</returns>
    public static IReadOnlyList<Lot> TakeOut(
        Session session,
        IReadOnlyList<Lot> lots,
        Item item,
        double amount,
        DateOnly day,
        string reason,
        string? who,
        string now
    )
    {
        var taken = Stock.Take(lots, item, amount, day);
        foreach (var (lot, some) in taken)
        {
            session.Prep.Write(Used(lot.Id, item, -some, day, reason, who, now));
        }

        return [.. taken.Select(each => each.Lot)];
    }

    /// <summary>The number of the next lot of a day.</summary>
    public static string NextLot(Session session, DateOnly day) =>
        LotNumber.Next(day, session.Prep.LotsLike(LotNumber.PrefixOf(day)));

    /// <summary>A lot, used up or not; null when there never was one.</summary>
    public static Lot? Find(Session session, string? lot) =>
        lot is not null && session.Prep.Lot(lot) is { } balance ? LotBalances.ToLot(balance) : null;

    private static LotRow Used(
        string lot,
        Item item,
        double amount,
        DateOnly day,
        string reason,
        string? who,
        string now
    ) =>
        new(
            0,
            Guid.CreateVersion7().ToString(),
            now,
            lot,
            item.ToString(),
            "used",
            amount,
            Kitchen.Written(day),
            null,
            null,
            reason,
            who,
            null
        );
}
