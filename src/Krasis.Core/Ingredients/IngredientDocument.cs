namespace Krasis.Core.Ingredients;

/// <summary>An ingredient as it is entered and stored. Nothing in it is trusted before
/// <see cref="IngredientReader"/> has read it.</summary>
public sealed record IngredientDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls it.</summary>
    public string? Name { get; init; }

    /// <summary>One of espresso, coffee, milk, syrup, sauce, water, ice.</summary>
    public string? Kind { get; init; }

    /// <summary>Density as served, g/ml. Not used for ice, whose density is known.</summary>
    public double? DensityGramsPerMl { get; init; }

    /// <summary>Colour in drawings, as #rrggbb.</summary>
    public string? Colour { get; init; }

    /// <summary>Mass of one piece, g. For ice only.</summary>
    public double? PieceGrams { get; init; }

    /// <summary>Coffee solids, % by mass. For brewed coffee only; espresso has it from its recipe.</summary>
    public double? StrengthPercent { get; init; }

    /// <summary>What is in 100 g of it. Not needed for coffee, water and ice.</summary>
    public CompositionDocument? Per100g { get; init; }
}
