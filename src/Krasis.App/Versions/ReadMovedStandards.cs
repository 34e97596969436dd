using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Store;

namespace Krasis.App.Versions;

/// <summary>Lists the standards that come out differently now from what was published.</summary>
public sealed class ReadMovedStandards(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<MovedStandard>> Run()
    {
        var (bar, builds, standards, putInPlace) = file.Read(session =>
            (session.Bar.Facts(), session.Builds.List(), session.Standards.Newest(), session.PutInPlace)
        );
        var current = builds.Where(build => build.State == BuildState.Standard).ToDictionary(build => build.Id);
        var moved = Recompute.Each([.. standards.Where(standard => current.ContainsKey(standard.BuildId))], standard =>
            MovedStandards.Compare(
                standard,
                current[standard.BuildId],
                VersionTag.Of(current[standard.BuildId].Version, putInPlace),
                bar
            )
        );
        return Result.Of<IReadOnlyList<MovedStandard>>([
            .. moved.Where(entry => entry.Trouble is not null || entry.Sizes.Count > 0),
        ]);
    }
}
