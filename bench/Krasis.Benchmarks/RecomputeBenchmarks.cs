using BenchmarkDotNet.Attributes;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Benchmarks;

/// <summary>A pump was recalibrated: every build of the house in 5 sizes, one after another and on every core. Of each
/// sheet is kept what says whether the build has moved: the grams of every cell.</summary>
[GcServer(true)] // as the web host runs
public class RecomputeBenchmarks
{
    private readonly BarFacts bar = SampleBar.Of(cups: 5, nesting: 2);
    private List<Build> builds = [];

    [Params(50, 500)]
    public int Builds { get; set; }

    [GlobalSetup]
    public void SetUp() => builds = [.. Enumerable.Range(0, Builds).Select(i => SampleBar.Build(bar, 4 + (i % 9), 2))];

    [Benchmark(Baseline = true)]
    public int OneAfterAnother() => builds.ConvertAll(build => Grams(Mixer.Mix(build, bar))).Count;

    [Benchmark]
    public int OnEveryCore() => Recompute.All(builds, bar, Grams).Count;

    private static double[] Grams(BuildSheet sheet) =>
        [.. sheet.Sizes.SelectMany(size => size.Lines.Select(line => line.Mass.Value))];
}
