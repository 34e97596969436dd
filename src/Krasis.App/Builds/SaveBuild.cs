using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Builds;

/// <summary>Saves a changed build.</summary>
public sealed class SaveBuild(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "build";

    /// <summary>Saves it.</summary>
    /// <param name="id">The build's id.</param>
    /// <param name="build">What it is now.</param>
    /// <param name="expected">The version that was changed.</param>
    /// <param name="byItself">Whether the page saves it without being asked.</param>
    /// <param name="page">The page that saves it; null if unknown.</param>
    public Result<BuildView> Run(
        string id,
        BuildDocument build,
        ExpectedVersion expected,
        bool byItself = false,
        string? page = null
    ) =>
        Save(id, build, expected, byItself, (session, version, tidied) =>
            session.Builds.Update(id, version, tidied, clock.GetUtcNow(), byItself, page)
        );

    /// <summary>Saves a build in which two people's changes were put together. What one of them had goes into the
    /// history first, so that both sides of each clash can be found there.</summary>
    /// <param name="id">The build's id.</param>
    /// <param name="merged">What the person who merged had, and what came of both.</param>
    /// <param name="expected">The other person's version.</param>
    /// <param name="page">The page that merged; null if unknown.</param>
    public Result<BuildView> RunMerged(string id, MergedBuild merged, ExpectedVersion expected, string? page = null)
    {
        var fields = new FieldReader();
        if (merged.Mine is null)
        {
            fields.Report("mine", null, "It is missing.", "a build");
        }

        if (merged.Document is null)
        {
            fields.Report("document", null, "It is missing.", "a build");
        }

        return fields.Problems.Count > 0
            ? Refusal.Fields(fields.Problems)
            : Save(id, merged.Document!, expected, byItself: false, (session, version, tidied) =>
                session.Builds.UpdateMerged(id, version, merged.Mine!.WithoutNulls(), tidied, clock.GetUtcNow(), page)
            );
    }

    private Result<BuildView> Save(
        string id,
        BuildDocument build,
        ExpectedVersion expected,
        bool byItself,
        Func<Session, long, BuildDocument, SaveOutcome> save
    ) =>
        file.Write<Result<BuildView>>(session =>
        {
            var reading = BuildReader.Read(build, session.Bar.Facts());
            if (!reading.IsRead)
            {
                return Refusal.Fields(reading.Problems);
            }

            // This page saves on its own and has not yet noticed that the build is no longer a draft.
            var kept = session.Builds.Find(id);
            if (byItself && kept is not null && !BuildLife.MaySaveItself(kept.State))
            {
                return Refusal.Stale(What);
            }

            var tidied = BuildViews.WithReadName(build, reading.Value);
            return save(session, expected.In(session, kept?.Version), tidied) switch
            {
                SaveOutcome.Saved => BuildViews.View(session, session.Builds.Find(id)!),

                // What is there is what was to be kept: the answer to an earlier request was lost, and nobody else has
                // changed anything.
                SaveOutcome.Stale when kept is not null && kept.IsSame(tidied) => BuildViews.View(session, kept),
                SaveOutcome.Stale => Refusal.Stale(What),
                _ => Refusal.Missing(What),
            };
        });
}
