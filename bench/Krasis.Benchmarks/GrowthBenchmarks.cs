using BenchmarkDotNet.Attributes;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Benchmarks;

/// <summary>How the cost of a sheet grows: with lines, with sizes, and with how deep its parts are nested.</summary>
public class GrowthBenchmarks
{
    private BarFacts bar = null!;
    private Build build = null!;

    [Params("lines 6", "lines 12", "lines 24", "sizes 3", "sizes 6", "sizes 12", "nesting 0", "nesting 2", "nesting 8")]
    public string Of { get; set; } = "";

    [GlobalSetup]
    public void SetUp()
    {
        var words = Of.Split(' ');
        var number = int.Parse(words[1], System.Globalization.CultureInfo.InvariantCulture);
        var (lines, sizes, nesting) = words[0] switch
        {
            "lines" => (number, 6, 2),
            "sizes" => (12, number, 2),
            _ => (12, 6, number),
        };
        bar = SampleBar.Of(sizes, nesting);
        build = SampleBar.Build(bar, lines, nesting);
    }

    [Benchmark]
    public BuildSheet Mix() => Mixer.Mix(build, bar);
}
