using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Milk;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Checks.Room;
using Krasis.Core.Judging.Checks.Selling;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Checks.Tools;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>Every check just under and just over where it begins to speak. The thresholds are common practice without a
/// source unless the check names one; the amounts at which they lie are reckoned beside each.</summary>
public class ThresholdTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");
    private static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");

    // White sauce is usual at 25 ml to 100 ml; half as much again to 200 ml of milk is 75 ml, 93.75 g; 0.65 of it is
    // 32.5 ml, 40.625 g.
    [Theory]
    [InlineData(93.7, false)]
    [InlineData(93.8, true)]
    [InlineData(40.7, false)]
    [InlineData(40.6, true)]
    public void A_sauce_dosed_like_another(double grams, bool isTold) =>
        Told(isTold, new DosedLikeAnother().Name, Only(TestBar.Line("white", grams, "g"), Milk));

    // A little of one beside another is a mixture; too much of one is too much beside anything.
    [Theory]
    [InlineData(40.6, false)]
    [InlineData(93.8, true)]
    public void A_sauce_in_a_mixture(double grams, bool isTold) =>
        Told(
            isTold,
            new DosedLikeAnother().Name,
            Only(TestBar.Line("white", grams, "g"), TestBar.Line("syrup", 1, "stroke"), Milk)
        );

    // Half as much again as 7.5 ml to 100 ml of milk is 22.5 ml to 200 ml, 0.7608 US fl oz of 29.5735 ml.
    [Theory]
    [InlineData(0.760, false)]
    [InlineData(0.762, true)]
    public void Ounces_for_tablespoons(double ounces, bool isTold) =>
        Told(isTold, new OuncesForTablespoons().Name, Only(TestBar.Line("syrup", ounces, "us-fl-oz"), Milk));

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
    [InlineData(59.9, false)]
    [InlineData(60, true)]
    public void A_splash_of_cold_milk(double grams, bool isTold) =>
        Told(
            isTold,
            new MilkTemperature().Name,
            Only(Espresso, TestBar.Line("milk", grams, "g")) with
            {
                Serve = "hot",
            }
        );

    [Theory]
    [InlineData(45, false)]
    [InlineData(44.9, true)]
    public void Milk_that_goes_in_warm(double celsius, bool isTold) =>
        Told(
            isTold,
            new MilkTemperature().Name,
            Only(Espresso, Milk) with
            {
                Serve = "hot",
            },
            FullBar.With("milk", milk => milk with { ServedCelsius = celsius })
        );

    [Theory]
    [InlineData(10, 62, null)]
    [InlineData(10.1, 62, Severity.Warning)]
    [InlineData(5, 54.9, Severity.Warning)]
    [InlineData(5, 55, null)]
    [InlineData(5, 65, null)]
    [InlineData(5, 65.1, Severity.Warning)]
    [InlineData(5, 70, Severity.Warning)]
    [InlineData(5, 70.1, Severity.Fault)]
    public void Milk_steamed(double from, double to, Severity? told)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "odd",
                        Name = "Odd",
                        OverrunPercent = 15,
                        FromCelsius = from,
                        ToCelsius = to,
                    },
                ],
            }
        );
        var findings = Found(
            new MilkTemperature().Name,
            Only(Espresso, Milk with { Technique = "steam", Foam = "odd" }),
            bar
        );

        Assert.Equal(told, findings.Count == 0 ? null : Assert.Single(findings).Severity);
    }

    [Theory]
    [InlineData(3, null, false)]
    [InlineData(3.1, null, true)]
    [InlineData(4.9, 5.0, false)]
    [InlineData(5.1, 5.0, true)]
    public void Milk_foamed_cold(double from, double? bears, bool isTold)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(one =>
                        one.Id == "milk" ? one with { FoamsColdBelowCelsius = bears } : one
                    ),
                ],
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "tepid",
                        Name = "Tepid",
                        OverrunPercent = 90,
                        Cold = true,
                        FromCelsius = from,
                    },
                ],
            }
        );
        Told(
            isTold,
            new ColdFoamTooWarm().Name,
            Only(Espresso, Ice, Milk with { Technique = "foam", Foam = "tepid" }),
            bar
        );
    }

    // Three thirds are 45 %: one third ends half way to two, at 22.5 %, and two thirds at 37.5 %.
    [Theory]
    [InlineData(1, 22.4, false)]
    [InlineData(1, 22.6, true)]
    [InlineData(2, 22.4, true)]
    [InlineData(2, 22.6, false)]
    [InlineData(2, 37.4, false)]
    [InlineData(2, 37.6, true)]
    [InlineData(3, 37.4, true)]
    [InlineData(3, 37.6, false)]
    public void Foam_of_another_third(int thirds, double overrun, bool isTold)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "odd",
                        Name = "Odd",
                        OverrunPercent = overrun,
                        Thirds = thirds,
                        FromCelsius = 5,
                        ToCelsius = 62,
                    },
                ],
            }
        );
        Told(
            isTold,
            new FoamOfTheWrongThird().Name,
            Only(Espresso, Milk with { Technique = "steam", Foam = "odd" }),
            bar
        );
    }

    // The house allows a squeeze 10 % more than it is to give, and a spread of 10 %: 9, 10 and 11 g have a standard
    // deviation of 1 g.
    [Theory]
    [InlineData(11.0, null, false)]
    [InlineData(11.01, null, true)]
    [InlineData(null, 1.0, false)]
    [InlineData(null, 1.01, true)]
    public void A_bottle_that_overshoots(double? ml, double? spread, bool isTold)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Dispensers =
                [
                    .. FullBar.Document.Dispensers,
                    new()
                    {
                        Id = "b",
                        Name = "Bottle",
                        Kind = "bottle",
                        Ingredient = "sauce",
                        StrokeMl = ml,
                        NominalMl = ml is null ? null : 10,
                        StrokesGrams = spread is { } by ? [10 - by, 10, 10 + by] : [],
                    },
                ],
            }
        );
        Told(isTold, new BottleOvershoots().Name, Only(TestBar.Line("sauce", 18, "g"), Espresso), bar);
    }

    // 7.5 ml is 5 % more than 7.142857 ml and 5 % less than 7.894737 ml.
    [Theory]
    [InlineData(7.143, false)]
    [InlineData(7.142, true)]
    [InlineData(7.894, false)]
    [InlineData(7.896, true)]
    public void A_stroke_off_its_nominal(double nominal, bool isTold) =>
        Told(
            isTold,
            new StrokeOffItsNominal().Name,
            Only(TestBar.Line("syrup", 2, "stroke"), Milk),
            FullBar.Read(
                FullBar.Document with
                {
                    Dispensers = [FullBar.Document.Dispensers[0] with { NominalMl = nominal }],
                }
            )
        );

    // 400 ml are 5 % less than 421.05 ml and 5 % more than 380.95 ml.
    [Theory]
    [InlineData(421, false)]
    [InlineData(421.1, true)]
    [InlineData(381, false)]
    [InlineData(380.9, true)]
    public void A_label_that_is_not_the_capacity(double label, bool isTold) =>
        Told(
            isTold,
            new LabelIsNotTheCapacity().Name,
            Only(Milk),
            FullBar.Read(
                FullBar.Document with
                {
                    Cups = [.. FullBar.Document.Cups.Select(cup => cup.Id == "m" ? cup with { LabelMl = label } : cup)],
                }
            )
        );

    // Two strokes are 15 ml: 10 % of the larger apart are 13.5 ml and 16.667 ml.
    [Theory]
    [InlineData("13.51 ml", false)]
    [InlineData("13.49 ml", true)]
    [InlineData("16.66 ml", false)]
    [InlineData("16.67 ml", true)]
    public void A_stated_pair_that_contradicts(string stated, bool isTold) =>
        Told(
            isTold,
            new StatedPairContradicts().Name,
            Only(TestBar.Line("syrup", 2, "stroke") with { Stated = stated }, Milk)
        );

    [Theory]
    [InlineData(1, false)]
    [InlineData(1.01, true)]
    public void A_potent_flavour(double grams, bool isTold) =>
        Told(isTold, new TooMuchOfAPotentFlavour().Name, Only(TestBar.Line("smoke", grams, "g"), Milk));

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

    // Down to 6 % it is left alone: where the check falls silent, the last thing it said is 6 %.
    [Fact]
    public void Hot_coffee_on_the_ice()
    {
        Finding? last = null;
        for (var milk = 60; milk <= 300 && Found(new HotOnTheIce().Name, With(milk)) is [var told]; milk++)
        {
            last = told;
        }

        Assert.Contains("it is 6 % stronger", last!.Message, StringComparison.Ordinal);

        static BuildDocument With(double milk) =>
            Only(Espresso, TestBar.Line("milk", milk, "g"), TestBar.Line("ice", 200, "g"));
    }

    // Coffee that was cooled to just under 45 °C melts no sauce, dissolves no powder and needs no caution in the
    // blender.
    [Theory]
    [InlineData(45, false)]
    [InlineData(44.9, true)]
    public void Coffee_that_is_no_longer_warm(double celsius, bool isTold)
    {
        var cooled = Espresso with { Technique = "cool", Cooling = "chilledJug", CooledCelsius = celsius };

        Told(isTold, new SauceOnTheBottom().Name, Only(TestBar.Line("sauce", 20, "g"), cooled, Ice));
        Told(isTold, new PowderInTheCold().Name, Only(TestBar.Line("cocoa", 20, "g"), cooled, Ice));
        Assert.Equal(
            !isTold,
            FullBar
                .Mix(Only(cooled, Ice) with { Serve = "blended" })
                .Cautions.Any(caution => caution.Code == "hot-blender")
        );
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
            Only(TestBar.Line("coffee", 100, "ml"), Milk) with
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

    // Two liquids hold one on the other from a hundredth in density on.
    [Theory]
    [InlineData(1.0399, true)]
    [InlineData(1.0401, false)]
    public void A_layer_that_will_mix(double density, bool isTold) =>
        Told(
            isTold,
            new LayerWillMix().Name,
            Only(Ice, TestBar.Line("oat", 100, "ml"), Milk with { Amount = 100, Technique = "float" }) with
            {
                Serve = "layered",
            },
            FullBar.With("oat", oat => oat with { DensityGramsPerMl = density })
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
        var double36 = FullBar.Mix(Only(Espresso), bar).Sizes[0].Inside.Nutrition;
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

    // 100 g of espresso at 70 °C (4.18 J/gK) with water at 20 °C: 60 °C with 25 g of it and a little.
    [Theory]
    [InlineData(24.9, true)]
    [InlineData(25.1, false)]
    public void A_drink_that_burns(double water, bool isTold) =>
        Assert.Equal(
            isTold,
            FullBar
                .Mix(Only(TestBar.Line("espresso", 100, "g"), TestBar.Line("water", water, "g")))
                .Cautions.Any(caution => caution.Code == "hot")
        );

    // 380 ml of coffee stand 95 mm high in a cup of 4 ml a millimetre, and 30 g of whip of 0.5 g/ml 15 mm on them: the
    // lid is at 110 mm.
    [Theory]
    [InlineData(29.9, false)]
    [InlineData(30.1, true)]
    public void A_top_that_meets_the_lid(double whip, bool isTold) =>
        Told(
            isTold,
            new NoRoomForTheTop().Name,
            Only(TestBar.Line("coffee", 380, "ml"), TestBar.Line("whip", whip, "g")),
            FullBar.Read(
                FullBar.Document with
                {
                    Cups = [.. FullBar.Document.Cups.Select(cup => cup with { LidClearanceMm = 10 })],
                }
            )
        );

    private static BuildDocument Only(params LineDocument[] lines) => TestBar.Build(lines) with { Sizes = ["m"] };

    private static List<Finding> Found(string check, BuildDocument build, BarFacts? bar = null) =>
        [.. FullBar.Mix(build, bar).Findings.Where(finding => finding.Check == check)];

    private static void Told(bool isTold, string check, BuildDocument build, BarFacts? bar = null) =>
        Assert.Equal(isTold, Found(check, build, bar).Count > 0);
}
