using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Stocking;

/// <summary>What is in stock, by the book.</summary>
public static class Stock
{
    // Less than this is scraped out of the jug.
    private const double Nothing = 1e-6;

    /// <summary>A lot once one more line is in the book.</summary>
    /// <param name="lot">The lot before; null where this is its first line.</param>
    /// <param name="entry">The line.</param>
    /// <example>500 g are left and 600 g leave: nothing is left, and not less than nothing.</example>
    public static Lot After(Lot? lot, LedgerEntry entry)
    {
        lot ??= new Lot(entry.Lot, entry.Item, 0, entry.Day, null, null);
        return lot with
        {
            Left = Math.Max(0, lot.Left + entry.Amount),
            OpenedOn = entry.Move == LotMove.Opened ? entry.Day : lot.OpenedOn,
            UseBy =
                entry.UseBy is { } day && (lot.UseBy is not { } was || entry.Move is not LotMove.Opened || day < was)
                    ? day
                    : lot.UseBy,
        };
    }

    /// <summary>Every lot that the book has ever had, used up or not, by its number.</summary>
    /// <param name="entries">The book, in its order.</param>
    public static IReadOnlyDictionary<string, Lot> All(IEnumerable<LedgerEntry> entries)
    {
        var lots = new Dictionary<string, Lot>();
        foreach (var entry in entries)
        {
            lots[entry.Lot] = After(lots.GetValueOrDefault(entry.Lot), entry);
        }

        return lots;
    }

    /// <summary>The lots of which something is left, those to be used first before the others.</summary>
    /// <param name="entries">The book, in its order.</param>
    public static IReadOnlyList<Lot> Of(IEnumerable<LedgerEntry> entries) => InOrderOfUse(All(entries).Values);

    /// <summary>The lots of which something is left, those to be used first before the others: by their last day, and
    /// then by age (first expired, first out).</summary>
    public static IReadOnlyList<Lot> InOrderOfUse(IEnumerable<Lot> lots) =>
        [
            .. lots.Where(lot => lot.Left > Nothing)
                .OrderBy(lot => lot.UseBy ?? DateOnly.MaxValue)
                .ThenBy(lot => lot.Since)
                .ThenBy(lot => lot.Id, StringComparer.Ordinal),
        ];

    /// <summary>From which lots an amount is taken: first what has to be used first, and nothing that is over
    /// date.</summary>
    /// <param name="lots">The lots, in the order in which they are to be used.</param>
    /// <param name="item">Of what.</param>
    /// <param name="amount">How much.</param>
    /// <param name="day">On which day.</param>
    /// <returns>What is taken of each; less than was asked for where there is not so much.</returns>
    public static IReadOnlyList<(Lot Lot, double Amount)> Take(
        IReadOnlyList<Lot> lots,
        Item item,
        double amount,
        DateOnly day
    )
    {
        var taken = new List<(Lot, double)>();
        foreach (var lot in lots.Where(lot => lot.Item == item && lot.IsGoodOn(day)))
        {
            if (amount <= Nothing)
            {
                break;
            }

            var some = Math.Min(lot.Left, amount);
            taken.Add((lot, some));
            amount -= some;
        }

        return taken;
    }
}
