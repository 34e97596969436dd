using Krasis.Core.Measures;

namespace Krasis.Core.Ingredients;

/// <summary>Something that goes into a cup.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Kind">What sort of thing it is.</param>
/// <param name="Density">Its density as served; for ice, that of the solid.</param>
/// <param name="Colour">Its colour in drawings, as <c>#rrggbb</c>.</param>
/// <param name="PieceMass">The mass of one piece of ice; null for everything else.</param>
/// <param name="Strength">Coffee solids in a brewed coffee; null when not known, and for everything else.</param>
/// <param name="Sugars">The sugars in it, every kind; null when not all of them are known.</param>
public sealed record Ingredient(
    IngredientId Id,
    string Name,
    IngredientKind Kind,
    Density Density,
    string Colour,
    Grams? PieceMass,
    Percent? Strength,
    IReadOnlyDictionary<Sugar, GramsPer100Grams>? Sugars)
{
    /// <summary>Whether it is coffee, espresso or brewed.</summary>
    public bool IsCoffee => Kind is IngredientKind.Espresso or IngredientKind.Coffee;

    /// <summary>Whether it is ice.</summary>
    public bool IsIce => Kind == IngredientKind.Ice;
}
