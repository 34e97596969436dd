using Krasis.App.Builds;
using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Versions;

/// <summary>Moves a build to another state, with a reason.</summary>
public sealed class MoveBuild(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<BuildView> Run(string id, MoveRequest move, ExpectedVersion expected)
    {
        var fields = new FieldReader();
        var state = fields.Word("state", move.State, BuildState.Draft);
        var who = fields.Note("who", move.Who, 80) ?? "";
        var reason = fields.Note("reason", move.Reason) ?? "";
        if (fields.Problems.Count == 0 && state == BuildState.Standard)
        {
            fields.Report(
                "state",
                move.State,
                "A build becomes a standard by being published.",
                "draft, trial, retired"
            );
        }

        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        return file.Write<Result<BuildView>>(session =>
        {
            if (
                session.Builds.Find(id) is { } build
                && build.Version == expected.In(session, build.Version)
                && BuildViews.RefuseMove(build, state) is { } refusal
            )
            {
                return refusal;
            }

            return session.Builds.Move(
                id,
                expected.In(session, session.Builds.Find(id)?.Version),
                state,
                who,
                reason,
                clock.GetUtcNow()
            ) switch
            {
                SaveOutcome.Saved => Result.Of(BuildViews.View(session, session.Builds.Find(id)!)),
                SaveOutcome.Stale => Refusal.Stale("build"),
                _ => Refusal.Missing("build"),
            };
        });
    }
}
