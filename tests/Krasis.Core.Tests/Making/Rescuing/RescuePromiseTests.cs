using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Making.Rescuing;

/// <summary>What every rescue promises, over random drinks and mishaps. The house of the full bar allows 15 % of drift.</summary>
public class RescuePromiseTests
{
    private const double Allowed = 15;

    [Fact]
    public void A_rescue_keeps_its_promise_and_where_there_is_none_nothing_that_can_be_poured_is_one() =>
        Gen.Select(RandomBuilds.Any, Gen.Double[0.3, 2.2], Gen.Int[1, 2])
            .Seeded()
            .Sample(
                (build, factor, done) =>
                {
                    var bar = FullBar.Facts;
                    var read = BuildReader.Read(build, bar);
                    if (!read.IsRead)
                    {
                        return;
                    }

                    var size = read.Value.ReferenceSize;
                    var plan = Planner.Plan(read.Value, bar).Value.Single(each => each.Size == size);
                    var lines = plan.Steps.Where(step => step.Target is not null).Take(done).ToList();
                    if (lines.Count == 0)
                    {
                        return;
                    }

                    var poured = lines
                        .Select(
                            (step, i) =>
                                new PouredLine(
                                    step.Line!.Value,
                                    Grams.From(step.Target!.Grams.Value * (i == 0 ? factor : 1))
                                )
                        )
                        .ToList();
                    var rescue = Rescuer.Rescue(read.Value, bar, null, size, poured).Value;
                    var standard = PouredTaste.Of(read.Value, bar, null, size, []).Value;
                    if (rescue.Kind == RescueKind.StartAgain)
                    {
                        Assert.Null(rescue.Plan);
                        Assert.False(OneOtherAmountHelps(read.Value, bar, size, plan, poured));
                        return;
                    }

                    if (rescue.Kind is RescueKind.BiggerCup or RescueKind.TakeOut)
                    {
                        Assert.Null(rescue.Plan);
                        return;
                    }

                    // What the new plan pours, poured, is what was promised.
                    var kept = PouredTaste
                        .Of(
                            read.Value,
                            bar,
                            null,
                            size,
                            [
                                .. rescue
                                    .Plan!.Steps.Where(step => step.Target is not null)
                                    .Select(step => new PouredLine(step.Line!.Value, step.Target!.Grams)),
                                .. Nothing(plan, rescue.Plan),
                            ]
                        )
                        .Value;
                    Assert.True(kept.RoomLeft.Value >= Math.Min(0, standard.RoomLeft.Value) - 1e-4, "it is too full");
                    Assert.Equal(rescue.Strength?.Value ?? 0, kept.Strength?.Value ?? 0, 4);
                    Assert.Equal(rescue.Sweetness?.Value ?? 0, kept.Sweetness?.Value ?? 0, 4);
                    Assert.True(
                        Math.Abs(kept.Strength?.Value ?? 0) <= Allowed + 1e-6
                            && Math.Abs(kept.Sweetness?.Value ?? 0) <= Allowed + 1e-6,
                        "it is not as the house allows"
                    );
                },
                iter: 150
            );

    // How far a cup is from its standard, from the promised taste alone: what goes on as planned against what is told.
    [Fact]
    public void A_rescue_is_never_farther_from_the_standard_than_going_on_as_planned()
    {
        var (tried, changed) = (0, 0);
        Gen.Select(RandomBuilds.Any, Gen.Double[0, 2])
            .Seeded()
            .Sample(
                (build, factor) =>
                {
                    var read = BuildReader.Read(build, FullBar.Facts);
                    if (!read.IsRead)
                    {
                        return;
                    }

                    var size = read.Value.ReferenceSize;
                    foreach (var line in FullBar.Mix(build).Size(size.Value).Lines.Where(line => line.Mass.Value > 0))
                    {
                        PouredLine[] poured = [new(line.Line, Grams.From(line.Mass.Value * factor))];
                        var rescue = Rescuer.Rescue(read.Value, FullBar.Facts, null, size, poured).Value;
                        var planned = PouredTaste.Of(read.Value, FullBar.Facts, null, size, poured).Value;
                        Interlocked.Increment(ref tried);
                        if (rescue.Kind == RescueKind.TakeOut)
                        {
                            // With as much ice as planned nothing is left to be done.
                            Assert.True(line.Mass.Value * factor > line.Mass.Value, "there is no ice to take out");
                            var again = Rescuer
                                .Rescue(read.Value, FullBar.Facts, null, size, [new(line.Line, line.Mass)])
                                .Value;
                            Assert.Equal(RescueKind.CarryOn, again.Kind);
                        }

                        if (rescue.Kind is RescueKind.StartAgain or RescueKind.BiggerCup || planned.RoomLeft.Value < 0)
                        {
                            continue;
                        }

                        Interlocked.Add(ref changed, rescue.Changes.Count > 0 ? 1 : 0);
                        Assert.True(
                            Beyond(rescue.Strength, rescue.Sweetness)
                                <= Beyond(planned.Strength, planned.Sweetness) + 1e-6
                        );
                    }
                },
                iter: Proof.Times(40)
            );
        Proof.Tell($"rescue: {tried} mishaps, {changed} of them changed, none farther from its standard than before");
        Assert.True(changed > 20, $"{tried} tried, {changed} changed");

        static double Beyond(Percent? strength, Percent? sweetness) =>
            Math.Max(0, Math.Abs(strength?.Value ?? 0) - Allowed)
            + Math.Max(0, Math.Abs(sweetness?.Value ?? 0) - Allowed);
    }

