using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Sets a tasting up again.</summary>
public sealed class RepeatTasting(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id, AgainRequest request)
    {
        if (GivenId.Refusal("as", request.As, "No page calls a tasting so.") is { } refusal)
        {
            return Refusal.Fields([refusal]);
        }

        var next = request.As!;

        return file.Write<Result<Done>>(session =>
            {
                if (session.Tastings.Find(id) is not { } stored)
                {
                    return Refusal.Missing(What);
                }

                var tasted = Tasted.Of(stored);
                if (
                    tasted.Decision
                    is not { Build: { } build, Version: { } version, Before: { } before, Size: { } size } decision
                )
                {
                    return TastingViews.Running(
                        "Nothing was changed because of it that could be tasted against what was before."
                    );
                }

                if (session.Tastings.Find(next) is null)
                {
                    var document = tasted.Document with
                    {
                        Name = Deciding.Shortened($"{tasted.Document.Name}, again"),
                        Again = id,
                        Seed = (tasted.Document.Seed ?? 1) + 1,
                        Samples =
                        [
                            new SampleDocument
                            {
                                Build = build,
                                Place = Deciding.Place(before),
                                Size = size,
                            },
                            new SampleDocument
                            {
                                Build = build,
                                Place = Deciding.Place(version),
                                Size = size,
                            },
                        ],
                        Conditions = new ConditionsDocument(),
                    };
                    session.Tastings.Add(next, Tasted.Write(document), clock.GetUtcNow());
                }

                return default(Done);
            })
            .Then(_ => TastingViews.Now(file, next));
    }
}
