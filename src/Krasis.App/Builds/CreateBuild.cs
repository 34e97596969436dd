using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Store;

namespace Krasis.App.Builds;

/// <summary>Saves a new build.</summary>
public sealed class CreateBuild(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<BuildView> Run(BuildDocument build, bool byItself = false, Guid? asked = null, string? page = null)
    {
        var id = (asked ?? Guid.CreateVersion7()).ToString();
        return file.Write<Result<BuildView>>(session =>
        {
            var reading = BuildReader.Read(build, session.Bar.Facts());
            if (!reading.IsRead)
            {
                return Refusal.Fields(reading.Problems);
            }

            // A page that has not heard the answer asks again under the same id: what is kept already is not kept
            // twice.
            if (session.Builds.Find(id) is { } there)
            {
                return there.IsSame(BuildViews.WithReadName(build, reading.Value))
                    ? Result.Of(BuildViews.View(session, there))
                    : Refusal.Conflict(
                        "There is such a build already.",
                        "It has been changed since. Open it, or save this one as another build."
                    );
            }

            if (session.Builds.FindDeleted(id) is not null)
            {
                return Refusal.Conflict(
                    "That build has been deleted.",
                    "Bring it back, or save this one as another build."
                );
            }

            session.Builds.Add(id, BuildViews.WithReadName(build, reading.Value), clock.GetUtcNow(), byItself, page);
            return Result.Of(BuildViews.View(session, session.Builds.Find(id)!));
        });
    }
}
