using Krasis.App.Shared;
using Krasis.Core.Bar.Kinds;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Lists the facts that were removed and can be restored, the last removed first.</summary>
public sealed class ListRemovedFacts(KrasisFile file) : IUseCase
{
    /// <summary>Lists them.</summary>
    public Result<IReadOnlyList<RemovedView>> Run() =>
        Result.Of<IReadOnlyList<RemovedView>>([
            .. file.Read(session => session.Bar.Removed())
                .Select(fact => new RemovedView(
                    fact.Kind,
                    BarKinds.All.First(kind => kind.Name == fact.Kind).What,
                    fact.Id,
                    fact.Name,
                    fact.RemovedAt
                )),
        ]);
}
