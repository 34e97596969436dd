using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;

namespace Krasis.App.Versions;

/// <summary>What somebody has made of a build while somebody else has saved it.</summary>
public sealed record MergeRequest
{
    /// <summary>The build as it was when both began.</summary>
    public BuildDocument? Origin { get; init; }

    /// <summary>What it has become here.</summary>
    public BuildDocument? Mine { get; init; }

    /// <summary>Whose version is kept of what both changed, by the key of the clash: mine or theirs.</summary>
    public IReadOnlyDictionary<string, MergeChoice>? Choices { get; init; }
}
