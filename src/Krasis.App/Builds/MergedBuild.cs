using Krasis.Core.Builds;

namespace Krasis.App.Builds;

/// <summary>A build in which two people's changes were put together.</summary>
public sealed record MergedBuild
{
    /// <summary>What the person who merged had before.</summary>
    public BuildDocument? Mine { get; init; }

    /// <summary>What came of both.</summary>
    public BuildDocument? Document { get; init; }
}
