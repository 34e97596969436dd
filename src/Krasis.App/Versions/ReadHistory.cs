using Krasis.App.Shared;
using Krasis.App.Tastings;
using Krasis.Core.Builds;
using Krasis.Store;

namespace Krasis.App.Versions;

/// <summary>Lists what happened to a build, the newest first.</summary>
public sealed class ReadHistory(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<HistoryEntry>> Run(string id) =>
        file.Read<Result<IReadOnlyList<HistoryEntry>>>(session =>
            session.Builds.Find(id) is null
                ? Refusal.Missing("build")
                : Result.Of<IReadOnlyList<HistoryEntry>>([
                    .. session
                        .Builds.Revisions(id)
                        .Select(revision => new HistoryEntry(
                            revision.SavedAt,
                            "saved",
                            $"v{revision.Version}",
                            null,
                            revision.Who,
                            ""
                        ))
                        .Concat(
                            session
                                .Standards.List(id)
                                .Select(standard => new HistoryEntry(
                                    standard.Published.At,
                                    "published",
                                    $"s{standard.Number}",
                                    BuildState.Standard,
                                    standard.Published.Who,
                                    standard.Published.Why
                                ))
                        )
                        .Concat(
                            session
                                .Builds.StateChanges(id)
                                .Where(change => change.State != BuildState.Standard)
                                .Select(change => new HistoryEntry(
                                    change.At,
                                    "moved",
                                    "",
                                    change.State,
                                    change.Who,
                                    change.Reason
                                ))
                        )
                        .Concat(
                            session
                                .Tastings.Of(id)
                                .Select(Tasted.Of)
                                .Select(tasted => tasted.Decision)
                                .OfType<TastingDecision>()
                                .Where(decision => decision.Build == id)
                                .Select(decision => new HistoryEntry(
                                    decision.At,
                                    "tasted",
                                    $"v{decision.Version}",
                                    null,
                                    decision.Who,
                                    string.Join(
                                        ' ',
                                        new[] { decision.Found, decision.Why }.Where(text => text.Length > 0)
                                    )
                                ))
                        )
                        .OrderByDescending(entry => entry.At),
                ])
        );
}
