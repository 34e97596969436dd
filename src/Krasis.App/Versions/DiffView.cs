using Krasis.Core.Changing.Comparing;
using Krasis.Core.Judging.Findings;

namespace Krasis.App.Versions;

/// <summary>Two builds, or two versions of one, side by side.</summary>
/// <param name="Before">The first, worked out: a standard with the facts of its day, anything else with
/// today's.</param>
/// <param name="After">The second, worked out.</param>
/// <param name="Differences">How they differ, in plain words.</param>
public sealed record DiffView(BuildSheet Before, BuildSheet After, IReadOnlyList<Difference> Differences);
