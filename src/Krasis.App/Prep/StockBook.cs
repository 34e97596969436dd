using Krasis.Core.Bar.Ingredients;
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
        var reason = $"Sold on {Kitchen.Written(day)}";
        var sold = session.Prep.Sold(Kitchen.Written(day), Kitchen.Written(day)).Select(Kitchen.SoldOf);
        var before = kitchen.Book.Where(row => row.Move == "used" && row.Reason == reason).Select(Kitchen.Entry);
        foreach (
            var (lot, item, amount) in SoldUse.Of(
                [.. kitchen.Book.Select(Kitchen.Entry)],
                before,
                sold,
                kitchen.Needs,
                day
            )
        )
        {
            Write(session, lot, item.ToString(), amount, day, reason, null, now);
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
            Write(session, lot.Id, item.ToString(), -some, day, reason, who, now);
        }

        return [.. taken.Select(each => each.Lot)];
    }

    /// <summary>The number of the next lot of a day, such as 261127-02.</summary>
    public static string NextLot(Session session, DateOnly day)
    {
        var prefix = $"{day:yyMMdd}-";
        return $"{prefix}{session.Prep.LotsLike(prefix) + 1:00}";
    }

    /// <summary>Until when a lot may be used that is made of others: as long as it keeps, and no longer than what went
    /// into it.</summary>
    public static DateOnly? UseBy(DateOnly day1, int? keeps, IEnumerable<Lot> of) =>
        of.Select(lot => lot.UseBy)
            .Append(keeps is { } days ? DateMarking.LastDay(day1, days) : null)
            .Where(day => day is not null)
            .DefaultIfEmpty(null)
            .Min();

    private static void Write(
        Session session,
        string lot,
        string item,
        double amount,
        DateOnly day,
        string reason,
        string? who,
        string now
    ) =>
        session.Prep.Write(
            new LotRow(
                0,
                Guid.CreateVersion7().ToString(),
                now,
                lot,
                item,
                "used",
                amount,
                Kitchen.Written(day),
                null,
                null,
                reason,
                who,
                null
            )
        );
}
