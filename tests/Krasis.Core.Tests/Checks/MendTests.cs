using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;

namespace Krasis.Core.Tests.Checks;

/// <summary>What a mend takes, and where there is none. Reckoned by hand: espresso is 1 g/ml and a tenth of it solids,
/// a shot of it 18 g.</summary>
public class MendTests
{
    private static readonly LineDocument Milk = TestBar.Line("milk", 100, "ml");
    private static readonly LineDocument Water = TestBar.Line("water", 150, "ml");

    // 420 ml in 400: it goes off that of which there is the most, whichever stands first.
    [Theory]
    [InlineData(100, 320, "Take out 20 ml of Water")]
    [InlineData(320, 100, "Take out 20 ml of Milk")]
    public void An_overfull_cup_gives_up_what_there_is_the_most_of(double milk, double water, string promise)
    {
        foreach (
            var lines in new LineDocument[][]
            {
                [Milk with { Amount = milk }, Water with { Amount = water }],
                [Water with { Amount = water }, Milk with { Amount = milk }],
            }
        )
        {
            Assert.Equal(promise, Mends(TestBar.Build(lines) with { Sizes = ["m"] }, "overfull").Single());
        }
    }

    // A mark is met by what goes in before it: that is left alone, or the marked line would take up what was taken out.
    // And the mark itself is never dropped unsaid.
    [Fact]
    public void What_a_later_line_is_filled_up_on_is_left_alone()
    {
        var marked = Water with { To = "to ½" };

        Assert.Equal(
            [],
            Mends(
                TestBar.Build(Milk with { Amount = 150 }, marked, TestBar.Line("espresso", 12, "shot")) with
                {
                    Sizes = ["m"],
                },
                "overfull"
            )
        );
        Assert.Equal(
            ["Take out 20 ml of Milk"],
            Mends(TestBar.Build(marked, Milk with { Amount = 220 }) with { Sizes = ["m"] }, "overfull")
        );
    }

    // 3.6 g of solids in 136 g: with 150 ml of water that is 5.4 g in 204 g, three shots.
    [Fact]
    public void What_makes_it_taste_the_same_again_is_offered()
    {
        var build = TestBar.Build(TestBar.Line("espresso", 2, "shot", ("l", 4)), TestBar.Line("water", 100, "ml"));

        Assert.Equal(["Pin 3 shots of Espresso"], Mends(build with { Sizes = ["m", "l"] }, "taste-drift"));
    }

    private static IEnumerable<string> Mends(BuildDocument build, string check) =>
        FullBar
            .Mix(build)
            .Findings.Where(finding => finding.Check == check)
            .Select(finding => finding.Mend)
            .OfType<Mend>()
            .Select(mend => mend.Label);
}
