using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Builds;

/// <summary>Lists the deleted builds that can be restored.</summary>
public sealed class ListDeletedBuilds(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<DeletedBuild>> Run() =>
        Result.Of<IReadOnlyList<DeletedBuild>>([
            .. file.Read(session => session.Builds.ListDeleted())
                .Select(build => new DeletedBuild(build.Id, build.Document.Name ?? "")),
        ]);
}
