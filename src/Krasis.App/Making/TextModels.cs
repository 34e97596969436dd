using Krasis.Core.Builds;
using Krasis.Core.Making.Telling;

namespace Krasis.App.Making;

/// <summary>What is to be told.</summary>
public sealed record TextRequest
{
    /// <summary>The build as it stands.</summary>
    public BuildDocument Build { get; init; } = new();

    /// <summary>The cup; null for all.</summary>
    public string? Size { get; init; }

    /// <summary>In which measures.</summary>
    public KitchenWords Words { get; init; }

    /// <summary>Whether heads and lists are marked.</summary>
    public bool IsMarkdown { get; init; }
}

/// <summary>How a build is made.</summary>
/// <param name="Text">The text.</param>
public sealed record TextView(string Text);
