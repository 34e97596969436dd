using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Judging;

/// <summary>Works many builds out at once, as when a pump has been recalibrated.</summary>
public static class Recompute
{
    /// <summary>Works out builds on every core there is, because they have nothing to do with one another, and keeps of
    /// each sheet only what is wanted: five hundred whole sheets would fill the memory and the time.</summary>
    /// <typeparam name="T">What is kept of a sheet.</typeparam>
    /// <param name="builds">The builds, each read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="keep">Takes from a sheet what is wanted; called from several threads at once.</param>
    /// <param name="today">The day on which seasons and use-by dates are judged; null when they are not.</param>
    /// <returns>What was kept, in the builds' order.</returns>
    public static IReadOnlyList<T> All<T>(
        IReadOnlyList<Build> builds,
        BarFacts bar,
        Func<BuildSheet, T> keep,
        DateOnly? today = null
    ) => Each(builds, build => keep(Mixer.Mix(build, bar, today)));

    /// <summary>Does the same for each of many things on every core there is.</summary>
    /// <param name="items">The things.</param>
    /// <param name="work">What is done; called from several threads at once.</param>
    /// <returns>What came of it, in the things' order.</returns>
    public static IReadOnlyList<TOut> Each<TIn, TOut>(IReadOnlyList<TIn> items, Func<TIn, TOut> work)
    {
        var kept = new TOut[items.Count];
        Parallel.For(0, items.Count, i => kept[i] = work(items[i]));
        return kept;
    }
}
