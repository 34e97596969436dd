using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Buying;

/// <summary>What is to be ordered of a thing.</summary>
/// <param name="Item">Which.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Needed">What lasts over the planned days, g or pieces.</param>
/// <param name="InStock">What is good of it and in stock.</param>
/// <param name="Par">What is to stand there afterwards.</param>
/// <param name="Pack">What a pack holds that reaches the cups, g or pieces; null when not known.</param>
/// <param name="PackSays">What the pack is called; null likewise.</param>
/// <param name="Packs">How many packs to order; null when a pack is not known.</param>
/// <param name="Cost">What they cost; null when not known.</param>
/// <param name="RunsOut">The first day on which the stock does not last; null when it lasts.</param>
/// <param name="OrderBy">The day on which it has to be ordered at the latest; null when it lasts.</param>
/// <param name="IsLate">Whether that is over.</param>
public sealed record OrderRow(
    Item Item,
    string Name,
    double Needed,
    double InStock,
    double Par,
    double? Pack,
    string? PackSays,
    int? Packs,
    double? Cost,
    DateOnly? RunsOut,
    DateOnly? OrderBy,
    bool IsLate
);
