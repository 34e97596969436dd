using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Tastings;

/// <summary>Works out what a tasting found.</summary>
public sealed class ReadTastingResult(KrasisFile file) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingReadView> Run(string id) =>
        file.Read<Result<TastingReadView>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return Refusal.Missing(What);
            }

            if (Outcome.Of(session, Tasted.Of(stored)) is not { } outcome)
            {
                return TastingViews.Running("It has not been opened yet: there is nothing to read.");
            }

            return Result.Of(
                new TastingReadView(
                    outcome.Result,
                    outcome.Simulated,
                    outcome.Ways(session),
                    Favourite.Of(session, outcome.Opened, outcome.Result)
                )
            );
        });
}
