using Krasis.Core.Bar.Ingredients;

namespace Krasis.Exchange.Pantry;

/// <summary>One ingredient of a pantry file.</summary>
/// <param name="Line">Where it begins, from 1.</param>
/// <param name="Document">What it says, laid over what the bar already has of it.</param>
/// <param name="Known">The id that the bar has it under; null when it is new.</param>
/// <param name="Problems">What is wrong with it; empty when it can be taken.</param>
public sealed record PantryRow(
    int Line,
    IngredientDocument Document,
    string? Known,
    IReadOnlyList<PantryProblem> Problems
);
