using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Tastings;

/// <summary>Deletes a tasting that has not been opened.</summary>
public sealed class DeleteTasting(KrasisFile file) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<Done> Run(string id, ExpectedVersion expected) =>
        file.Write<Result<Done>>(session =>
            session.Tastings.Find(id) is { State: not "draft" }
                ? TastingViews.Running("It has been opened, and what was tasted is kept.")
                : session.Tastings.Remove(id, expected.In(session, session.Tastings.Find(id)?.Version)) switch
                {
                    SaveOutcome.Saved => Result.Done,
                    SaveOutcome.Stale => Refusal.Stale(What),
                    _ => Refusal.Missing(What),
                }
        );
}
