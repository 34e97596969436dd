using Krasis.Core.Builds;

namespace Krasis.Web.Features.Versions;

/// <summary>What somebody has made of a build while somebody else has saved it.</summary>
public sealed record MergeRequest
{
    /// <summary>The build as it was when both began.</summary>
    public BuildDocument? Origin { get; init; }

    /// <summary>What it has become here.</summary>
    public BuildDocument? Mine { get; init; }
}
