using Krasis.Core.Builds;
using Krasis.Core.Making.Complaining;

namespace Krasis.App.Making;

/// <summary>A complaint and its words.</summary>
/// <param name="Complaint">The complaint.</param>
/// <param name="Says">Its words.</param>
public sealed record ComplaintView(Complaint Complaint, string Says);

/// <summary>A drink that somebody complains of.</summary>
public sealed record ComplainedRequest
{
    /// <summary>The drink.</summary>
    public BuildDocument Build { get; init; } = new();
}

/// <summary>What somebody complains of.</summary>
public sealed record ComplaintRequest
{
    /// <summary>The drink.</summary>
    public BuildDocument Build { get; init; } = new();

    /// <summary>The size that was drunk.</summary>
    public string? Size { get; init; }

    /// <summary>What was said, such as sour.</summary>
    public string? Complaint { get; init; }
}
