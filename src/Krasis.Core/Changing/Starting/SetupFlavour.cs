namespace Krasis.Core.Changing.Starting;

/// <summary>A flavour as a house begins with it.</summary>
public sealed record SetupFlavour
{
    /// <summary>What the house calls it.</summary>
    public string? Name { get; init; }

    /// <summary>The id of what it is like in the starter pantry; the plain syrup when it is missing.</summary>
    public string? Like { get; init; }

    /// <summary>What a stroke of its pump gives, ml; missing where it has none.</summary>
    public double? StrokeMl { get; init; }
}
