using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Stocking;

/// <summary>What the cups of a day take out of stock.</summary>
public static class SoldUse
{
    /// <summary>What is to be written in the book once it is known what was sold on a day.</summary>
    /// <param name="book">The book, in its order.</param>
    /// <param name="before">What was written for that day before: it is put back.</param>
    /// <param name="sold">What was sold on the day.</param>
    /// <param name="needs">What a cup takes.</param>
    /// <param name="day">The day.</param>
    /// <returns>By how much each lot grows; below zero where it shrinks.</returns>
    /// <remarks>First expired, first out. A lot that was counted on that day or later knows better, and one that came
    /// later was not there.</remarks>
    public static IReadOnlyList<(string Lot, Item Item, double Amount)> Of(
        IReadOnlyList<LedgerEntry> book,
        IEnumerable<LedgerEntry> before,
        IEnumerable<Sold> sold,
        IReadOnlyDictionary<DrinkSize, IReadOnlyDictionary<Item, double>> needs,
        DateOnly day
    )
    {
        var back = before
            .GroupBy(entry => (entry.Lot, entry.Item))
            .Select(lot => (lot.Key.Lot, lot.Key.Item, Amount: -lot.Sum(entry => entry.Amount)))
            .Where(lot => lot.Amount > 1e-9)
            .ToList();
        var counted = book.Where(entry => entry.Move == LotMove.Counted && entry.Day >= day)
            .Select(entry => entry.Lot)
            .ToHashSet();
        var lots = Stock
            .Of([
                .. book,
                .. back.Select(lot => new LedgerEntry(lot.Lot, lot.Item, LotMove.Used, lot.Amount, day, null)),
            ])
            .Where(lot => lot.Since <= day && !counted.Contains(lot.Id))
            .ToList();
        var used = sold.SelectMany(row =>
                (needs.GetValueOrDefault(row.What) ?? new Dictionary<Item, double>()).Select(need =>
                    (Item: need.Key, Amount: need.Value * row.Cups)
                )
            )
            .GroupBy(use => use.Item, use => use.Amount);
        return
        [
            .. back,
            .. used.SelectMany(item =>
                Stock.Take(lots, item.Key, item.Sum(), day).Select(taken => (taken.Lot.Id, item.Key, -taken.Amount))
            ),
        ];
    }
}
