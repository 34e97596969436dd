using Krasis.Core.Builds;

namespace Krasis.Core.Changing.Transforming;

/// <summary>A build made of another, and what is different.</summary>
/// <param name="Build">The new build, to be tasted.</param>
/// <param name="Changes">What changed and why, in the order it was done.</param>
public sealed record Transformed(BuildDocument Build, IReadOnlyList<Change> Changes);
