namespace Krasis.App.Bar;

/// <summary>A pull, as it came.</summary>
public sealed record PullRequest
{
    /// <summary>What came out, g.</summary>
    public double? Grams { get; init; }

    /// <summary>How long it took, s.</summary>
    public double? Seconds { get; init; }
}
