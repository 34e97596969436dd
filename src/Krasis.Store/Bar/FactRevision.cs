namespace Krasis.Store.Bar;

/// <summary>A fact as it was kept once.</summary>
/// <typeparam name="TDocument">Its document's type.</typeparam>
/// <param name="Version">Which of its versions it is, from 1.</param>
/// <param name="SavedAt">When it was kept; null where that was not written down yet.</param>
/// <param name="Who">Who changed it; empty where it is not known.</param>
/// <param name="Document">Its document; null where it was removed.</param>
public sealed record FactRevision<TDocument>(long Version, DateTimeOffset? SavedAt, string Who, TDocument? Document)
    where TDocument : class;
