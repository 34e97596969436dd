using Krasis.Core.Bar;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>The checks of a served cup, each just inside and just outside its limit. The limits are common practice,
/// without a source, and the house's to set; the one for caffeine is EFSA's (2015).</summary>
public class ServingCheckTests
{
    private static readonly LineDocument Double = TestBar.Line("espresso", 2, "shot");

    [Theory]
    // Espresso at 20 °C and milk at 4 °C in the jar, 36 g and 100 ml; 0.8 and 1.4 g of ice to a ml.
    [InlineData(109, null)]
    [InlineData(188, null)]
    [InlineData(107, "will be thin: 0.79 g of ice")]
    [InlineData(194, "will be lumpy: 1.43 g of ice")]
    public void A_blended_drink_has_as_much_ice_as_blends_well(double ice, string? says)
    {
        var build = Blended(ice);
        var found = Of(build, "blended-ice");
        if (says is null)
        {
            Assert.Null(found);
            return;
        }

        Assert.Equal(Severity.Warning, found!.Severity);
        Assert.Contains(says, found.Message, StringComparison.Ordinal);

        // The mend mends it.
        Assert.Null(Of(BuildEdits.Apply(build, found.Mend!, FullBar.Facts), "blended-ice"));
    }

    [Fact]
    public void The_house_says_how_much_ice_blends_well() =>
        Assert.NotNull(Of(Blended(120), "blended-ice", House(new() { BlendedIceFrom = 1 })));

    [Fact]
    public void Ice_alone_is_no_blended_drink() =>
        Assert.Equal(
            Severity.Fault,
            Of(One(TestBar.Line("ice", 100, "g")) with { Serve = "blended" }, "blended-ice")!.Severity
        );

    [Fact]
    public void A_cold_drink_is_cold_and_has_ice()
    {
        // 20 g of ice for 100 ml of milk and a hot double are too little by far; 160 g for 250 ml are not.
        var warm = Of(Iced(20, 100), "not-cold")!;
        Assert.Equal(Severity.Warning, warm.Severity);
        Assert.Contains("the house wants 8 °C at most", warm.Message, StringComparison.Ordinal);
        Assert.Null(Of(Iced(160, 250), "not-cold"));
        Assert.NotNull(Of(Iced(160, 250), "not-cold", House(new() { ColdToCelsius = -1 })));
    }

    [Theory]
    // A quarter of 400 ml, to the per cent that is said.
    [InlineData(98, false)]
    [InlineData(97.5, true)]
    public void Little_ice_is_told(double ice, bool isTold)
    {
        var found = Of(
            One(TestBar.Line("coffee", 150, "ml"), TestBar.Line("ice", ice, "g")) with
            {
                Serve = "iced",
            },
            "not-cold"
        );
        Assert.Equal(isTold ? Severity.Note : null, found?.Severity);
    }

