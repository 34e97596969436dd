using BenchmarkDotNet.Attributes;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Making;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Core.Quantities;

namespace Krasis.Benchmarks;

/// <summary>What is searched for while somebody waits, for a drink of five lines and for one of twelve: advice on one
/// size, and a rescue after half as much again of the first line.</summary>
[MemoryDiagnoser]
public class FindingBenchmarks
{
    private readonly BarFacts bar = SampleBar.Of(cups: 6, nesting: 2);
    private BuildDocument document = null!;
    private Build build = null!;
    private CupId size;
    private IReadOnlyList<PouredLine> poured = [];

    /// <summary>How many lines the drink has.</summary>
    [Params(5, 12)]
    public int Lines { get; set; }

    [GlobalSetup]
    public void SetUp()
    {
        document = SampleBar.Document(bar, Lines, nesting: 2);
        build = BuildReader.Read(document, bar).Value;
        size = build.Sizes[2];
        var first = Planner.Plan(build, bar).Value[2].Steps.First(step => step.Target is not null);
        poured = [new PouredLine(first.Line!.Value, Grams.From(first.Target!.Grams.Value * 1.5))];
    }

    [Benchmark]
    public Advised AdviseOnOneSize() => Adviser.Advise(document, build, bar, size);

    [Benchmark]
    public Rescue Rescue() => Rescuer.Rescue(build, bar, null, size, poured).Value;
}
