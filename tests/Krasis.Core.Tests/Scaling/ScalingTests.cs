using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Scaling;

public class ScalingTests
{
    private static readonly Gen<BuildDocument> Builds = Gen.Select(
        Gen.OneOfConst([.. School.All]),
        Gen.Int[1, 6],
        Gen.Double[1, 500],
        Gen.Double[0.1, 12],
        Gen.Double[0, 200],
        (school, shots, milk, strokes, ice) =>
            TestBar.Build(
                TestBar.Line("espresso", shots, "shot"),
                TestBar.Line("milk", milk, "ml"),
                TestBar.Line("syrup", strokes, "stroke"),
                TestBar.Line("ice", ice, "g")
            ) with
            {
                School = school.Code,
            }
    );

    [Fact]
    public void Scaling_to_a_cup_of_the_same_size_changes_nothing() =>
        Builds
            .Seeded()
            .Sample(build =>
            {
                var sheet = Mixer.Mix(BuildReader.Read(build with { Sizes = ["m", "twin"] }, Twins).Value, Twins);
                return sheet
                    .Size("twin")
                    .Lines.Zip(build.Lines)
                    .All(pair =>
                        Math.Abs(pair.First.Exact - pair.Second.Amount!.Value) <= 1e-9 * pair.Second.Amount.Value
                    );
            });

    [Fact]
    public void Scaling_there_and_back_without_rounding_changes_nothing() =>
        Builds
            .Where(build => build.School != "hold-the-ratio" && build.School != "step-the-shots")
            .Seeded()
            .Sample(build =>
            {
                var there = TestBar.Mix(build).Size("l");
                var carried = build with
                {
                    ReferenceSize = "l",
                    Lines = [.. build.Lines.Zip(there.Lines, (line, cell) => line with { Amount = cell.Exact })],
                };
                return TestBar
                    .Mix(carried)
                    .Size("m")
                    .Lines.Zip(build.Lines)
                    .All(pair =>
                        Math.Abs(pair.First.Exact - pair.Second.Amount!.Value)
                        <= 1e-9 * Math.Max(1, pair.Second.Amount.Value)
                    );
            });

    [Fact]
    public void The_same_shot_goes_into_every_size_and_the_rest_grows()
    {
        var sheet = TestBar.Mix(Latte with { School = "same-shot" });

        Assert.Equal([2, 2, 2], Row(sheet, "espresso"));
        Assert.Equal([75, 150, 225], Row(sheet, "milk"));
        Assert.Equal([1, 2, 3], Row(sheet, "syrup"));
    }

    [Fact]
    public void To_hold_the_ratio_milk_follows_the_coffee_that_the_bar_can_pour()
    {
        // In half the cup, 3 shots become 1.5, which is poured as 2: two thirds of the reference, and so is the milk.
        var build = TestBar.Build(
            TestBar.Line("espresso", 3, "shot"),
            TestBar.Line("milk", 150, "ml"),
            TestBar.Line("syrup", 2, "stroke")
        );
        var sheet = TestBar.Mix(build with { School = "hold-the-ratio" });

        Assert.Equal([2, 3, 5], Row(sheet, "espresso"));
        Assert.Equal([100, 150, 250], Row(sheet, "milk"));
        Assert.Equal([1, 2, 3], Row(sheet, "syrup"));
        Assert.All(sheet.Sizes, size =>
            Assert.Equal(
                sheet.Size("m").Taste.Poured.MilkPerCoffee!.Value,
                size.Taste.Poured.MilkPerCoffee!.Value,
                1e-9
            )
        );
    }

    [Fact]
    public void To_hold_the_ratio_milk_follows_a_pinned_shot_too()
    {
        var build = TestBar.Build(TestBar.Line("milk", 150, "ml"), TestBar.Line("espresso", 2, "shot", ("l", 2)));

        Assert.Equal([75, 150, 150], Row(TestBar.Mix(build with { School = "hold-the-ratio" }), "milk"));
    }

    [Fact]
    public void Without_coffee_there_is_no_ratio_to_hold_and_milk_grows_with_the_cup() =>
        Assert.Equal(
            [75, 150, 225],
            Row(TestBar.Mix(TestBar.Build(TestBar.Line("milk", 150, "ml")) with { School = "hold-the-ratio" }), "milk")
        );

