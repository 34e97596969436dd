using Krasis.App.Shared;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Store;

namespace Krasis.App.Builds;

/// <summary>Takes a deletion back.</summary>
public sealed class RestoreBuild(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<RestoredBuild> Run(string id) =>
        file.Write<Result<RestoredBuild>>(session =>
        {
            if (session.Builds.FindDeleted(id) is not { } deleted)
            {
                return Refusal.Missing("deleted build");
            }

            var back = LostFacts.BringBack(session, deleted.Document, clock.GetUtcNow());
            var bar = BarReader.Read(session.Bar.Whole());
            var problems = bar.IsRead ? BuildReader.Read(deleted.Document, session.Bar.Facts()).Problems : bar.Problems;
            if (problems is [var first, ..])
            {
                session.Abandon();
                return Refusal.Conflict($"'{deleted.Document.Name}' cannot be restored.", first.Message);
            }

            session.Builds.Restore(id);
            return Result.Of(new RestoredBuild(BuildViews.View(session, session.Builds.Find(id)!), back));
        });
}
