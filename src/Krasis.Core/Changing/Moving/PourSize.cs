using Krasis.Core.Bar.Cups;

namespace Krasis.Core.Changing.Moving;

/// <summary>A size of a standard, three times over.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Rows">Line by line what is poured, then how it tastes and fills the cup.</param>
/// <param name="NewFindings">What the checks find now that they did not find when it was published.</param>
/// <param name="FindingsLeft">What they would find even adjusted; empty when nothing is adjusted.</param>
public sealed record PourSize(
    CupId Size,
    string Name,
    IReadOnlyList<PourComparison> Rows,
    IReadOnlyList<string> NewFindings,
    IReadOnlyList<string> FindingsLeft
);
