namespace Krasis.Recipes.Pieces;

/// <summary>What somebody has said that a name in a recipe means here.</summary>
/// <param name="Said">The name as it is written there.</param>
/// <param name="Ingredient">The id of the ingredient.</param>
public sealed record NameChoice(string Said, string Ingredient);
