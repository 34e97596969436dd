using Krasis.Core.Bar.Cups;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Judging.Findings;

namespace Krasis.App.Versions;

/// <summary>One of the things that are compared.</summary>
/// <param name="Sheet">The build at its moment, worked out: a standard with the facts of its day, anything else with
/// today's.</param>
/// <param name="Size">The size whose numbers are compared: the chosen one, or else the reference.</param>
/// <param name="Differences">How the build differs from the first, in plain words; empty for the first.</param>
public sealed record ComparedSide(BuildSheet Sheet, CupId Size, IReadOnlyList<Difference> Differences);
