namespace Krasis.Core.Bar.Ingredients;

/// <summary>What sweetens 100 g of an ingredient without being sugar, g, as it is entered and stored. What is missing
/// is not in it.</summary>
public sealed record SweetenerDocument
{
    /// <summary>Erythritol, g.</summary>
    public double? Erythritol { get; init; }

    /// <summary>Xylitol, g.</summary>
    public double? Xylitol { get; init; }

    /// <summary>Maltitol, g.</summary>
    public double? Maltitol { get; init; }

    /// <summary>Allulose, g.</summary>
    public double? Allulose { get; init; }

    /// <summary>Aspartame, g.</summary>
    public double? Aspartame { get; init; }

    /// <summary>Steviol glycosides, g.</summary>
    public double? SteviolGlycosides { get; init; }

    /// <summary>Sucralose, g.</summary>
    public double? Sucralose { get; init; }
}
