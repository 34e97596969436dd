using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Tasting;

/// <summary>What a size tastes like, as poured: with the steam that has gone into its milk and the water that its
/// coffee was cooled with, before any of its own ice has melted, unless that is blended in.</summary>
/// <param name="Strength">Coffee solids in the drink, by mass; null when a coffee's strength is not known.</param>
/// <param name="Sweetness">Sugars and sweeteners in the drink as so much sucrose; null when an ingredient's sugars are
/// not known.</param>
/// <param name="MilkPerCoffee">Grams of milk to a gram of coffee, the second number of the ratio 1 : n; null without
/// coffee.</param>
/// <param name="Unknown">The names of the ingredients whose strength or sugars are not known, in pour order.</param>
/// <param name="Taken">The names of those whose kinds of sugar are taken to be as usual, in pour order.</param>
public sealed record Taste(
    Percent? Strength,
    GramsPer100Grams? Sweetness,
    double? MilkPerCoffee,
    IReadOnlyList<string> Unknown,
    IReadOnlyList<string> Taken
);
