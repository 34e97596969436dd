using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;

namespace Krasis.Web.Features.Mixing;

/// <summary>A mend that is to be applied.</summary>
public sealed record MendRequest
{
    /// <summary>The build.</summary>
    public BuildDocument Build { get; init; } = new();

    /// <summary>The mend, as it came with the finding.</summary>
    public required Mend Mend { get; init; }
}
