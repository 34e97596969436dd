using Krasis.Core.Bar.Ingredients;

namespace Krasis.Recipes.Finding;

/// <summary>An ingredient that was found by its name among words.</summary>
/// <param name="From">The first of the words.</param>
/// <param name="Count">How many words.</param>
/// <param name="Ingredient">What they name.</param>
/// <param name="Doubt">Why it may be another; null where there is no doubt.</param>
internal sealed record FoundName(int From, int Count, Ingredient Ingredient, string? Doubt);
