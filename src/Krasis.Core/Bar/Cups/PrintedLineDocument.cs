namespace Krasis.Core.Bar.Cups;

/// <summary>A line printed on a cup, as it is entered and stored: at a height, or else at a volume.</summary>
public sealed record PrintedLineDocument
{
    /// <summary>What the bar calls it.</summary>
    public string? Label { get; init; }

    /// <summary>Its height above the inside of the bottom, mm.</summary>
    public double? HeightMm { get; init; }

    /// <summary>The volume up to it, ml; used where there is no height.</summary>
    public double? Ml { get; init; }
}
