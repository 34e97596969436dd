using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Preparing;

namespace Krasis.Core.Planning.Stocking;

/// <summary>What the cups of a day take out of stock.</summary>
public static class SoldUse
{
    /// <summary>What is to be written in the book once it is known what was sold on a day.</summary>
    /// <param name="lots">Every lot of which something is left, and those that <paramref name="before"/> is of.</param>
    /// <param name="before">What was written for that day before: it is put back first.</param>
    /// <param name="counted">The lots that were counted on that day or later, and the minute of the day of the count by the
    /// clock on the wall, infinite for a later day. The count already includes what was used up to that minute.</param>
    /// <param name="sold">What was sold on the day. Cups whose time is not known are spread evenly over the opening hours;
    /// on a day without, they count as sold before any count.</param>
    /// <param name="needs">What a cup takes.</param>
    /// <param name="day">The day.</param>
    /// <param name="hours">Its opening hours.</param>
    /// <returns>By how much each lot grows; below zero where it shrinks.</returns>
    /// <remarks>First expired, first out. A lot that came later was not there. Of a day with counts each part between two
    /// of them is taken by itself.</remarks>
    public static IReadOnlyList<(string Lot, Item Item, double Amount)> Of(
        IEnumerable<Lot> lots,
        IEnumerable<LedgerEntry> before,
        IReadOnlyDictionary<string, double> counted,
        IEnumerable<Sold> sold,
        IReadOnlyDictionary<DrinkSize, IReadOnlyDictionary<Item, double>> needs,
        DateOnly day,
        DayHours hours
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

        var cups = sold.ToList();
        var taken = new Dictionary<(string Lot, Item Item), double>();
        foreach (var (from, to) in Parts(counted))
        {
            var usable = Stock.InOrderOfUse(
                there
                    .Values.Where(lot =>
                        lot.Since <= day && counted.GetValueOrDefault(lot.Id, double.NegativeInfinity) <= from
                    )
                    .Select(lot => lot with { Left = lot.Left - taken.GetValueOrDefault((lot.Id, lot.Item)) })
            );
            var part = cups.Select(row => row with { Cups = Between(row, from, to, hours) });
            foreach (var (item, amount) in Needed(part, needs))
            {
                foreach (var (lot, some) in Stock.Take(usable, item, amount, day))
                {
                    taken[(lot.Id, item)] = taken.GetValueOrDefault((lot.Id, item)) + some;
                }
            }
        }

        return [.. back, .. taken.Select(each => (each.Key.Lot, each.Key.Item, -each.Value))];
    }

    /// <summary>What cups take, all together, g or pieces.</summary>
    /// <param name="sold">The cups.</param>
    /// <param name="needs">What a cup takes.</param>
    public static IReadOnlyDictionary<Item, double> Needed(
        IEnumerable<Sold> sold,
        IReadOnlyDictionary<DrinkSize, IReadOnlyDictionary<Item, double>> needs
    ) =>
        sold.SelectMany(row =>
                (needs.GetValueOrDefault(row.What) ?? new Dictionary<Item, double>()).Select(need =>
                    (Item: need.Key, Amount: need.Value * row.Cups)
                )
            )
            .GroupBy(use => use.Item, use => use.Amount)
            .ToDictionary(item => item.Key, item => item.Sum());

    // The parts of a day between counts.
    private static IEnumerable<(double From, double To)> Parts(IReadOnlyDictionary<string, double> counted)
    {
        var marks = counted
            .Values.Append(double.NegativeInfinity)
            .Append(double.PositiveInfinity)
            .Distinct()
            .Order()
            .ToList();
        return marks.Zip(marks.Skip(1));
    }

    // How many cups were sold after one minute and up to another.
    private static double Between(Sold row, double from, double to, DayHours hours)
    {
        var timed = row.Times.Where(each => each.Minute > from && each.Minute <= to).Sum(each => each.Cups);
        var spread = Math.Max(row.Cups - row.Times.Sum(each => each.Cups), 0);
        return timed + (spread * (SpreadBy(to, hours) - SpreadBy(from, hours)));
    }

    // Which share of the cups of unknown time is sold by a minute.
    private static double SpreadBy(double minute, DayHours hours) =>
        hours is { Opens: { } opens, Closes: { } closes } ? Math.Clamp((minute - opens) / (closes - opens), 0, 1)
        : double.IsNegativeInfinity(minute) ? 0
        : 1;
}
