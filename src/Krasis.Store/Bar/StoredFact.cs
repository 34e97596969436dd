namespace Krasis.Store.Bar;

/// <summary>A fact in the file.</summary>
/// <typeparam name="TDocument">Its document's type.</typeparam>
/// <param name="Id">Its id, once among its kind.</param>
/// <param name="Version">How often it has been saved, from 1.</param>
/// <param name="Document">Its document.</param>
public sealed record StoredFact<TDocument>(string Id, long Version, TDocument Document)
    where TDocument : class;
