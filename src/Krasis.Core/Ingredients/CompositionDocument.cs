namespace Krasis.Core.Ingredients;

/// <summary>What is in 100 g of an ingredient, as it is entered and stored. What is not said is not known, which is
/// not the same as none.</summary>
public sealed record CompositionDocument
{
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
}
