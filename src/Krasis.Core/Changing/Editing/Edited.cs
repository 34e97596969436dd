using Krasis.Core.Builds;

namespace Krasis.Core.Changing.Editing;

/// <summary>What an edit has made of a build.</summary>
/// <param name="Build">The build.</param>
/// <param name="Said">What is to be told of it: what could not be kept as it was, and what contradicts itself. One
/// sentence each.</param>
/// <param name="Troubles">The cells that were not taken.</param>
public sealed record Edited(BuildDocument Build, IReadOnlyList<string> Said, IReadOnlyList<CellTrouble> Troubles)
{
    /// <summary>A build of which there is nothing to be told.</summary>
    internal static Edited Quietly(BuildDocument build) => new(build, [], []);
}
