namespace Krasis.Core.Working.Nutrition;

/// <summary>Of which ingredients it is not known how much they hold of something, each in pour order.</summary>
/// <param name="Energy">Whose energy is not known.</param>
/// <param name="Carbohydrate">Whose carbohydrate is not known.</param>
/// <param name="Sugars">Whose sugars are not known.</param>
/// <param name="Caffeine">Whose caffeine is not known.</param>
public sealed record NutritionGaps(
    IReadOnlyList<string> Energy,
    IReadOnlyList<string> Carbohydrate,
    IReadOnlyList<string> Sugars,
    IReadOnlyList<string> Caffeine
);
