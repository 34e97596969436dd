using Krasis.App.Builds;
using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Publishing;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Making;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.Standards;

namespace Krasis.App.Standards;

/// <summary>Publishes a build as it is: freezes it with the facts that it rests on and its whole sheet.</summary>
public sealed class PublishBuild(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<StandardView> Run(string id, PublishRequest publish, ExpectedVersion expected)
    {
        var fields = new FieldReader();
        var reason = fields.Note("reason", publish.Reason, 500) ?? "";
        var who = fields.Note("who", publish.Who, 80) ?? "";
        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        return file.Write<Result<Prepared>, Result<StandardView>>(
            session => Prepare(session, id, expected, reason),
            (session, prepared) => prepared.Refusal is { } refusal ? refusal : Keep(session, prepared.Value)
        );

        StandardView Keep(Session session, Prepared prepared)
        {
            var (build, facts, frozen) = prepared;
            var now = clock.GetUtcNow();
            var number = session.Standards.Add(id, build.Document, facts, frozen, new Signature(who, reason, now));
            session.Builds.Move(id, build.Version, BuildState.Standard, who, reason, now);
            return StandardViews.View(session.Standards.Find(id, number)!);
        }
    }

    private Result<Prepared> Prepare(Session session, string id, ExpectedVersion expected, string reason)
    {
        if (session.Builds.Find(id) is not { } build)
        {
            return Refusal.Missing("build");
        }

        if (build.Version != expected.In(session, build.Version))
        {
            return Refusal.Stale("build");
        }

        if (BuildViews.RefuseMove(build, BuildState.Standard) is { } refusal)
        {
            return refusal;
        }

        var used = BarSubset.For(build.Document, session.Bar.Whole());
        var facts = BarReader.Read(used).Value;
        var reading = BuildReader.Read(build.Document, facts);
        if (!reading.IsRead)
        {
            return Refusal.Conflict($"'{build.Document.Name}' cannot be published.", reading.Problems[0].Message);
        }

        // Judged by today's bar, whose facts it is published with.
        var bar = session.Bar.Facts();
        var check = PublishCheck.Of(Mixer.Mix(BuildReader.Read(build.Document, bar).Value, bar, clock.Today()));
        if (!check.IsAllowed)
        {
            return Refusal.Conflict(
                $"'{build.Document.Name}' cannot be published as it is.",
                string.Join(" ", check.Faults.Select(fault => fault.Message))
            );
        }

        if (check.WantsReason && reason.Length == 0)
        {
            return Refusal.Fields([new Problem("reason", "", check.Says, "why it is published all the same")]);
        }

        return new Prepared(build, used, FrozenStandard.Of(reading.Value, facts));
    }

    // What is to be frozen.
    private sealed record Prepared(StoredBuild Build, BarDocument Facts, FrozenStandard Frozen);
}
