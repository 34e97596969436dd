namespace Krasis.Core.Bar.Milk;

/// <summary>A milk pitcher as it is entered and stored.</summary>
public sealed record PitcherDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls it.</summary>
    public string? Name { get; init; }

    /// <summary>What it holds to just under the spout, ml.</summary>
    public double? SpoutMl { get; init; }

    /// <summary>The least that can be steamed in it, ml.</summary>
    public double? LeastMl { get; init; }
}
