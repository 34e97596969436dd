using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Lists the builds whose flavours differ from how the house pours them.</summary>
public sealed class ListHouseDifferences(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Lists them.</summary>
    public Result<IReadOnlyList<HouseDifference>> Run()
    {
        var (bar, builds) = file.Read(session => (session.Bar.Facts(), session.Builds.List()));
        var inUse = builds.Where(build => build.State != BuildState.Retired);
        return Result.Of(
            HouseDifferences.Of([.. inUse.Select(build => (build.Id, build.Document))], bar, clock.Today())
        );
    }
}
