using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Stocking;

/// <summary>What the cups of a day take out of stock.</summary>
public static class SoldUse
{
    /// <summary>What is to be written in the book once it is known what was sold on a day.</summary>
    /// <param name="lots">Every lot of which something is left, and those that <paramref name="before"/> is of.</param>
    /// <param name="before">What was written for that day before: it is put back first.</param>
    /// <param name="counted">The lots that were counted on that day or later: the count knows better.</param>
    /// <param name="sold">What was sold on the day.</param>
    /// <param name="needs">What a cup takes.</param>
    /// <param name="day">The day.</param>
    /// <returns>By how much each lot grows; below zero where it shrinks.</returns>
    /// <remarks>First expired, first out. A lot that came later was not there.</remarks>
    public static IReadOnlyList<(string Lot, Item Item, double Amount)> Of(
        IEnumerable<Lot> lots,
        IEnumerable<LedgerEntry> before,
        IReadOnlySet<string> counted,
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
        var there = lots.ToDictionary(lot => lot.Id);
        foreach (var (lot, item, amount) in back)
        {
            there[lot] = Stock.After(
                there.GetValueOrDefault(lot),
                new LedgerEntry(lot, item, LotMove.Used, amount, day, null)
            );
        }

        var usable = Stock.InOrderOfUse(there.Values.Where(lot => lot.Since <= day && !counted.Contains(lot.Id)));
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
                Stock.Take(usable, item.Key, item.Sum(), day).Select(taken => (taken.Lot.Id, item.Key, -taken.Amount))
            ),
        ];
    }
}
