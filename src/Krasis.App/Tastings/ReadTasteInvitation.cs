using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Says what a taster is asked to do.</summary>
public sealed class ReadTasteInvitation(KrasisFile file) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TasteView> Run(string id) =>
        file.Read<Result<TasteView>>(session =>
            session.Tastings.Find(id) is { } stored
            && Tasted.Of(stored) is var tasted
            && tasted.Document.Question is not null
                ? Result.Of(
                    new TasteView(
                        stored.State,
                        TastingQuestion.All.FirstOrDefault(each => each.Code == tasted.Document.Question),
                        tasted.Setup?.Scales ?? []
                    )
                )
                : Refusal.Missing(What)
        );
}
