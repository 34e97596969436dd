using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Store;
using Krasis.Store.Bar;

namespace Krasis.App.Bar;

/// <summary>Lists the versions of a fact, the newest first, with what each changed.</summary>
public sealed class ReadFactHistory(KrasisFile file) : IUseCase
{
    /// <summary>Lists them.</summary>
    public Result<IReadOnlyList<FactVersion<TDocument>>> Run<TDocument>(BarKind<TDocument> kind, string id)
        where TDocument : class =>
        file.Read(session => (Versions: session.Bar.History(kind, id), Bar: session.Bar.Whole()))
            is { Versions.Count: > 0 } found
            ? Result.Of(Versions(found.Versions, found.Bar))
            : Refusal.Missing(kind.What);

    private static IReadOnlyList<FactVersion<TDocument>> Versions<TDocument>(
        IReadOnlyList<FactRevision<TDocument>> revisions,
        BarDocument bar
    )
        where TDocument : class =>
        [
            .. revisions.Select(
                (revision, i) =>
                    new FactVersion<TDocument>(
                        revision.Version,
                        revision.SavedAt,
                        revision.Who,
                        revision.Document,
                        revision.Document is { } after
                        && revisions.Skip(i + 1).FirstOrDefault(earlier => earlier.Document is not null)?.Document
                            is { } before
                            ? FactDiff.Between(before, after, bar)
                            : []
                    )
            ),
        ];
}
