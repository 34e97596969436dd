using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Tasting;

/// <summary>What a size tastes like, as poured: before any ice has melted and any steam has gone in.</summary>
/// <param name="Strength">Coffee solids in the liquid, by mass; null when a coffee's strength is not known.</param>
/// <param name="Sweetness">Sugars in the liquid as so much sucrose; null when an ingredient's sugars are not known.</param>
/// <param name="MilkPerCoffee">Grams of milk to a gram of coffee, the second number of the ratio 1 : n; null without
/// coffee.</param>
/// <param name="Unknown">The names of the ingredients whose strength or sugars are not known, in pour order.</param>
public sealed record Taste(Percent? Strength, GramsPer100Grams? Sweetness, double? MilkPerCoffee, IReadOnlyList<string> Unknown);
