using Krasis.App.Shared;

namespace Krasis.App.Builds;

/// <summary>A deleted build that is back.</summary>
/// <param name="Build">The build.</param>
/// <param name="Back">What of the bar came back with it, as the house calls it.</param>
public sealed record RestoredBuild(BuildView Build, IReadOnlyList<string> Back) : IVersioned
{
    string IVersioned.Etag => Build.Etag;
}
