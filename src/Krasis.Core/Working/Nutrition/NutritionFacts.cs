using Krasis.Core.Bar.Ingredients;
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
/// <param name="Caffeine">Caffeine, by the dose.</param>
/// <param name="CaffeineFrom">The least that it may be.</param>
/// <param name="CaffeineTo">The most that it may be.</param>
/// <param name="CaffeineKnown">Caffeine of the lines of which it is known: all of it when it is known of every
/// line.</param>
/// <param name="CaffeineKnownTo">The most that those may hold.</param>
/// <param name="SugarsPer100Ml">Sugars in 100 ml of the drink as poured, g.</param>
/// <param name="Band">What the sugars are called; null when they are not known.</param>
/// <param name="Gaps">Of which ingredients it is not known.</param>
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
    Milligrams? CaffeineFrom,
    Milligrams? CaffeineTo,
    Milligrams CaffeineKnown,
    Milligrams CaffeineKnownTo,
    double? SugarsPer100Ml,
    SugarBand? Band,
    NutritionGaps Gaps
)
{
    /// <summary>The portion rounded as on a US label. Labels are worked out when they are asked for: most sheets are
    /// read for other figures.</summary>
    public LabelValues Label => LabelRounding.Of(Portion);

    /// <summary>The portion rounded as on an EU label.</summary>
    public EuLabelValues EuPortion => EuLabelRounding.Of(Portion);

    /// <summary>100 ml rounded as on an EU label.</summary>
    public EuLabelValues EuPer100Ml => EuLabelRounding.Of(Hundred);

    /// <summary>The least that the lines of which it is known may hold: as far below what is usual as
    /// <see cref="CaffeineKnownTo"/> is above it.</summary>
    public Milligrams LeastCaffeineKnown() =>
        Milligrams.From(Math.Max(0, (2 * CaffeineKnown.Value) - CaffeineKnownTo.Value));

    /// <summary>All of it, unrounded.</summary>
    internal Composition Portion { get; init; } = Composition.Unknown;

    /// <summary>What is in 100 ml, unrounded.</summary>
    internal Composition Hundred { get; init; } = Composition.Unknown;
}
