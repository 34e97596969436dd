using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Tastings;

/// <summary>Closes a tasting.</summary>
public sealed class CloseTasting(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id, ExpectedVersion expected) =>
        TastingViews.Change(id, file, expected, (session, tasted, version) => tasted.Stored.State switch
            {
                "draft" => TastingViews.Running("It has not been opened yet."),
                "closed" => null,
                _ => session.Tastings.Close(id, version, clock.GetUtcNow()) == SaveOutcome.Saved
                    ? null
                    : Refusal.Stale(What),
            });
}
