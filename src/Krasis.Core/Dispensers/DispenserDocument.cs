namespace Krasis.Core.Dispensers;

/// <summary>A dispenser as it is entered and stored. Nothing in it is trusted before
/// <see cref="DispenserReader"/> has read it.</summary>
public sealed record DispenserDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls it.</summary>
    public string? Name { get; init; }

    /// <summary>The id of the ingredient in it.</summary>
    public string? Ingredient { get; init; }

    /// <summary>Measured yield per stroke, ml.</summary>
    public double? StrokeMl { get; init; }
}
