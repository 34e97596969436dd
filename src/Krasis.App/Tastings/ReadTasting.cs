using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Tastings;

/// <summary>Reads a tasting.</summary>
public sealed class ReadTasting(KrasisFile file) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id) =>
        file.Read<Result<TastingView>>(session =>
            session.Tastings.Find(id) is { } stored
                ? Result.Of(TastingViews.View(session, Tasted.Of(stored)))
                : Refusal.Missing(What)
        );
}
