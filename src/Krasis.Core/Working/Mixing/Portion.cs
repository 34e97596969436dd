using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Mixing;

/// <summary>So much of one ingredient, in a cup.</summary>
/// <param name="Ingredient">The ingredient.</param>
/// <param name="Mass">How much.</param>
public readonly record struct Portion(Ingredient Ingredient, Grams Mass)
{
    /// <summary>Its volume by itself.</summary>
    public Millilitres Volume => Mass / Ingredient.Density;
}
