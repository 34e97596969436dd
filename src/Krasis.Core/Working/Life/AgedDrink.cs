using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Life;

/// <summary>A drink some time after it was handed over.</summary>
/// <param name="After">How long after.</param>
/// <param name="Melt">Ice turned to water since it was put together.</param>
/// <param name="IceLeft">Ice that is left.</param>
/// <param name="Temperature">How warm the liquid is.</param>
/// <param name="Strength">Coffee solids in the drink, the melted ice with it; null when not known.</param>
/// <param name="Sweetness">Sweetness of the drink, the melted ice with it; null when not known.</param>
public sealed record AgedDrink(
    Minutes After,
    Grams Melt,
    Grams IceLeft,
    Celsius Temperature,
    Percent? Strength,
    GramsPer100Grams? Sweetness
);
