using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Scaling;

/// <summary>Shots that are stretched, halves that are rounded, and what the lead's rules ask before any
/// rounding.</summary>
public class StretchAndRoundTests
{
    private static readonly LineDocument Double = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");

    // The basket takes 16 to 21 g, the dose is 18: at most 21 ÷ 18 = 1.1667, at least 16 ÷ 18 = 0.8889. The cups are a
    // half and one and a half of the middle one.
    [Theory]
    [InlineData("s", 16, 32, 32)]
    [InlineData("m", 18, 36, 36)]
    [InlineData("l", 21, 42, 42)]
    public void Dose_and_yield_of_every_size_are_told(string size, double dose, double yield, double mass)
    {
        var cell = FullBar.Mix(Stretched(Double, Milk)).Cell("espresso", size);

        Assert.Equal(
            (dose, yield, mass, 2),
            (
                Math.Round(cell.Pull!.Dose.Value, 9),
                Math.Round(cell.Pull.Yield.Value, 9),
                Math.Round(cell.Mass.Value, 9),
                cell.Amount
            )
        );
    }

    [Fact]
    public void Typed_grams_mean_grams_and_a_pinned_cell_is_never_dosed_anew()
    {
        Assert.Equal(
            44,
            FullBar.Mix(Stretched(TestBar.Line("espresso", 36, "g", ("l", 44)), Milk)).Cell("espresso", "l").Mass.Value,
            1e-9
        );
        Assert.Equal(
            20,
            FullBar.Mix(Stretched(TestBar.Line("espresso", 36, "g", ("s", 20)), Milk)).Cell("espresso", "s").Mass.Value,
            1e-9
        );
        Assert.Equal(
            54,
            FullBar
                .Mix(Stretched(Double with { Pins = [new() { Size = "l", Amount = 3 }] }, Milk))
                .Cell("espresso", "l")
                .Mass.Value,
            1e-9
        );
        Assert.Equal(
            18,
            FullBar
                .Mix(Stretched(Double with { Pins = [new() { Size = "l", Amount = 3 }] }, Milk))
                .Cell("espresso", "l")
                .Pull!.Dose.Value,
            1e-9
        );
    }

    [Fact]
    public void A_rule_of_one_s_own_does_not_grow_twice()
    {
        // With the cup: 2 × 1.5 = 3 shots, and nothing is left to stretch; the same in every size means the same.
        var withTheCup = FullBar
            .Mix(Stretched(Double with { Scale = new() { By = "cup" } }, Milk))
            .Cell("espresso", "l");
        Assert.Equal((3, 54), (withTheCup.Amount, Math.Round(withTheCup.Mass.Value, 9)));
        Assert.Equal(
            36,
            FullBar
                .Mix(Stretched(Double with { Scale = new() { By = "fixed" } }, Milk))
                .Cell("espresso", "l")
                .Mass.Value,
            1e-9
        );
    }

    [Fact]
    public void Another_number_of_shots_and_a_stretch_come_together()
    {
        // A ladder says 3 shots in the large one, whose coffee is to be 1.5 times two shots: three shots of the plain
        // dose. Four would be stretched down.
        var ladder = new ScaleDocument { By = "ladder", Ladder = [new() { Size = "l", Amount = 4 }] };
        var cell = FullBar.Mix(Stretched(Double with { Scale = ladder }, Milk)).Cell("espresso", "l");

        Assert.Equal((4, 16), (cell.Amount, Math.Round(cell.Pull!.Dose.Value, 9)));
    }

    [Theory]
    [InlineData(1.4999999999999998, 2)]
    [InlineData(1.5, 2)]
    [InlineData(1.499, 1)]
    [InlineData(2.75, 3)]
    [InlineData(0.49999999999, 1)]
    [InlineData(0.4999, 0)]
    public void Halves_go_up_whatever_the_floating_point_did(double amount, double rounded) =>
        Assert.Equal(rounded, BarRounding.Round(amount, 1));

    [Fact]
    public void Rounding_never_moves_more_than_half_a_step() =>
        Gen.Select(Gen.Double[0, 1000], Gen.OneOfConst(0.05, 0.25, 0.5, 1.0, 5.0))
            .Seeded()
            .Sample(
                (amount, step) =>
                    Math.Abs(BarRounding.Round(amount, step) - amount) <= (step / 2) + (step * 2e-9)
                    && BarRounding.RoundDown(amount, step) <= amount + (step * 2e-9)
                    && BarRounding.RoundHalvesDown(amount, step) <= BarRounding.Round(amount, step) + 1e-9
            );

    // 200 ml of milk, pinned to 150 and to 225 elsewhere; two strokes as a share of it are 1.5 and 2.25.
    [Theory]
    [InlineData(200, 150, 2)]
    [InlineData(300, 225, 2)]
    [InlineData(160, 120, 2)]
    [InlineData(180, 135, 2)]
    [InlineData(220, 165, 2)]
    public void An_exact_half_of_a_share_goes_up(double set, double pinned, double strokes)
    {
        var share = TestBar.Line("syrup", 2, "stroke") with
        {
            Scale = new() { By = "share", Of = "milk" },
        };
        Assert.Equal(
            strokes,
            FullBar.Mix(TestBar.Build(share, TestBar.Line("milk", set, "ml", ("s", pinned)))).Cell("syrup", "s").Amount
        );
    }

    [Fact]
    public void What_the_rules_ask_for_is_told_before_any_rounding_also_of_the_rest_and_of_shares()
    {
        // By hand: the small cup is to be half as full; the shot is one of two, the syrup 1.5 strokes, and the rest of
        // the cup milk.
        var sheet = FullBar.Mix(
            TestBar.Build(
                TestBar.Line("syrup", 3, "stroke"),
                Double,
                TestBar.Line("milk", 200, "ml") with
                {
                    Scale = new() { By = "rest" },
                }
            )
        );
        var small = sheet.Size("s");

        Assert.Equal((1.5, 1, 100), (small.Lines[0].Exact, small.Lines[1].Exact, Math.Round(small.Lines[2].Exact, 6)));
        Assert.Equal(
            sheet.Size("m").Taste.Poured.Sweetness!.Value.Value,
            small.Taste.Rounding.Before.Sweetness!.Value.Value,
            1e-6
        );
        Assert.True(small.Taste.Rounding.Sweetness!.Value.Value > 5);
    }

    private static BuildDocument Stretched(params LineDocument[] lines) =>
        TestBar.Build(lines) with
        {
            School = "stretch-the-shot",
        };
}
