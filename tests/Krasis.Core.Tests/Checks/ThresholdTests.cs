using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Selling;
using Krasis.Core.Judging.Checks.Taste;
using static Krasis.Core.Tests.Checks.Thresholds;

namespace Krasis.Core.Tests.Checks;

/// <summary>Checks of doses, sweetness, taste and caffeine, just under and just over where they begin to speak. The thresholds are common practice without a
/// source unless the check names one; the amounts at which they lie are reckoned beside each.</summary>
public class ThresholdTests
{
    // White sauce is usual at 25 ml to 100 ml; half as much again to 200 ml of milk is 75 ml, 93.75 g; 0.65 of it is
    // 32.5 ml, 40.625 g.
    [Theory]
    [InlineData(93.7, false)]
    [InlineData(93.8, true)]
    [InlineData(40.7, false)]
    [InlineData(40.6, true)]
    public void A_sauce_dosed_like_another(double grams, bool isTold) =>
        Told(isTold, new DosedLikeAnother().Name, Only(TestBar.Line("white", grams, "g"), Thresholds.Milk));

    // A little of one beside another is a mixture; too much of one is too much beside anything.
    [Theory]
    [InlineData(40.6, false)]
    [InlineData(93.8, true)]
    public void A_sauce_in_a_mixture(double grams, bool isTold) =>
        Told(
            isTold,
            new DosedLikeAnother().Name,
            Only(TestBar.Line("white", grams, "g"), TestBar.Line("syrup", 1, "stroke"), Thresholds.Milk)
        );

    // Half as much again as 7.5 ml to 100 ml of milk is 22.5 ml to 200 ml, 0.7608 US fl oz of 29.5735 ml.
    [Theory]
    [InlineData(0.760, false)]
    [InlineData(0.762, true)]
    public void Ounces_for_tablespoons(double ounces, bool isTold) =>
        Told(isTold, new OuncesForTablespoons().Name, Only(TestBar.Line("syrup", ounces, "us-fl-oz"), Thresholds.Milk));

    // Four fifths of 7.5 ml to 100 ml is 12 ml to 200 ml, 15.6 g.
    [Theory]
    [InlineData(15.5, false)]
    [InlineData(15.7, true)]
    public void A_nearly_full_dose_in_sweetened_milk(double grams, bool isTold) =>
        Told(
            isTold,
            new SweetenedMilkAndFullStrokes().Name,
            Only(TestBar.Line("syrup", grams, "g"), TestBar.Line("sweet-milk", 200, "ml"))
        );

    [Theory]
    [InlineData(3.4, false)]
    [InlineData(3.5, true)]
    public void A_milk_that_counts_as_sweetened(double added, bool isTold) =>
        Told(
            isTold,
            new SweetenedMilkAndFullStrokes().Name,
            Only(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("sweet-milk", 200, "ml")),
            FullBar.With("sweet-milk", milk => milk with { Per100g = milk.Per100g! with { Sucrose = added } })
        );

    [Theory]
    [InlineData(1, false)]
    [InlineData(1.01, true)]
    public void A_potent_flavour(double grams, bool isTold) =>
        Told(isTold, new TooMuchOfAPotentFlavour().Name, Only(TestBar.Line("smoke", grams, "g"), Thresholds.Milk));

    // 72 g of espresso in 329.5 g, and in 72 g + x of milk of 1.03 g/ml: 15 % weaker in 387.65 g, with 306.5 ml.
    [Theory]
    [InlineData(306, false)]
    [InlineData(307, true)]
    public void The_same_shot_in_a_bigger_cup(double milk, bool isTold)
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 4, "shot", ("l", 4)),
            TestBar.Line("milk", 250, "ml", ("l", milk))
        ) with
        {
            Sizes = ["m", "l"],
        };

        Told(isTold, new SameShotInABiggerCup().Name, build);
        Assert.Empty(Found(new TasteDrift().Name, build));
    }

    // 108 g in 108 g + x of milk, against 72 g in 329.5 g: 15 % stronger in 429.8 g, with 312.4 ml. 4 strokes of 9.75 g
    // at 65 % in 329.5 + 39 g are 6.88 %; 6 in 108 + 58.5 g + x are 15 % sweeter in 480.65 g, with 305 ml.
    [Theory]
    [InlineData(313, false, false)]
    [InlineData(312, true, false)]
    [InlineData(305.1, false, true)]
    [InlineData(304.9, true, true)]
    public void A_taste_that_drifts(double milk, bool isTold, bool isSweet)
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 4, "shot", ("l", 6)),
            TestBar.Line("syrup", isSweet ? 4 : 0, "stroke", ("l", isSweet ? 6 : 0)),
            TestBar.Line("milk", 250, "ml", ("l", milk))
        ) with
        {
            Sizes = ["m", "l"],
        };
        var lean = FullBar.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House with
                {
                    StrengthDriftPercent = isSweet ? 90 : 15,
                    SweetnessDriftPercent = isSweet ? 15 : 90,
                },
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(one =>
                        one.Id == "milk" ? one with { Per100g = one.Per100g! with { Lactose = 0 } } : one
                    ),
                ],
            }
        );

        Told(isTold, new TasteDrift().Name, build, lean);
    }

    [Theory]
    [InlineData("coffee", 0.5, false)]
    [InlineData("coffee", 0.51, true)]
    [InlineData("milk", 0.05, false)]
    [InlineData("milk", 0.06, true)]
    public void No_added_sugar(string ingredient, double sucrose, bool isTold) =>
        Told(
            isTold,
            new ClaimNotMet().Name,
            Only(TestBar.Line("coffee", 100, "ml"), Thresholds.Milk) with
            {
                Claims = ["noAddedSugar"],
            },
            FullBar.With(ingredient, one =>
                one with
                {
                    Per100g = one.Per100g! with { Carbohydrate = 10, Sucrose = sucrose },
                }
            )
        );

    // 186.8 mg in the 36 g of a double from 18 g of 1.2 %, and the roast and the pull may give a seventh less: at
    // least 160.4 mg, and so 200 mg for certain in 44.90 g.
    [Fact]
    public void Caffeine_at_once() => CaffeineAtOnce();

    // What a line brings of which nobody knows comes to what is known: it takes no caution away.
    [Fact]
    public void Caffeine_at_once_beside_a_line_of_which_it_is_not_known() =>
        CaffeineAtOnce(TestBar.Line("syrup", 1, "stroke"));

    private static void CaffeineAtOnce(params LineDocument[] others)
    {
        var bar = FullBar.With("syrup", syrup => syrup with { Per100g = syrup.Per100g! with { CaffeineMg = null } });
        var double36 = FullBar.Mix(Only(Thresholds.Espresso), bar).Sizes[0].Inside.Nutrition;
        var (at, perhaps) = (
            36 * 200 / double36.CaffeineFrom!.Value.Value,
            36 * 200 / double36.CaffeineTo!.Value.Value
        );

        Assert.Equal(44.90, at, 0.02);
        Assert.Equal([], Codes(perhaps - 0.01));
        Assert.Equal(["caffeine-perhaps"], Codes(perhaps + 0.01));
        Assert.Equal(["caffeine-perhaps"], Codes(at - 0.01));
        Assert.Equal(["caffeine"], Codes(at + 0.01));

        IEnumerable<string> Codes(double grams) =>
            FullBar
                .Mix(Only([TestBar.Line("espresso", grams, "g"), .. others]), bar)
                .Cautions.Select(caution => caution.Code)
                .Where(code => code.StartsWith("caffeine", StringComparison.Ordinal));
    }
}
