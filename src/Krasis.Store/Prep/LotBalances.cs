using System.Globalization;
using Krasis.Core.Input;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Stocking;

namespace Krasis.Store.Prep;

/// <summary>Lots and lines of the book between the file and the core, whose rules say what is left.</summary>
public static class LotBalances
{
    private const string DayFormat = "yyyy-MM-dd";

    /// <summary>What is left once one more line is in the book.</summary>
    internal static LotBalance After(LotBalance? before, LotRow row)
    {
        var lot = Stock.After(before is null ? null : ToLot(before), ToEntry(row));
        return new LotBalance(
            lot.Id,
            lot.Item.ToString(),
            lot.Left,
            Day(lot.Since),
            lot.OpenedOn is { } opened ? Day(opened) : null,
            lot.UseBy is { } last ? Day(last) : null,
            before is null ? row.Who : before.Who
        );
    }

    /// <summary>A lot for the core.</summary>
    public static Lot ToLot(LotBalance balance) =>
        new(
            balance.Lot,
            Item.Find(balance.Item)!.Value,
            balance.Remaining,
            Day(balance.Since),
            balance.OpenedOn is { } opened ? Day(opened) : null,
            balance.UseBy is { } last ? Day(last) : null
        );

    /// <summary>A line of the book for the core.</summary>
    public static LedgerEntry ToEntry(LotRow row) =>
        new(
            row.Lot,
            Item.Find(row.Item)!.Value,
            Choice.Find<LotMove>(row.Move)!.Value,
            row.Amount,
            Day(row.Day),
            row.UseBy is { } day ? Day(day) : null
        );

    /// <summary>A day as the file has it.</summary>
    public static string Day(DateOnly day) => day.ToString(DayFormat, CultureInfo.InvariantCulture);

    /// <summary>The day that the file has like this.</summary>
    public static DateOnly Day(string written) => DateOnly.ParseExact(written, DayFormat, CultureInfo.InvariantCulture);
}
