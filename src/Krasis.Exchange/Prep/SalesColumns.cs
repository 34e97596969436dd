namespace Krasis.Exchange.Prep;

/// <summary>Which columns of a sales file hold what, by their place from 0.</summary>
/// <param name="Day">The day.</param>
/// <param name="Drink">What the till calls the drink.</param>
/// <param name="Cups">How many were sold.</param>
/// <param name="Size">The size; null where the drink's name says it.</param>
/// <param name="Station">The station; null where there is one.</param>
/// <param name="Order">In what order days are written: ymd, dmy or mdy; null to be told by the file.</param>
public sealed record SalesColumns(int? Day, int? Drink, int? Cups, int? Size, int? Station, string? Order)
{
    private static readonly string[] DayWords = ["day", "date", "datum", "when", "business day"];
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

    /// <summary>What a head leads to suppose. No column holds two things.</summary>
    public static SalesColumns Guess(IReadOnlyList<string> head)
    {
        var taken = new HashSet<int>();
        return new SalesColumns(
            Find(DayWords),
            Find(DrinkWords),
            Find(CupWords),
            Find(SizeWords),
            Find(StationWords),
            null
        );

        int? Find(string[] words)
        {
            var at = head.Select((cell, i) => (Cell: cell.ToLowerInvariant(), i))
                .Where(each => words.Contains(each.Cell) && !taken.Contains(each.i))
                .Select(each => (int?)each.i)
                .FirstOrDefault();
            at ??= head.Select((cell, i) => (Cell: cell.ToLowerInvariant(), i))
                .Where(each =>
                    words.Any(word => each.Cell.Contains(word, StringComparison.Ordinal)) && !taken.Contains(each.i)
                )
                .Select(each => (int?)each.i)
                .FirstOrDefault();
            if (at is { } found)
            {
                taken.Add(found);
            }

            return at;
        }
    }
}
