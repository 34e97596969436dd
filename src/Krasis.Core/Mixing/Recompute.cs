using Krasis.Core.Bar;
using Krasis.Core.Builds;

namespace Krasis.Core.Mixing;

/// <summary>Works many builds out at once, as when a pump has been recalibrated.</summary>
public static class Recompute
{
    /// <summary>The sheets of builds, in their order, on every core there is: builds have nothing to do with one another.</summary>
    /// <inheritdoc cref="Mixer.Mix(Build, BarFacts, DateOnly?)"/>
    /// <param name="builds">The builds, each read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="today">The day on which seasons and use-by dates are judged; null when they are not.</param>
    public static IReadOnlyList<BuildSheet> All(IReadOnlyList<Build> builds, BarFacts bar, DateOnly? today = null)
    {
        var sheets = new BuildSheet[builds.Count];
        Parallel.For(0, builds.Count, i => sheets[i] = Mixer.Mix(builds[i], bar, today));
        return sheets;
    }
}
