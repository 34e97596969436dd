using Krasis.Core.Bar.Parts;

namespace Krasis.App.Bar;

/// <summary>A batch that is wanted.</summary>
public sealed record BatchRequest
{
    /// <summary>The part, as it stands on the screen.</summary>
    public PartDocument Part { get; init; } = new();

    /// <summary>How much is to come out.</summary>
    public double? Amount { get; init; }

    /// <summary>The code of a measure of mass or volume.</summary>
    public string? Measure { get; init; }
}
