using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>One thing that goes into a batch.</summary>
/// <param name="Ingredient">The ingredient or part.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Mass">How much.</param>
/// <param name="Volume">The same by volume.</param>
/// <param name="IsPart">Whether the house makes it.</param>
/// <param name="Cost">What so much of it costs; null when not known.</param>
public sealed record BatchLine(
    IngredientId Ingredient,
    string Name,
    Grams Mass,
    Millilitres Volume,
    bool IsPart,
    Money? Cost
);
