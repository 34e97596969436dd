using Krasis.Core.Builds;
using Krasis.Core.Making.Telling;

namespace Krasis.App.Making;

/// <summary>What is to be told.</summary>
/// <param name="Build">The build as it stands.</param>
/// <param name="Size">The cup; null for all.</param>
/// <param name="Words">In which measures.</param>
/// <param name="IsMarkdown">Whether heads and lists are marked.</param>
public sealed record TextRequest(BuildDocument Build, string? Size, KitchenWords Words, bool IsMarkdown);

/// <summary>How a build is made.</summary>
/// <param name="Text">The text.</param>
public sealed record TextView(string Text);
