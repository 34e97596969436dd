using Krasis.Core.Builds;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Two people's changes of one build, laid on one another.</summary>
/// <param name="Build">The build with both people's changes in it.</param>
/// <param name="Clashes">What both have changed, each another way: how the other one has it, and how it stands
/// now.</param>
public sealed record Merged(BuildDocument Build, IReadOnlyList<Difference> Clashes);
