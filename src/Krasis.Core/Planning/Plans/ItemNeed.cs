using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Plans;

/// <summary>How much of an item is needed.</summary>
/// <param name="Item">Which.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="IsMade">Whether the house makes it.</param>
/// <param name="Mean">On average, g or pieces, over all days.</param>
/// <param name="Lasting">What lasts with the house's probability.</param>
/// <param name="InStock">What is good of it and in stock.</param>
/// <param name="Days">What lasts, day by day, each by itself.</param>
/// <param name="LastingTo">What lasts from the first day to each day.</param>
public sealed record ItemNeed(
    Item Item,
    string Name,
    bool IsMade,
    double Mean,
    double Lasting,
    double InStock,
    IReadOnlyList<double> Days,
    IReadOnlyList<double> LastingTo
);
