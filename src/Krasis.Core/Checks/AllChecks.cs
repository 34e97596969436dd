using Krasis.Core.Bar;
using Krasis.Core.Mixing;

namespace Krasis.Core.Checks;

/// <summary>Every check there is. A new one is a class of its own and a line here.</summary>
public static class AllChecks
{
    private static readonly IReadOnlyList<ICheck> Checks = [new Overfull(), new NotPourable(), new RoundedAway(), new TasteDrift()];

    /// <summary>Puts a sheet before every check.</summary>
    /// <returns>The findings, the gravest first; among equals those of the reference size, because mending it often mends
    /// the others; then by size and check.</returns>
    public static IReadOnlyList<Finding> Judge(BuildSheet sheet, BarFacts bar) =>
    [
        .. sheet.Sizes
            .SelectMany(size => Checks.SelectMany(check => check.Judge(size, bar)))
            .OrderBy(finding => finding.Severity)
            .ThenByDescending(finding => finding.Size == sheet.ReferenceSize),
    ];
}
