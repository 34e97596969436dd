namespace Krasis.Recipes.Pieces;

/// <summary>A name in a recipe that somebody should say the meaning of.</summary>
/// <param name="Said">The name, as it is written.</param>
/// <param name="Taken">The id of the ingredient that it was taken for; null where it was taken for none.</param>
public sealed record UnknownName(string Said, string? Taken);
