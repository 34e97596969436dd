using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;

namespace Krasis.Core.Tests.Transforming;

/// <summary>A build is filled up by its milk or its brew, whichever there is more of, and by no other size
/// over.</summary>
public class FittingTests
{
    // 400 ml less 36 ml of espresso and 15 ml of syrup.
    [Fact]
    public void Milk_takes_the_room_that_is_left_and_leaves_what_is_to_be_left()
    {
        var latte = TestBar.Build(
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 50, "ml")
        ) with
        {
            Sizes = ["m"],
        };

        Assert.Equal(345, Amount(Fitting.Fill(latte, FullBar.Facts), "milk"));
        Assert.Equal(320, Amount(Fitting.Fill(latte, FullBar.Facts, leave: 25), "milk"));
        Assert.Equal(
            345,
            Amount(
                Fitting.Fill(
                    latte with
                    {
                        Lines = [.. latte.Lines.Take(2), TestBar.Line("milk", 600, "ml")],
                    },
                    FullBar.Facts
                ),
                "milk"
            )
        );
        Assert.Equal(
            345,
            Amount(
                Fitting.Fill(
                    latte with
                    {
                        Lines = [.. latte.Lines.Take(2), TestBar.Line("milk", 345, "ml")],
                    },
                    FullBar.Facts
                ),
                "milk"
            )
        );
    }

    [Fact]
    public void The_larger_of_milk_and_brew_is_filled_up_and_else_whatever_is_said_in_ml()
    {
        var brew = Fitting.Fill(
            TestBar.Build(TestBar.Line("coffee", 100, "ml"), TestBar.Line("milk", 20, "ml")) with
            {
                Sizes = ["m"],
            },
            FullBar.Facts
        );
        Assert.InRange(Amount(brew, "coffee"), 375, 380); // A step of 5 ml may be left.
        Assert.Equal(20, Amount(brew, "milk"));

        var weighed = Fitting.Fill(
            TestBar.Build(TestBar.Line("milk", 100, "g"), TestBar.Line("coffee", 20, "ml")) with
            {
                Sizes = ["m"],
            },
            FullBar.Facts
        );
        Assert.Equal(100, Amount(weighed, "milk"));
        Assert.Equal(300, Amount(weighed, "coffee"));

        var water = Fitting.Fill(
            TestBar.Build(TestBar.Line("water", 10, "ml"), TestBar.Line("espresso", 2, "shot")) with
            {
                Sizes = ["m"],
            },
            FullBar.Facts
        );
        Assert.Equal(360, Amount(water, "water"));

        var shots = TestBar.Build(TestBar.Line("espresso", 2, "shot")) with { Sizes = ["m"] };
        Assert.Same(shots, Fitting.Fill(shots, FullBar.Facts));
    }

    // Small rounds a shot and a half and two strokes and a half up: its room is what milk may fill, so that nothing
    // runs over.
    [Fact]
    public void No_other_size_runs_over()
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 5, "stroke"),
            TestBar.Line("espresso", 3, "shot"),
            TestBar.Line("milk", 50, "ml")
        ) with
        {
            Sizes = ["s", "m", "l"],
        };
        var filled = Fitting.Fill(build, FullBar.Facts);
        var sheet = FullBar.Mix(filled);

        Assert.All(sheet.Sizes, size => Assert.True(size.Fill.RoomLeft.Value >= 0, size.Name));
        Assert.InRange(sheet.Sizes.Min(size => size.Fill.RoomLeft.Value / size.Fill.WorkingVolume.Value), 0, 0.04);
    }

    private static double Amount(BuildDocument build, string line) =>
        build.Lines.Single(one => one.Id == line).Amount!.Value;
}
