using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.Standards;

namespace Krasis.App.Builds;

/// <summary>Shows builds.</summary>
public static class BuildViews
{
    public const string What = "build";

    public static BuildDocument WithReadName(BuildDocument document, Build read) => document with { Name = read.Name };

    public static StandardPlace? Place(StoredStandard? standard, StoredBuild build) =>
        standard is null ? null : new StandardPlace(standard.Number, standard.HasChangedIn(build));

    /// <summary>Why the build cannot be moved; null where it can.</summary>
    public static Refusal? RefuseMove(StoredBuild build, BuildState to) =>
        BuildLife.CanMove(build.State, to)
            ? null
            : Refusal.Conflict(
                $"'{build.Document.Name}' is {BuildLife.Say(build.State)} and cannot become {BuildLife.Say(to)}.",
                $"It can become {BuildLife.SayMoves(build.State)}."
            );

    public static BuildView View(Session session, StoredBuild stored)
    {
        var etag = VersionTag.Of(stored.Version, session);
        return new BuildView(
            stored.Id,
            etag,
            stored.SavedVersion,
            stored.CreatedAt,
            stored.UpdatedAt,
            stored.State,
            BuildLife.MaySaveItself(stored.State),
            BuildLife.MovesFrom(stored.State),
            Place(session.Standards.Last(stored.Id), stored),
            stored.Document
        );
    }
}
