using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Findings;
using static Krasis.Core.Tests.Checks.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>What a drink tastes of beside its other sizes: each check where it fires, where it nearly does, and where its mend removes it. Figures of the trade are
/// common practice without a source, unless one is named.</summary>
public class TasteCheckTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");

    [Fact]
    public void Same_shot_in_a_bigger_cup()
    {
        // 72 g of espresso in the middle cup and in the large one: 30 % weaker.
        var build = TestBar.Build(TestBar.Line("espresso", 4, "shot"), TestBar.Line("milk", 250, "ml")) with
        {
            Sizes = ["m", "l"],
            School = "same-shot",
        };
        Fires(
            build,
            new SameShotInABiggerCup().Name,
            Severity.Warning,
            "l",
            "Large is a bigger cup with the reference's coffee",
            mended: true
        );
        Silent(
            build with
            {
                Lines = [TestBar.Line("espresso", 4, "shot"), TestBar.Line("milk", 250, "ml", ("l", 290))],
            },
            new SameShotInABiggerCup().Name
        );
    }

    [Fact]
    public void Taste_drift_is_mended_by_one_line()
    {
        // Milk pinned too low in the small cup: stronger and sweeter than allowed.
        var build = TestBar.Build(
            TestBar.Line("syrup", 2, "stroke"),
            Espresso,
            TestBar.Line("milk", 150, "ml", ("s", 40))
        ) with
        {
            Sizes = ["s", "m"],
        };
        var finding = Fires(
            build,
            new TasteDrift().Name,
            Severity.Warning,
            "s",
            "Small is 52 % stronger than the reference size",
            mended: true
        );

        Assert.Equal("Pin 75 ml of Milk", finding.Mend!.Label);
        Silent(
            build with
            {
                Lines = [.. build.Lines.Take(2), TestBar.Line("milk", 150, "ml", ("s", 65))],
            },
            new TasteDrift().Name
        );
    }
}
