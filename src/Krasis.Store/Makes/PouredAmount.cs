namespace Krasis.Store.Makes;

/// <summary>How much of an ingredient was wanted and how much went in.</summary>
/// <param name="Station">The id of the station; null where the tablet named none.</param>
/// <param name="Ingredient">The id of the ingredient.</param>
/// <param name="Target">How much was wanted, g.</param>
/// <param name="Grams">How much went in, g.</param>
public sealed record PouredAmount(string? Station, string Ingredient, double Target, double Grams);
