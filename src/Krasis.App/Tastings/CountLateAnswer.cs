using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Tastings;

/// <summary>Counts an answer that came after a tasting was closed.</summary>
public sealed class CountLateAnswer(KrasisFile file) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id) =>
        file.Write<Result<Done>>(session =>
            {
                if (session.Tastings.Find(id) is not { } stored)
                {
                    return Refusal.Missing(What);
                }

                session.Tastings.CountAll(id);
                return default(Done);
            })
            .Then(_ => TastingViews.Now(file, id));
}
