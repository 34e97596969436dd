using Krasis.Core.Changing.Comparing;

namespace Krasis.App.Bar;

/// <summary>A fact as it was kept once.</summary>
/// <typeparam name="TDocument">Its document's type.</typeparam>
/// <param name="Version">Which of its versions it is, from 1.</param>
/// <param name="At">When it was kept; null where that was not written down yet.</param>
/// <param name="Who">Who changed it; empty if unknown.</param>
/// <param name="Document">As it was; null where it was removed.</param>
/// <param name="Changes">What is different from the version before, in plain words; empty for the first.</param>
public sealed record FactVersion<TDocument>(
    long Version,
    DateTimeOffset? At,
    string Who,
    TDocument? Document,
    IReadOnlyList<Difference> Changes
)
    where TDocument : class;
