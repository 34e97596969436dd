using Krasis.Core.Builds;

namespace Krasis.App.Mixing;

/// <summary>A size of a build on which advice is asked.</summary>
public sealed record AdviseRequest
{
    /// <summary>The build.</summary>
    public BuildDocument Build { get; init; } = new();

    /// <summary>The id of one of its sizes.</summary>
    public string? Size { get; init; }
}
