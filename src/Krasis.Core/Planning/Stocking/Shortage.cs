using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Stocking;

/// <summary>What a drink lacks: less of it is good than its smallest cup takes.</summary>
/// <param name="Build">The drink.</param>
/// <param name="Item">What it lacks.</param>
/// <param name="IsOver">Whether there is some that is over date.</param>
public sealed record Shortage(string Build, Item Item, bool IsOver)
{
    /// <summary>What drinks lack on a day. Of what is in no book nothing is known, and nothing is said.</summary>
    /// <param name="inBook">What the book has ever told of.</param>
    /// <param name="lots">What is in stock.</param>
    /// <param name="needs">What a cup takes.</param>
    /// <param name="day">The day.</param>
    public static IReadOnlyList<Shortage> Of(
        IReadOnlySet<Item> inBook,
        IReadOnlyList<Lot> lots,
        IEnumerable<KeyValuePair<DrinkSize, IReadOnlyDictionary<Item, double>>> needs,
        DateOnly day
    )
    {
        var good = lots.Where(lot => lot.IsGoodOn(day))
            .GroupBy(lot => lot.Item)
            .ToDictionary(group => group.Key, group => group.Sum(lot => lot.Left));
        var over = lots.Where(lot => !lot.IsGoodOn(day)).Select(lot => lot.Item).ToHashSet();
        return
        [
            .. needs
                .SelectMany(need =>
                    need.Value.Where(each => inBook.Contains(each.Key) && each.Value > 0)
                        .Select(each => (need.Key.Build, Item: each.Key, Amount: each.Value))
                )
                .GroupBy(each => (each.Build, each.Item))
                .Where(group => good.GetValueOrDefault(group.Key.Item) < group.Min(each => each.Amount))
                .Select(group => new Shortage(group.Key.Build, group.Key.Item, over.Contains(group.Key.Item))),
        ];
    }
}
