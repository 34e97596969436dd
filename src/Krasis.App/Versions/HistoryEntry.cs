using Krasis.Core.Builds;

namespace Krasis.App.Versions;

/// <summary>Something that happened to a build.</summary>
/// <param name="At">When.</param>
/// <param name="Kind">saved, moved, published or tasted.</param>
/// <param name="Place">Under what it can be compared and brought back, such as v3 or s1; empty where it only
/// moved.</param>
/// <param name="State">What it became; null where it was saved.</param>
/// <param name="Who">Who did it; empty when not said.</param>
/// <param name="Reason">Why; empty when not said.</param>
public sealed record HistoryEntry(
    DateTimeOffset At,
    string Kind,
    string Place,
    BuildState? State,
    string Who,
    string Reason
);
