using Krasis.Core.Builds;

namespace Krasis.Core.Tests.Mixing;

/// <summary>A pull is what comes out of one basket. By hand at the full bar: 18 g in, 36 g out, two shots a pull, a
/// basket of 16 to 21 g.</summary>
public class PullsOfADrinkTests
{
    private static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");

    // A shot below the milk and one on it come from one pull: nothing is poured away, and it costs what a double costs.
    [Fact]
    public void One_pull_serves_two_lines()
    {
        var twice = Middle(
            TestBar.Line("espresso", 1, "shot"),
            Milk,
            TestBar.Line("espresso", 1, "shot") with
            {
                Id = "above",
            }
        );
        var once = Middle(TestBar.Line("espresso", 2, "shot"), Milk);

        Assert.Equal([1, 0], twice.Lines.Select(line => line.Pull?.WholePulls).OfType<int>());
        Assert.Equal(0, twice.Lines.Sum(line => line.Pull?.PouredAway.Value ?? 0), 1e-9);
        Assert.Equal(once.Cost.Ingredients!.Value.Value, twice.Cost.Ingredients!.Value.Value, 1e-9);
    }

    // Three shots in two lines are two pulls, and half of the second is left over once.
    [Fact]
    public void What_is_left_over_is_left_over_once()
    {
        var size = Middle(
            TestBar.Line("espresso", 1, "shot"),
            Milk,
            TestBar.Line("espresso", 2, "shot") with
            {
                Id = "above",
            }
        );

        Assert.Equal(2, size.Lines.Sum(line => line.Pull?.WholePulls ?? 0));
        Assert.Equal(
            [0.0, 18.0],
            size.Lines.Where(line => line.Pull is not null).Select(line => line.Pull!.PouredAway.Value)
        );
    }

    // The basket takes 21 g, which is 42 g out: up to there it is one pull, and beyond it two.
    [Theory]
    [InlineData(36, 1, 18, 0)]
    [InlineData(41, 1, 20.5, 0)]
    [InlineData(42, 1, 21, 0)]
    [InlineData(43, 2, 18, 29)]
    public void Grams_that_one_basket_takes_are_one_pull_where_pulls_stretch(
        double grams,
        int pulls,
        double dose,
        double away
    )
    {
        var pull = FullBar
            .Mix(
                TestBar.Build(TestBar.Line("espresso", grams, "g"), Milk) with
                {
                    School = "stretch-the-shot",
                    Sizes = ["m"],
                }
            )
            .Size("m")
            .Lines[0]
            .Pull!;

        Assert.Equal(
            (pulls, dose, away),
            (pull.WholePulls, Math.Round(pull.Dose.Value, 9), Math.Round(pull.PouredAway.Value, 9))
        );
    }

    // Where every pull is alike, it is not.
    [Fact]
    public void Elsewhere_a_pull_is_the_recipe_s()
    {
        var pull = Middle(TestBar.Line("espresso", 41, "g"), Milk).Lines[0].Pull!;
        Assert.Equal((2, 18, 31), (pull.WholePulls, pull.Dose.Value, Math.Round(pull.PouredAway.Value, 9)));
    }

    private static Working.SizeSheets.SizeSheet Middle(params LineDocument[] lines) =>
        FullBar.Mix(TestBar.Build(lines) with { Sizes = ["m"] }).Size("m");
}
