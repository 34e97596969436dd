using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Changing.Publishing;
using Krasis.Core.Judging;
using Krasis.Store;

namespace Krasis.App.Standards;

/// <summary>Says what stands against publishing a build now, and what changes.</summary>
public sealed class CheckPublishing(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PublishView> Run(string id)
    {
        var (build, last, bar) = file.Read(session =>
            (session.Builds.Find(id), session.Standards.Last(id), session.Bar.Facts())
        );
        if (build is null)
        {
            return Refusal.Missing("build");
        }

        var number = (last?.Number ?? 0) + 1;
        var now = BuildReader.Read(build.Document, bar);
        if (!now.IsRead)
        {
            return Result.Of(new PublishView(number, new PublishCheck([], [], []), [], now.Problems[0].Message));
        }

        var sheet = Mixer.Mix(now.Value, bar, clock.Today());
        return Result.Of(
            new PublishView(
                number,
                PublishCheck.Of(sheet),
                last is null
                    ? []
                    : BuildDiff.Between(last.Document, StandardViews.View(last).Sheet, build.Document, sheet, bar),
                null
            )
        );
    }
}
