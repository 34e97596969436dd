using BenchmarkDotNet.Attributes;
using Krasis.Core.Bar;
using Krasis.Core.Bar.House;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Core.Making.Ordering;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Core.Quantities;

namespace Krasis.Benchmarks;

/// <summary>What is asked for at the bar with somebody waiting: an order of six drinks, and a rescue of a drink of
/// twelve lines that nothing helps.</summary>
[MemoryDiagnoser]
public class MakingBenchmarks
{
    private readonly BarFacts bar = SampleBar.Of(cups: 6, nesting: 2);
    private Build build = null!;
    private IReadOnlyList<MakingPlan> order = [];
    private IReadOnlyList<PouredLine> poured = [];

    [GlobalSetup]
    public void SetUp()
    {
        build = SampleBar.Build(bar, lines: 12, nesting: 2);
        var plans = Planner.Plan(build, bar).Value;
        order = [.. plans.Take(6)];
        poured =
        [
            .. plans[2]
                .Steps.Where(step => step.Target is not null)
                .Take(1)
                .Select(step => new PouredLine(step.Line!.Value, Grams.From(step.Target!.Grams.Value * 6))),
        ];
    }

    [Benchmark]
    public IReadOnlyList<MakingPlan> Plan() => Planner.Plan(build, bar).Value;

    [Benchmark]
    public OrderPlan OrderOfSix() =>
        OrderPlanner.Plan(order, bar.Pitchers, StandingLimits.Usual, Workplaces.Usual).Value;

    [Benchmark]
    public Rescue Rescue() => Rescuer.Rescue(build, bar, null, build.Sizes[2], poured).Value;
}
