namespace Krasis.Exchange.Prep;

/// <summary>Which columns of a sales file hold what, by their place from 0.</summary>
/// <param name="Day">The day.</param>
/// <param name="Drink">What the till calls the drink.</param>
/// <param name="Cups">How many were sold.</param>
/// <param name="Size">The size; null where the drink's name says it.</param>
/// <param name="Station">The station; null where there is one.</param>
/// <param name="Order">In what order days are written: ymd, dmy or mdy; null to be told by the file.</param>
/// <param name="Time">The time of day; null if there is no such column or the time follows the day.</param>
public sealed record SalesColumns(
    int? Day,
    int? Drink,
    int? Cups,
    int? Size,
    int? Station,
    string? Order,
    int? Time = null
)
{
    private static readonly string[] DayWords = ["day", "date", "datum", "when", "business day", "timestamp"];
    private static readonly string[] TimeWords = ["time", "hour"];
    private static readonly string[] DrinkWords = ["drink", "item", "product", "name", "article", "description"];
    private static readonly string[] CupWords =
    [
        "cups",
        "sold",
        "qty",
        "quantity",
        "count",
        "number",
        "units",
        "pieces",
    ];
    private static readonly string[] SizeWords = ["size", "cup", "variant", "modifier"];
    private static readonly string[] StationWords = ["station", "till", "place", "location", "register", "outlet"];

    /// <summary>What a table's head leads to suppose. No column holds two things. A column counts as the time only if
    /// every cell in it is a time or empty.</summary>
    public static SalesColumns Guess(SalesTable table)
    {
        var head = table.Head.Select((cell, i) => (Cell: cell.ToLowerInvariant(), At: i)).ToList();
        var taken = new HashSet<int>();
        return new SalesColumns(
            Find(DayWords, _ => true),
            Find(DrinkWords, _ => true),
            Find(CupWords, _ => true),
            Find(SizeWords, _ => true),
            Find(StationWords, _ => true),
            null,
            Find(TimeWords, HoldsTimes)
        );

        bool HoldsTimes(int at) =>
            table.Rows.All(row =>
                row.Cells.ElementAtOrDefault(at) is not { Length: > 0 } cell || SalesTime.OfCell(cell) is not null
            );

        int? Find(string[] words, Func<int, bool> fits)
        {
            var free = head.Where(each => !taken.Contains(each.At) && fits(each.At)).ToList();
            var at = free.Where(each => words.Contains(each.Cell)).Select(each => (int?)each.At).FirstOrDefault();
            at ??= free.Where(each => words.Any(word => each.Cell.Contains(word, StringComparison.Ordinal)))
                .Select(each => (int?)each.At)
                .FirstOrDefault();
            if (at is { } found)
            {
                taken.Add(found);
            }

            return at;
        }
    }
}
