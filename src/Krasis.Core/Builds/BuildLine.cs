using Krasis.Core.Ingredients;
using Krasis.Core.Measures;
using Krasis.Core.Vessels;

namespace Krasis.Core.Builds;

/// <summary>One thing that goes into the cup.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Ingredient">What goes in.</param>
/// <param name="Set">How much, at the reference size.</param>
/// <param name="Pins">How much at the sizes where the lead has said so by hand, in the measure of
/// <paramref name="Set"/>. Never the reference size.</param>
public sealed record BuildLine(
    LineId Id, IngredientId Ingredient, Quantity Set, IReadOnlyDictionary<CupId, Quantity> Pins);
