using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Tastings;

/// <summary>Opens a tasting: from now on people taste.</summary>
public sealed class OpenTasting(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id, ExpectedVersion expected) =>
        TastingViews.Change(id, file, expected, (session, tasted, version) =>
        {
            if (tasted.Stored.State != "draft")
            {
                return TastingViews.Running("It has been opened already.");
            }

            if (tasted.Setup is not { } setup)
            {
                return Refusal.Fields(tasted.Problems);
            }

            var looked = Tasted.Look(session, setup);
            return !looked.IsRead ? Refusal.Fields(looked.Problems)
                : session.Tastings.Open(id, version, Tasted.Write(looked.Value), clock.GetUtcNow()) == SaveOutcome.Saved
                    ? null
                : Refusal.Stale(What);
        });
}
