using Krasis.Core.Builds;

namespace Krasis.Store.Builds;

/// <summary>A build as it was saved once.</summary>
/// <param name="Version">Which save it was, from 1.</param>
/// <param name="SavedAt">When.</param>
/// <param name="Who">Who saved it; empty where it is not known.</param>
/// <param name="Document">The build as it was.</param>
public sealed record Revision(long Version, DateTimeOffset SavedAt, string Who, BuildDocument Document);