    // Of the lines of an iced mocha too little of one goes in, from nothing to just below what is planned: more of it
    // follows, and the drink is as good as the standard.
    [Fact]
    public void Too_little_of_one_line_always_ends_at_the_standard()
    {
        var mocha = TestBar.Build(
            TestBar.Line("sauce", 18, "g"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 150, "ml"),
            TestBar.Line("ice", 150, "g")
        ) with
        {
            Serve = "iced",
            Sizes = ["m"],
        };
        var lines = FullBar.Mix(mocha).Size("m").Lines;
        foreach (var line in lines)
        {
            for (var share = 0.0; share < 1; share += 0.05)
            {
                var rescue = RescuerTests.Rescue(
                    mocha,
                    [.. lines.Select(each => (each.Line.Value, each.Mass.Value * (each == line ? share : 1)))]
                );
                Assert.True(
                    rescue.Kind is RescueKind.CarryOn or RescueKind.Change,
                    $"{line.IngredientName} {share:0.00}: {rescue.Says}"
                );
                Assert.True(
                    rescue.Changes.Count == 0
                        || rescue.Changes.Any(change => change.Line == line.Line && change.IsMore),
                    rescue.Says
                );

                Assert.InRange(Math.Abs(rescue.Strength!.Value.Value), 0, 5);
                Assert.InRange(Math.Abs(rescue.Sweetness!.Value.Value), 0, 5);
            }
        }
    }

    // Whether changing a single remaining line, in the bar's steps, would have been enough: worked out from the taste of
    // the whole cup.
    private static bool OneOtherAmountHelps(
        Build build,
        BarFacts bar,
        CupId size,
        MakingPlan plan,
        List<PouredLine> poured
    )
    {
        var standard = PouredTaste.Of(build, bar, null, size, []).Value;
        var mixed = Krasis.Core.Judging.Mixer.Mix(build, bar).Sizes.Single(each => each.Size == size);
        foreach (
            var step in plan.Steps.Where(step =>
                step.Target is not null && !poured.Exists(each => each.Line == step.Line)
            )
        )
        {
            var line = mixed.Lines.Single(each => each.Line == step.Line);
            if (
                build.Lines.Single(each => each.Id == step.Line).To is not null
                || bar.Find(line.Ingredient)!.IsTopping
                || bar.Find(line.Ingredient)!.Kind is Krasis.Core.Bar.Ingredients.IngredientKind.Flavour
            )
            {
                continue;
            }

            var perStep = line.Mass.Value / line.Amount * line.Step;
            for (var steps = 1; steps * perStep < 300 && steps <= (line.Measure is "ml" or "g" ? 60 : 5); steps++)
            {
                var tried = PouredTaste
                    .Of(build, bar, null, size, [.. poured, new PouredLine(line.Line, Grams.From(steps * perStep))])
                    .Value;
                if (
                    tried.RoomLeft.Value >= Math.Min(0, standard.RoomLeft.Value)
                    && Math.Abs(tried.Strength?.Value ?? 0) < Allowed - 1e-6
                    && Math.Abs(tried.Sweetness?.Value ?? 0) < Allowed - 1e-6
                )
                {
                    return true;
                }
            }
        }

        return false;
    }

    // A step of the standard that the rescued plan no longer has: nothing of it goes in.
    private static IEnumerable<PouredLine> Nothing(MakingPlan was, MakingPlan now) =>
        was
            .Steps.Where(step => step.Target is not null && now.Steps.All(other => other.Line != step.Line))
            .Select(step => new PouredLine(step.Line!.Value, Grams.From(0)));
}
