using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Making;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Making.Rescuing;

/// <summary>What can still be made of a drink. The house of the full bar allows 15 % of drift.</summary>
public class RescuerTests
{
    private const double Allowed = 15;

    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 3, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 250, "ml")
    );

    [Fact]
    public void What_is_as_it_should_be_needs_no_rescue()
    {
        // 3 strokes of 7.5 ml at 1.3 g/ml are 29.25 g.
        var rescue = Rescue(Latte, ("syrup", 29.25));

        Assert.Equal(RescueKind.CarryOn, rescue.Kind);
        Assert.Equal(
            (0, 0),
            (Math.Round(rescue.Strength!.Value.Value, 6), Math.Round(rescue.Sweetness!.Value.Value, 6))
        );
        Assert.Empty(rescue.Changes);
        Assert.StartsWith("Carry on as planned: it is as strong and as sweet,", rescue.Says, StringComparison.Ordinal);
    }

    [Fact]
    public void A_stroke_too_many_is_made_good_by_more_of_what_follows()
    {
        var rescue = Rescue(Latte, ("syrup", 39));

        Assert.Equal(RescueKind.Change, rescue.Kind);
        var change = Assert.Single(rescue.Changes);
        Assert.Equal(("milk", "250 ml", false), (change.Line.Value, change.Was, change.IsMore));
        Assert.Contains("not 250 ml", rescue.Says, StringComparison.Ordinal);

        // It stands in the plan, and what is in stands before it as it is.
        Assert.Equal(39, rescue.Plan!.Steps[0].Target!.Grams.Value, 6);
        Assert.Equal(change.Now, rescue.Plan.Steps[2].Amount);
    }

    [Fact]
    public void What_is_in_already_gets_more_where_too_little_of_it_went_in()
    {
        var rescue = Rescue(Latte, ("syrup", 9.75), ("espresso", 36), ("milk", 257.5));

        Assert.Equal(RescueKind.Change, rescue.Kind);
        var change = Assert.Single(rescue.Changes);
        Assert.Equal(
            ("syrup", "2 strokes", true, "Syrup: 2 strokes more"),
            (change.Line.Value, change.Now, change.IsMore, change.Says)
        );

        // After all that is in, and before the hand-over.
        Assert.Equal(
            ["Syrup", "Espresso", "Milk", "Syrup", "Hand it over"],
            rescue.Plan!.Steps.Select(step => step.Title)
        );
        Assert.Equal(
            ("2 strokes", "syrup", true),
            (rescue.Plan.Steps[3].Amount, rescue.Plan.Steps[3].Line!.Value.Value, rescue.Plan.Steps[3].IsMore)
        );
        Assert.All(rescue.Plan.Steps.Take(3), step => Assert.False(step.IsMore));
    }

    [Fact]
    public void What_no_more_can_be_done_about_is_begun_again_and_it_is_said_why()
    {
        var only = Latte with { Sizes = ["m"] };
        var sweet = Rescue(only, ("syrup", 120));
        Assert.Equal((RescueKind.StartAgain, null), (sweet.Kind, sweet.Plan));
        Assert.Contains("sweeter", sweet.Says, StringComparison.Ordinal);
        Assert.True(
            Math.Abs(sweet.Sweetness!.Value.Value) > Allowed || Math.Abs(sweet.Strength!.Value.Value) > Allowed
        );

        var full = Rescue(only, ("syrup", 29.25), ("espresso", 36), ("milk", 420));
        Assert.Equal(RescueKind.StartAgain, full.Kind);
        Assert.Contains("too full", full.Says, StringComparison.Ordinal);
        Assert.Null(full.Sweetness);
        Assert.True(full.RoomLeft.Value < 0);
    }

    [Fact]
    public void A_drift_that_nobody_notices_needs_no_rescue_and_what_the_house_just_allows_may_be_brought_nearer()
    {
        // Sweetness = 0.65 s ÷ (s + 36 + 257.5) against s = 29.25, milk without sugars of its own.
        var bar = FullBar.With("milk", milk =>
            milk with
            {
                Per100g = FullBar.Document.Ingredients.Single(each => each.Id == "oat").Per100g! with
                {
                    Maltose = 0,
                    Sugars = 0,
                },
            }
        );
        var build = TestBar.Build(
            TestBar.Line("syrup", 3, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 250, "ml")
        );
        const double rest = 36 + (250 * 1.03);

        // 3 % sweeter, and all but the 15 % that the house allows.
        Assert.Equal(RescueKind.CarryOn, With(1.03).Kind);
        Assert.Equal(RescueKind.Change, With(1.149).Kind);

        Rescue With(double sweeter)
        {
            var wanted = 29.25 / (29.25 + rest) * sweeter;
            return Rescue(bar, build, ("syrup", wanted * rest / (1 - wanted)), ("espresso", 36), ("milk", 257.5));
        }
    }

    [Fact]
    public void What_fills_to_a_line_still_fills_to_it()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 200, "ml") with
            {
                To = "to 60 mm",
            }
        );
        var rescue = Rescue(build, ("espresso", 38));

        // 60 mm of 4 ml a millimetre are 240 ml, less the 38 that are in.
        Assert.Equal((RescueKind.CarryOn, "to 60 mm"), (rescue.Kind, rescue.Plan!.Steps[1].Amount));
        Assert.Equal(202 * 1.03, rescue.Plan.Steps[1].Target!.Grams.Value, 3);
    }

    [Theory]
    [InlineData("x", "syrup", 10, "size")]
    [InlineData("m", "honey", 10, "poured[0].line")]
    [InlineData("m", "syrup", 5000.1, "poured[0].grams")]
    [InlineData("m", "syrup", -5, "poured[0].grams")]
    public void What_cannot_be_is_said_at_its_place(string size, string line, double grams, string field) =>
        Assert.Equal(
            field,
            Assert
                .Single(
                    Rescuer
                        .Rescue(
                            BuildReader.Read(Latte, FullBar.Facts).Value,
                            FullBar.Facts,
                            null,
                            new CupId(size),
                            [new PouredLine(new LineId(line), Grams.From(grams))]
                        )
                        .Problems
                )
                .Field
        );

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

                    if (rescue.Kind == RescueKind.BiggerCup)
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
                var rescue = Rescue(
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

    // 9 g of 18 g of sauce: by hand, 9 g more are the standard.
    [Fact]
    public void Half_of_the_sauce_gets_the_other_half()
    {
        var rescue = Rescue(
            TestBar.Build(
                TestBar.Line("sauce", 18, "g"),
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("milk", 250, "ml")
            ),
            ("sauce", 9)
        );
        Assert.Equal("Dark sauce: 9 g more", Assert.Single(rescue.Changes).Says);
        Assert.InRange(Math.Abs(rescue.Sweetness!.Value.Value), 0, 1e-6);
    }

    // Another flavour in its place would be as sweet and another drink.
    [Fact]
    public void Too_much_of_one_flavour_is_not_made_good_by_less_of_another()
    {
        var build = TestBar.Build(
            TestBar.Line("sauce", 20, "g"),
            TestBar.Line("syrup", 3, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 230, "ml")
        );
        Assert.DoesNotContain(Rescue(build, ("sauce", 34)).Changes, change =>
            change.Line.Value == "syrup" && change.Now.StartsWith('1')
        );
    }

    // 4 ml more than there is room for: without the cream that the room is kept for, it fits.
    [Fact]
    public void What_stands_on_top_is_left_out_where_that_makes_the_room()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 270, "ml"),
            TestBar.Line("whip", 20, "g")
        ) with
        {
            Sizes = ["m"],
            ReserveMm = 20,
        };
        var rescue = Rescue(build, ("espresso", 36), ("milk", 300 * 1.03));
        Assert.Equal(RescueKind.Change, rescue.Kind);
        Assert.Equal("Whip: leave it out", Assert.Single(rescue.Changes).Says);
        Assert.DoesNotContain(rescue.Plan!.Steps, step => step.Title == "Whip");
    }

    [Fact]
    public void What_is_too_much_for_one_cup_goes_into_a_bigger_one_and_is_made_that_size()
    {
        var rescue = Rescue(Latte, ("syrup", 29.25), ("espresso", 36), ("milk", 390 * 1.03));
        Assert.Equal((RescueKind.BiggerCup, null), (rescue.Kind, rescue.Plan));
        Assert.StartsWith("Pour it into Large and make that size", rescue.Says, StringComparison.Ordinal);
        Assert.NotEmpty(rescue.Changes);
    }

    // With a third of the ice it is the same when it is handed over, and not ten minutes later.
    [Fact]
    public void Less_ice_and_what_becomes_of_it_are_told()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 180, "ml"),
            TestBar.Line("ice", 150, "g")
        ) with
        {
            Serve = "iced",
            Sizes = ["m"],
        };
        var rescue = Rescue(build, ("espresso", 36), ("milk", 180 * 1.03 * 1.12));
        Assert.DoesNotContain("of ice instead", rescue.Says, StringComparison.Ordinal);
        var more = Rescue(build, ("espresso", 54), ("milk", 290 * 1.03));
        Assert.True(
            !more.Changes.Any(change => change.Line.Value == "ice")
                || more.Says.Contains("of ice instead of 150 g", StringComparison.Ordinal),
            more.Says
        );
    }

    // Whether any one line that is still to come, poured otherwise in the bar's steps, would have done: worked out from
    // the taste of the whole cup.
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

    private static Rescue Rescue(BuildDocument build, params (string Line, double Grams)[] poured) =>
        Rescue(FullBar.Facts, build, poured);

    private static Rescue Rescue(BarFacts bar, BuildDocument build, params (string Line, double Grams)[] poured) =>
        Rescuer
            .Rescue(
                BuildReader.Read(build, bar).Value,
                bar,
                null,
                new CupId("m"),
                [.. poured.Select(each => new PouredLine(new LineId(each.Line), Grams.From(each.Grams)))]
            )
            .Value;
}
