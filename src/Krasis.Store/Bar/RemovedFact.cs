namespace Krasis.Store.Bar;

/// <summary>A fact that was removed and can be brought back.</summary>
/// <param name="Kind">Its kind's name.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it was called last.</param>
/// <param name="RemovedAt">When it was removed.</param>
public sealed record RemovedFact(string Kind, string Id, string Name, DateTimeOffset RemovedAt);
