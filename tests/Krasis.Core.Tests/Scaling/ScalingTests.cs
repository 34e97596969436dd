using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;
using Krasis.Core.Mixing;
using Krasis.Core.Scaling;
using Krasis.Core.Vessels;

namespace Krasis.Core.Tests.Scaling;

public class ScalingTests
{
    private static readonly Gen<ScaledSize> Sizes = Gen.Select(Gen.OneOfConst("s", "m", "l"), Gen.Double[0, 50], (id, reserve) =>
    {
        var cup = TestBar.Facts.Find(new CupId(id))!;
        return new ScaledSize(cup, cup.WorkingVolume(Millimetres.From(reserve)));
    });

    private static readonly Gen<BuildLine> Lines = Gen.Double[0, 500].Select(amount =>
        new BuildLine(new("a"), new("milk"), new(amount, Measure.Millilitre), new Dictionary<CupId, Quantity>()));

    [Fact]
    public void Scaling_to_the_same_size_changes_nothing() =>
        Gen.Select(Lines, Sizes).Sample((line, size) => new WithTheCup().Scale(line, size, size) == line.Set);

    [Fact]
    public void Scaling_there_and_back_changes_nothing() => Gen.Select(Lines, Sizes, Sizes).Sample((line, one, other) =>
    {
        var there = new WithTheCup().Scale(line, one, other);
        var back = new WithTheCup().Scale(line with { Set = there }, other, one);
        return Math.Abs(back.Amount - line.Set.Amount) <= 1e-9;
    });

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
        var sheet = Mixer.Mix(build, TestBar.Facts, new Always(5));

        Assert.Equal(5, sheet.Cell("espresso", "s").Amount);
        Assert.Equal(2, sheet.Cell("espresso", "m").Amount);
    }

    [Fact]
    public void Rounding_moves_by_at_most_half_a_step_and_lands_on_a_step() =>
        Gen.Select(Gen.Double[0, 5000], Gen.OneOfConst(0.1, 0.25, 0.5, 1, 5, 10)).Sample((amount, step) =>
        {
            var rounded = BarRounding.Round(new(amount, Measure.Gram), step);
            return Math.Abs(rounded.Amount - amount) <= (step / 2) + 1e-9 && BarRounding.IsPourable(rounded, step);
        });

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
        Assert.Equal(step, BarRounding.StepOf(Measure.Find(measure)!, TestBar.Facts.Find(new IngredientId(ingredient))!, TestBar.Facts.House));

    [Theory]
    [InlineData(2.5, 1, 3)]
    [InlineData(2.49, 1, 2)]
    [InlineData(107.5, 5, 110)]
    [InlineData(107.4, 5, 105)]
    public void Halves_go_up(double amount, double step, double rounded) =>
        Assert.Equal(rounded, BarRounding.Round(new(amount, Measure.Millilitre), step).Amount);

    private sealed class Always(double amount) : IScaling
    {
        public Quantity Scale(BuildLine line, ScaledSize reference, ScaledSize size) => line.Set.With(amount);
    }
}
