using Krasis.Core.Changing.Comparing;

namespace Krasis.App.Versions;

/// <summary>Builds, versions or sizes side by side.</summary>
/// <param name="Sides">What is compared.</param>
/// <param name="Rows">Number by number, what is farthest apart first.</param>
public sealed record ComparedView(IReadOnlyList<ComparedSide> Sides, IReadOnlyList<ComparedRow> Rows);
