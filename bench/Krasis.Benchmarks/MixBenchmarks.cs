using System.Text.Json;
using BenchmarkDotNet.Attributes;
using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Benchmarks;

/// <summary>A build of 12 lines with two nested parts in 6 sizes: working it out against writing its sheet as JSON,
/// which is what every answer has to do anyway; and the adviser on all of its sizes.</summary>
[MemoryDiagnoser]
public class MixBenchmarks
{
    private readonly BarFacts bar = SampleBar.Of(cups: 6, nesting: 2);
    private readonly JsonSerializerOptions json = new(JsonSerializerDefaults.Web);
    private BuildDocument document = null!;
    private Build build = null!;
    private BuildSheet sheet = null!;

    [GlobalSetup]
    public void SetUp()
    {
        KrasisJson.Configure(json);
        document = SampleBar.Document(bar, lines: 12, nesting: 2);
        build = BuildReader.Read(document, bar).Value;
        sheet = Mixer.Mix(build, bar);
    }

    [Benchmark(Baseline = true)]
    public byte[] SerialiseTheSheet() => JsonSerializer.SerializeToUtf8Bytes(sheet, json);

    [Benchmark]
    public BuildSheet Mix() => Mixer.Mix(build, bar);

    [Benchmark]
    public BuildSheet MixAndTryTheMends() => TriedSheet.Mix(document, build, bar);

    [Benchmark]
    public int AdviseOnEverySize() => build.Sizes.Sum(size => Adviser.Advise(document, build, bar, size).Ways.Count);
}
