using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Plans;

/// <summary>What is known of a thing that is needed.</summary>
/// <param name="Item">Which.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="GramsPerMl">Its density; null of cups.</param>
/// <param name="IsMade">Whether the house makes it.</param>
/// <param name="Keeps">How many days it keeps once made, that day counted; null when it keeps.</param>
/// <param name="IsChilled">Whether it stands in the fridge.</param>
/// <param name="StartsAnew">Whether its days are counted anew, whatever the age of what goes into it: it is cooked or
/// frozen.</param>
/// <param name="Of">What a gram of it is made of.</param>
/// <param name="Pack">What a pack holds that reaches the cups, g or pieces; null when not known.</param>
/// <param name="PackSays">What the pack is called, such as 1000 ml; null likewise.</param>
/// <param name="PackPrice">What a pack costs; null when not known.</param>
/// <param name="Price">What a gram or a piece costs; null when not known.</param>
public sealed record PrepItem(
    Item Item,
    string Name,
    double? GramsPerMl,
    bool IsMade,
    int? Keeps,
    bool IsChilled,
    bool StartsAnew,
    IReadOnlyList<(Item Item, double Share)> Of,
    double? Pack,
    string? PackSays,
    double? PackPrice,
    double? Price
);
