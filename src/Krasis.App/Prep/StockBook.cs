using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;

namespace Krasis.App.Prep;

/// <summary>Writes in the book of stock what follows from something else.</summary>
public static class StockBook
{
    /// <summary>Takes out of stock what the cups of a day used, and puts back what was taken for them before.</summary>
    public static void UseUp(Session session, Kitchen kitchen, DateOnly day, string now)
    {
        var written = Kitchen.Written(day);
        var before = session.Prep.TakenForSold(written);
        var lots = session
            .Prep.LotsInStock()
            .Concat(before.Select(row => session.Prep.Lot(row.Lot)!))
            .DistinctBy(balance => balance.Lot)
            .Select(LotBalances.ToLot);
        var taken = SoldUse.Of(
            lots,
            before.Select(LotBalances.ToEntry),
            session
                .Prep.CountedSince(written)
                .ToDictionary(counted => counted.Lot, counted => kitchen.ShareSoldAfter(day, counted.Day, counted.At)),
            session.Prep.Sold(written, written).Select(Kitchen.SoldOf),
            kitchen.Needs,
            day
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
