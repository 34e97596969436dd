using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Says what a tasting would come to. Nothing is kept.</summary>
public sealed class TryTasting(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<TastingView> Run(TastingDocument document)
    {
        document = document.WithoutNulls();
        var now = clock.GetUtcNow();
        return Result.Of(file.Read(session => TastingViews.Draft(session, "", "", now, document, [])));
    }
}
