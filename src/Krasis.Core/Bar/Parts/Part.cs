using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Parts;

/// <summary>Something the house makes for its drinks, read by itself: what goes into it is not yet known to be
/// there.</summary>
/// <param name="Id">Its id, among the ingredients.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Kind">What sort of ingredient it is in a drink.</param>
/// <param name="Colour">Its colour in drawings.</param>
/// <param name="Lines">What goes in.</param>
/// <param name="Loss">The share of the mass that boils away, from 0 to less than 1.</param>
/// <param name="Density">Its density as weighed; null to be estimated.</param>
/// <param name="ServedAt">How warm it is when it goes into the cup; null for its kind's usual.</param>
/// <param name="UseBy">The last day for the batch in use; null when not known.</param>
/// <param name="IsChilled">Whether it must be held at or below 5 °C; null to follow from what is in it.</param>
public sealed record Part(
    IngredientId Id,
    string Name,
    IngredientKind Kind,
    string Colour,
    IReadOnlyList<PartLine> Lines,
    double Loss,
    Density? Density,
    Celsius? ServedAt,
    DateOnly? UseBy,
    bool? IsChilled
);