    [Theory]
    [InlineData("plastic", 2, true)]
    [InlineData("paper", 2, false)]
    // Cold milk in it: 60 °C of espresso come to less than 55.
    [InlineData("plastic", 1, false)]
    public void Nothing_hot_goes_into_a_plastic_cup(string material, int shots, bool isFound)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { Material = material })],
            }
        );
        var milk = TestBar.Line("milk", 200, "ml");
        var build = One(
            TestBar.Line("espresso", shots, "shot"),
            shots == 2 ? milk with { Technique = "steam", Foam = "low" } : milk
        ) with
        {
            Serve = "hot",
        };
        Assert.Equal(isFound ? Severity.Fault : null, Of(build, "hot-in-plastic", bar)?.Severity);
    }

    [Theory]
    [InlineData("shaken", null, Severity.Fault)]
    [InlineData("blended", null, Severity.Fault)]
    [InlineData("iced", "stir", Severity.Warning)]
    [InlineData("iced", null, null)]
    public void What_sparkles_is_only_poured(string serve, string? technique, Severity? expected)
    {
        var bar = With("water", document => document with { Sparkling = true });
        var build = One(
            Double,
            TestBar.Line("ice", 100, "g"),
            TestBar.Line("water", 120, "ml") with
            {
                Technique = technique,
            }
        ) with
        {
            Serve = serve,
        };
        Assert.Equal(expected, Of(build, "sparkling-shaken", bar)?.Severity);
    }

    [Theory]
    [InlineData("milk", true)]
    [InlineData("oat", false)]
    public void What_is_acid_may_curdle_milk(string milk, bool isFound)
    {
        var bar = With("syrup", document => document with { CurdlesMilk = true });
        var build = One(TestBar.Line("syrup", 1, "stroke"), Double, TestBar.Line(milk, 200, "ml"));
        Assert.Equal(isFound, Of(build, "may-curdle", bar) is not null);
        Assert.Null(Of(build, "may-curdle"));
    }

    [Fact]
    public void A_milk_that_nobody_has_read_may_curdle_too()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(one =>
                        one.Id == "syrup" ? one with { CurdlesMilk = true }
                        : one.Id == "oat" ? one with { Allergens = null }
                        : one
                    ),
                ],
            }
        );
        Assert.NotNull(
            Of(One(TestBar.Line("syrup", 1, "stroke"), Double, TestBar.Line("oat", 200, "ml")), "may-curdle", bar)
        );
    }

    [Theory]
    // 36 g of espresso: 3 and 6 times as much are 105 and 210 ml of milk, of 1.03 g.
    [InlineData("hot", 103, true)]
    [InlineData("hot", 105, false)]
    [InlineData("hot", 210, false)]
    [InlineData("hot", 212, true)]
    // Over ice 2.5 and 5 times: 87 and 175 ml.
    [InlineData("iced", 85, true)]
    [InlineData("iced", 87, false)]
    [InlineData("iced", 175, false)]
    [InlineData("iced", 177, true)]
    [InlineData("shaken", 20, false)]
    public void Milk_goes_with_the_espresso(string serve, double milk, bool isFound) =>
        Assert.Equal(
            isFound,
            Of(One(Double, TestBar.Line("milk", milk, "ml")) with { Serve = serve }, "milk-to-coffee") is not null
        );

    [Theory]
    // The smallest pitcher's least and the largest one's spout, as the test bar has them.
    [InlineData(200, null)]
    [InlineData(330, "takes 2 pitchers")]
    [InlineData(40, "needs more Milk than that")]
    public void Milk_suits_the_pitchers(double milk, string? says)
    {
        var found = Of(One(TestBar.Line("milk", milk, "ml") with { Technique = "steam", Foam = "low" }), "pitcher");
        Assert.Equal(says is null, found is null);
        Assert.Contains(says ?? "", found?.Message ?? "", StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(3, true)]
    [InlineData(4, false)]
    public void Part_of_a_pull_that_goes_into_no_cup_is_told(double shots, bool isFound) =>
        Assert.Equal(isFound, Of(One(TestBar.Line("espresso", shots, "shot")), "part-of-a-pull") is not null);

    [Theory]
    // A double of 18 g with 1.2 % of caffeine has 187 to 213 mg: four shots may be above 400, three are not.
    [InlineData(3, null)]
    [InlineData(4, Severity.Warning)]
    [InlineData(5, Severity.Fault)]
    public void A_cup_holds_no_more_caffeine_than_the_house_sells(double shots, Severity? expected) =>
        Assert.Equal(expected, Of(One(TestBar.Line("espresso", shots, "shot")), "caffeine")?.Severity);

    [Theory]
    [InlineData(4, "Middle has about 374 mg of caffeine, but may have 426; the house limit is 400 mg a cup.")]
    [InlineData(5, "Middle has about 467 mg of caffeine (401 to 533); the house limit is 400 mg a cup.")]
    public void It_says_how_much_and_how_sure_it_is(double shots, string says) =>
        Assert.StartsWith(
            says,
            Of(One(TestBar.Line("espresso", shots, "shot")), "caffeine")!.Message,
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData(2.5, false)]
    [InlineData(0.9, true)]
    public void A_cup_costs_no_more_of_its_price_than_the_house_wants(double price, bool isFound) =>
        Assert.Equal(
            isFound,
            Of(
                One(Double, TestBar.Line("milk", 100, "ml")) with
                {
                    Prices = [new() { Size = "m", Price = price }],
                },
                "cost-share"
            )
                is not null
        );

    [Fact]
    public void Limits_the_wrong_way_round_are_refused()
    {
        var read = HouseReader.Read(
            FullBar.Document.House! with
            {
                Serving = new() { HotMilkFrom = 5, HotMilkTo = 4 },
            }
        );
        var problem = Assert.Single(read.Problems);
        Assert.Equal("serving.hotMilkTo", problem.Field);
        Assert.Contains("The most, 4, is below the least, 5.", problem.Message, StringComparison.Ordinal);
    }

    private static BuildDocument Blended(double ice) =>
        One(
            Double with
            {
                Technique = "cool",
                Cooling = "fridge",
            },
            TestBar.Line("milk", 100, "ml"),
            TestBar.Line("ice", ice, "g")
        ) with
        {
            Serve = "blended",
        };

    private static BuildDocument Iced(double ice, double milk) =>
        One(Double, TestBar.Line("milk", milk, "ml"), TestBar.Line("ice", ice, "g")) with
        {
            Serve = "iced",
        };

    private static BuildDocument One(params LineDocument[] lines) =>
        TestBar.Build(lines) with
        {
            Sizes = ["m"],
            ReferenceSize = "m",
        };

    private static Finding? Of(BuildDocument build, string check, BarFacts? bar = null) =>
        FullBar.Mix(build, bar).Findings.FirstOrDefault(finding => finding.Check == check);

    private static BarFacts House(ServingLimitsDocument limits) =>
        FullBar.Read(FullBar.Document with { House = FullBar.Document.House! with { Serving = limits } });

    private static BarFacts With(string id, Func<IngredientDocument, IngredientDocument> change) =>
        FullBar.Read(
            FullBar.Document with
            {
                Ingredients = [.. FullBar.Document.Ingredients.Select(one => one.Id == id ? change(one) : one)],
            }
        );
}
