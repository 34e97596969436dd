namespace Krasis.Core.Builds;

/// <summary>What a size is sold for, as it is entered and stored.</summary>
public sealed record PriceDocument
{
    /// <summary>The id of the cup.</summary>
    public string? Size { get; init; }

    /// <summary>The price, in the house's currency.</summary>
    public double? Price { get; init; }
}
