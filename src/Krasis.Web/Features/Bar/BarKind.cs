using Krasis.Core.Bar;
using Krasis.Store.Bar;

namespace Krasis.Web.Features.Bar;

/// <summary>A sort of fact, and how it is named, measured and put into a bar.</summary>
/// <typeparam name="TDocument">Its document's type.</typeparam>
/// <typeparam name="TMeasured">What its measurements come to.</typeparam>
/// <param name="Kind">The sort.</param>
/// <param name="What">What one of them is called in messages.</param>
/// <param name="Named">The document under an id.</param>
/// <param name="From">Those of a bar.</param>
/// <param name="Into">A bar with others.</param>
/// <param name="Measure">What a document's measurements come to, even while it is half entered; null when nothing can be said yet.</param>
public sealed record BarKind<TDocument, TMeasured>(
    FactKind<TDocument> Kind,
    string What,
    Func<TDocument, string, TDocument> Named,
    Func<BarDocument, IReadOnlyList<TDocument>> From,
    Func<BarDocument, IReadOnlyList<TDocument>, BarDocument> Into,
    Func<TDocument, Bench, TMeasured?> Measure)
    where TDocument : class
    where TMeasured : class
{
    /// <summary>What the server itself puts into a document before it is kept, from what was kept before; nothing by default.</summary>
    public Func<TDocument?, TDocument, DateOnly, TDocument> Stamp { get; init; } = (_, document, _) => document;
}
