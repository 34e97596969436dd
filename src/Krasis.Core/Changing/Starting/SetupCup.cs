namespace Krasis.Core.Changing.Starting;

/// <summary>A cup as a house begins with it.</summary>
public sealed record SetupCup
{
    /// <summary>What the house calls it.</summary>
    public string? Name { get; init; }

    /// <summary>What its label says, ml.</summary>
    public double? LabelMl { get; init; }

    /// <summary>The water that it holds to the brim, g; missing where nobody has weighed it yet.</summary>
    public double? WaterGrams { get; init; }
}
