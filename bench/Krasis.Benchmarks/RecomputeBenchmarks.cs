using BenchmarkDotNet.Attributes;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Mixing;

namespace Krasis.Benchmarks;

/// <summary>A pump was recalibrated: every build of the house in 5 sizes, one after another and on every core.</summary>
public class RecomputeBenchmarks
{
    private readonly BarFacts bar = SampleBar.Of(cups: 5, nesting: 2);
    private List<Build> builds = [];

    [Params(50, 500)]
    public int Builds { get; set; }

    [GlobalSetup]
    public void SetUp() => builds = [.. Enumerable.Range(0, Builds).Select(i => SampleBar.Build(bar, 4 + (i % 9), 2))];

    [Benchmark(Baseline = true)]
    public int OneAfterAnother() => builds.Sum(build => Mixer.Mix(build, bar).Sizes.Count);

    [Benchmark]
    public int OnEveryCore() => Recompute.All(builds, bar).Count;
}
