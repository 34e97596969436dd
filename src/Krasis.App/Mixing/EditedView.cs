using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Findings;

namespace Krasis.App.Mixing;

/// <summary>What an edit has made of a build. Nothing is kept.</summary>
/// <param name="Build">The build.</param>
/// <param name="Said">What is to be told of it, one sentence each.</param>
/// <param name="Troubles">The cells that were not taken.</param>
/// <param name="Sheet">The build, worked out; null while something in it cannot be.</param>
public sealed record EditedView(
    BuildDocument Build,
    IReadOnlyList<string> Said,
    IReadOnlyList<CellTrouble> Troubles,
    BuildSheet? Sheet
);
