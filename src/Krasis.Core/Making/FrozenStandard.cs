using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Making;

/// <summary>Everything a standard says, worked out once when it is published: its whole sheet, and how it is made at
/// every station. Cards, service and history show this and never work it out again.</summary>
/// <param name="Sheet">The sheet, as the station where standards are set pours it.</param>
/// <param name="Plans">How every size is made, by the id of the station; under an empty id at the one where standards
/// are set. A station that has none of the cups is missing.</param>
public sealed record FrozenStandard(BuildSheet Sheet, IReadOnlyDictionary<string, IReadOnlyList<MakingPlan>> Plans)
{
    /// <summary>Freezes a build.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The facts that it rests on.</param>
    public static FrozenStandard Of(Build build, BarFacts bar)
    {
        var plans = new Dictionary<string, IReadOnlyList<MakingPlan>>();
        foreach (var station in bar.Stations.Select(station => station.Id).Prepend(null))
        {
            if (Planner.Plan(build, bar, station) is { IsRead: true } plan)
            {
                plans[station ?? ""] = plan.Value;
            }
        }

        return new FrozenStandard(Mixer.Mix(build, bar), plans);
    }

    /// <summary>How every size is made at a station.</summary>
    /// <param name="station">The station's id; null for the one where standards are set.</param>
    /// <returns>The plans; null where the station has none of the cups, or did not exist then.</returns>
    public IReadOnlyList<MakingPlan>? PlansAt(string? station) => Plans.GetValueOrDefault(station ?? "");
}
