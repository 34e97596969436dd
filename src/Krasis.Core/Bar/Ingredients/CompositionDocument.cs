namespace Krasis.Core.Bar.Ingredients;

/// <summary>What is in 100 g of an ingredient, as it is entered and stored. What is not said is not known, which is
/// not the same as none.</summary>
public sealed record CompositionDocument
{
    /// <summary>Energy, kcal.</summary>
    public double? EnergyKcal { get; init; }

    /// <summary>Fat, g.</summary>
    public double? Fat { get; init; }

    /// <summary>Saturated fat, g.</summary>
    public double? Saturates { get; init; }

    /// <summary>Carbohydrate that the body uses, sugars included and fibre left out, g.</summary>
    public double? Carbohydrate { get; init; }

    /// <summary>All sugars together, g. Where it is missing and every kind is said, it is their sum.</summary>
    public double? Sugars { get; init; }

    /// <summary>Protein, g.</summary>
    public double? Protein { get; init; }

    /// <summary>Salt, g.</summary>
    public double? Salt { get; init; }

    /// <summary>Caffeine, mg.</summary>
    public double? CaffeineMg { get; init; }

    /// <summary>Sucrose, g.</summary>
    public double? Sucrose { get; init; }

    /// <summary>Glucose, g.</summary>
    public double? Glucose { get; init; }

    /// <summary>Fructose, g.</summary>
    public double? Fructose { get; init; }

    /// <summary>Lactose, g.</summary>
    public double? Lactose { get; init; }

    /// <summary>Maltose, g.</summary>
    public double? Maltose { get; init; }

    /// <summary>Galactose, g: half of what lactose is split into.</summary>
    public double? Galactose { get; init; }

    /// <summary>What sweetens it without being sugar; missing when nothing does.</summary>
    public SweetenerDocument? Sweeteners { get; init; }

    /// <summary>Where the values come from.</summary>
    public string? Source { get; init; }

    /// <summary>The day on which they were read or measured, as 2026-11-25.</summary>
    public string? On { get; init; }
}
