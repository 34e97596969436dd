using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Nutrition;

/// <summary>What is in one drink; every part null when it is not known of something in it.</summary>
/// <param name="Energy">Energy.</param>
/// <param name="EnergyKj">The same in kilojoules.</param>
/// <param name="Fat">Fat.</param>
/// <param name="Saturates">Saturated fat.</param>
/// <param name="Carbohydrate">Carbohydrate.</param>
/// <param name="Sugars">Sugars.</param>
/// <param name="Protein">Protein.</param>
/// <param name="Salt">Salt.</param>
/// <param name="Caffeine">Caffeine.</param>
/// <param name="SugarsPer100Ml">Sugars in 100 ml of the liquid as poured, g.</param>
/// <param name="Band">What the sugars are called; null when they are not known.</param>
/// <param name="Label">The same rounded as on a US label.</param>
/// <param name="Unknown">The ingredients of which something is not known, in pour order.</param>
public sealed record NutritionFacts(
    Kilocalories? Energy,
    Kilojoules? EnergyKj,
    Grams? Fat,
    Grams? Saturates,
    Grams? Carbohydrate,
    Grams? Sugars,
    Grams? Protein,
    Grams? Salt,
    Milligrams? Caffeine,
    double? SugarsPer100Ml,
    SugarBand? Band,
    LabelValues Label,
    IReadOnlyList<string> Unknown);
