using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Checks.Taste;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Finds the builds whose flavours go in otherwise than the house pours them.</summary>
public static class HouseDifferences
{
    /// <summary>Those of some builds that differ, in their order. What cannot be read today is left out.</summary>
    /// <param name="builds">The builds with their ids.</param>
    /// <param name="bar">The bar, with what its house has said.</param>
    /// <param name="today">The day.</param>
    public static IReadOnlyList<HouseDifference> Of(
        IReadOnlyList<(string Id, BuildDocument Document)> builds,
        BarFacts bar,
        DateOnly today
    )
    {
        var check = new UnlikeTheHouse().Name;
        return
        [
            .. Recompute
                .Each(builds, build => new HouseDifference(build.Id, build.Document.Name ?? "", Says(build.Document)))
                .Where(build => build.Says.Count > 0),
        ];

        IReadOnlyList<string> Says(BuildDocument document) =>
            BuildReader.Read(document, bar) is { IsRead: true } build
                ?
                [
                    .. Mixer
                        .Mix(build.Value, bar, today)
                        .Findings.Where(finding => finding.Check == check)
                        .Select(finding => finding.Message),
                ]
                : [];
    }
}
