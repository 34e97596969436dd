using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Store.Bar;

namespace Krasis.App.Bar;

/// <summary>A fact that is kept.</summary>
/// <typeparam name="TDocument">Its document's type.</typeparam>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="Document">The fact itself.</param>
public sealed record FactView<TDocument>(string Id, string Etag, TDocument Document) : IVersioned
    where TDocument : class;

/// <summary>Makes views of facts.</summary>
public static class FactView
{
    /// <summary>The view of a fact.</summary>
    public static FactView<TDocument> Of<TDocument>(StoredFact<TDocument> fact, Session session)
        where TDocument : class => new(fact.Id, VersionTag.Of(fact.Version, session), fact.Document);
}
