using Krasis.Core.Bar;

namespace Krasis.Store.Bar;

/// <summary>The bar's facts as they were last read, as long as nobody changes them: reading them takes longer than most
/// of what is asked.</summary>
internal sealed class FactsCache
{
    private volatile Entry? last;

    /// <summary>The facts of a revision; null where they are of another.</summary>
    public BarFacts? Find(long revision) => last is { } entry && entry.Revision == revision ? entry.Facts : null;

    /// <summary>Keeps what was read of a revision that is kept.</summary>
    public void Keep(long revision, BarFacts facts) => last = new Entry(revision, facts);

    private sealed record Entry(long Revision, BarFacts Facts);
}
