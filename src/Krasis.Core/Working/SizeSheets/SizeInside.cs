using Krasis.Core.Working.Nutrition;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>What is in a size.</summary>
/// <param name="Nutrition">Energy, what it is made of, and caffeine.</param>
/// <param name="Allergens">The allergens that are brought in.</param>
public sealed record SizeInside(NutritionFacts Nutrition, AllergenFacts Allergens);
