using Krasis.Core.Builds;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Two people's changes of one build, put together.</summary>
/// <param name="Build">The build with both people's changes in it.</param>
/// <param name="Clashes">What both changed differently, in the order of the sheet.</param>
public sealed record Merged(BuildDocument Build, IReadOnlyList<Clash> Clashes);
