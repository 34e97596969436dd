using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Pouring;

/// <summary>What was really poured in one step of a make.</summary>
/// <param name="Line">The line.</param>
/// <param name="What">What the bar calls what went in.</param>
/// <param name="Ingredient">The ingredient's id; null where nothing of the bar went in.</param>
/// <param name="Dispenser">The id of the dispenser that gave it; null where none did.</param>
/// <param name="Recipe">The espresso recipe by which it was pulled; null where it was not.</param>
/// <param name="Target">How much was to go in.</param>
/// <param name="Grams">How much went in.</param>
/// <param name="Seconds">How long the pull ran, s; null where it was no pull, and when nobody timed it.</param>
/// <param name="Temperature">How warm it was; null when nobody measured it.</param>
/// <param name="IsRight">Whether so much was right, and a pull that was timed ran as its recipe wants it.</param>
public sealed record PouredStep(
    LineId Line,
    string What,
    IngredientId? Ingredient,
    string? Dispenser,
    string? Recipe,
    Grams Target,
    Grams Grams,
    double? Seconds,
    Celsius? Temperature,
    bool IsRight
);