    [Fact]
    public void Every_school_leaves_the_reference_as_it_is() =>
        Gen.Select(Gen.OneOfConst([.. School.All]), Gen.Int[0, 6], Gen.Double[0, 300])
            .Seeded()
            .Sample(
                (school, shots, milk) =>
                {
                    var sheet = TestBar.Mix(
                        TestBar.Build(TestBar.Line("espresso", shots, "shot"), TestBar.Line("milk", milk, "ml")) with
                        {
                            School = school.Code,
                        }
                    );
                    return sheet.Cell("espresso", "m").Amount == shots && sheet.Cell("milk", "m").Amount == milk;
                }
            );

    [Fact]
    public void A_build_without_a_school_grows_with_the_cup() =>
        Assert.Equal(Row(TestBar.Mix(Latte with { School = "with-the-cup" }), "milk"), Row(TestBar.Mix(Latte), "milk"));

    [Fact]
    public void Twice_the_cup_takes_twice_as_much()
    {
        var sheet = TestBar.Mix(TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("milk", 150, "ml")));

        Assert.Equal(1, sheet.Cell("syrup", "s").Exact, 1e-9);
        Assert.Equal(3, sheet.Cell("syrup", "l").Exact, 1e-9);
        Assert.Equal(75, sheet.Cell("milk", "s").Exact, 1e-9);
        Assert.Equal(225, sheet.Cell("milk", "l").Exact, 1e-9);
    }

    [Fact]
    public void A_way_of_scaling_can_be_put_in_another_s_place()
    {
        var build = BuildReader.Read(TestBar.Build(TestBar.Line("espresso", 2, "shot")), TestBar.Facts).Value;
        var sheet = Mixer.Mix(build, TestBar.Facts, new Nothing());

        Assert.Equal([2, 2, 2], Row(sheet, "espresso"));
    }

    [Fact]
    public void Rounding_moves_by_at_most_half_a_step_and_lands_on_a_step() =>
        Gen.Select(Gen.Double[0, 5000], Gen.OneOfConst(0.1, 0.25, 0.5, 1, 5, 10))
            .Seeded()
            .Sample(
                (amount, step) =>
                {
                    var rounded = BarRounding.Round(new Quantity(amount, Measure.Gram), step);
                    return Math.Abs(rounded.Amount - amount) <= (step / 2) + 1e-9
                        && BarRounding.IsPourable(rounded, step);
                }
            );

    [Theory]
    [InlineData("syrup", "stroke", 1)]
    [InlineData("espresso", "shot", 1)]
    [InlineData("ice", "cube", 1)]
    [InlineData("milk", "ml", 5)]
    [InlineData("coffee", "ml", 5)]
    [InlineData("syrup", "ml", 1)]
    [InlineData("ice", "g", 5)]
    [InlineData("sauce", "g", 1)]
    [InlineData("milk", "us-fl-oz", 0.25)]
    [InlineData("syrup", "us-tbsp", 0.5)]
    public void The_bar_pours_in_steps(string ingredient, string measure, double step) =>
        Assert.Equal(
            step,
            BarRounding.StepOf(Measure.Find(measure)!, TestBar.Facts.Find(new IngredientId(ingredient))!, TestBar.Facts)
        );

    [Theory]
    [InlineData(2.5, 1, 3)]
    [InlineData(2.49, 1, 2)]
    [InlineData(107.5, 5, 110)]
    [InlineData(107.4, 5, 105)]
    public void Halves_go_up(double amount, double step, double rounded) =>
        Assert.Equal(rounded, BarRounding.Round(new Quantity(amount, Measure.Millilitre), step).Amount);

    private static BuildDocument Latte { get; } =
        TestBar.Build(
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 150, "ml")
        );

    private static double[] Row(BuildSheet sheet, string ingredient) =>
        [sheet.Cell(ingredient, "s").Amount, sheet.Cell(ingredient, "m").Amount, sheet.Cell(ingredient, "l").Amount];

    private sealed class Nothing : IScaling
    {
        public bool StretchesTheShot => false;

        public LineRule RuleFor(Ingredient ingredient) => new(ScaleBy.Fixed);
    }

    // The test bar with a second middle cup.
    private static BarFacts Twins { get; } =
        BarReader
            .Read(
                TestBar.Document with
                {
                    Cups = [.. TestBar.Document.Cups, TestBar.Document.Cups[1] with { Id = "twin", Name = "Twin" }],
                }
            )
            .Value;
}
