using Krasis.Core.Builds;
using Krasis.Core.Making.Complaining;

namespace Krasis.App.Making;

/// <summary>A complaint and its words.</summary>
/// <param name="Complaint">The complaint.</param>
/// <param name="Says">Its words.</param>
public sealed record ComplaintView(Complaint Complaint, string Says);

/// <summary>A drink that somebody complains of.</summary>
/// <param name="Build">The drink.</param>
public sealed record ComplainedRequest(BuildDocument Build);

/// <summary>What somebody complains of.</summary>
/// <param name="Build">The drink.</param>
/// <param name="Size">The size that was drunk.</param>
/// <param name="Complaint">What was said, such as sour.</param>
public sealed record ComplaintRequest(BuildDocument Build, string? Size, string? Complaint);
