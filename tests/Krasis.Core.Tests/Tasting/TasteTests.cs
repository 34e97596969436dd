using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Tasting;

public class TasteTests
{
    private static readonly BarDocument Document = TestBar.Document with
    {
        Ingredients =
        [
            .. TestBar.Document.Ingredients.Select(ingredient =>
                ingredient.Id switch
                {
                    "milk" => ingredient with { Per100g = Sugars(lactose: 5) },
                    "syrup" => ingredient with { Per100g = Sugars(sucrose: 65) },
                    "sauce" => ingredient with { Per100g = Sugars(sucrose: 40, glucose: 10) },
                    "coffee" => ingredient with { StrengthPercent = 1.25 },
                    _ => ingredient,
                }
            ),
        ],
        Espresso = [TestBar.Document.Espresso[0] with { ExtractionPercent = 20 }],
    };

    private static readonly BarFacts Facts = BarReader.Read(Document).Value;

    [Fact]
    public void The_worked_example_comes_out_as_worked()
    {
        // By hand: a double of 18 g at 20 % has 3.6 g of solids in 36 g. With 154.5 g of milk (7.725 g lactose, as
        // sweet as 1.236 g sucrose) and 19.5 g of syrup (12.675 g sucrose) it weighs 210 g: 1.714 %, 6.624 g/100 g, 1 :
        // 4.29.
        var taste = Mix(Latte(2, 2, 150)).Size("m").Taste;

        Assert.Equal(3.6 / 210 * 100, taste.Poured.Strength!.Value.Value, 1e-9);
        Assert.Equal((12.675 + (7.725 * 0.16)) / 210 * 100, taste.Poured.Sweetness!.Value.Value, 1e-9);
        Assert.Equal(154.5 / 36, taste.Poured.MilkPerCoffee!.Value, 1e-9);
        Assert.Empty(taste.Poured.Unknown);
    }

    // Source: the certified Italian cappuccino, 25 ml of espresso and 100 ml of milk (Istituto Espresso Italiano, from
    // memory), and a house's 20 g to 120 g, "1 : 6"; doubled, the same.
    [Theory]
    [InlineData(20, 120, 6)]
    [InlineData(40, 240, 6)]
    public void One_to_six_is_one_to_six_and_as_strong_when_doubled(double espresso, double milk, double ratio)
    {
        var size = Mix(
                TestBar.Build(TestBar.Line("espresso", espresso, "g"), TestBar.Line("milk", milk, "g")) with
                {
                    Sizes = ["m"],
                }
            )
            .Size("m");

        Assert.Equal(ratio, size.Taste.Poured.MilkPerCoffee!.Value, 1e-9);
        Assert.Equal(100.0 * (20 * 0.1) / 140, size.Taste.Poured.Strength!.Value.Value, 1e-9);
    }

    [Fact]
    public void The_reference_does_not_drift_from_itself() =>
        Builds
            .Seeded()
            .Sample(build =>
            {
                var drift = Mix(build).Size("m").Taste.Drift;
                return drift.Strength is null or { Value: 0 }
                    && drift.Sweetness is null or { Value: 0 }
                    && drift.Ratio is null or { Value: 0 };
            });

    [Fact]
    public void More_syrup_is_never_less_sweet_and_never_stronger() =>
        Gen.Select(Builds, Gen.Int[1, 6])
            .Seeded()
            .Sample(
                (build, more) =>
                {
                    var (plain, sweet) = (
                        Mix(build).Size("m").Taste,
                        Mix(
                                build with
                                {
                                    Lines =
                                    [
                                        build.Lines[0] with
                                        {
                                            Amount = build.Lines[0].Amount + more,
                                        },
                                        .. build.Lines.Skip(1),
                                    ],
                                }
                            )
                            .Size("m")
                            .Taste
                    );
                    return (
                            plain.Poured.Sweetness is null
                            || sweet.Poured.Sweetness!.Value.Value >= plain.Poured.Sweetness.Value.Value - 1e-12
                        )
                        && (
                            plain.Poured.Strength is null
                            || sweet.Poured.Strength!.Value.Value <= plain.Poured.Strength.Value.Value + 1e-12
                        );
                }
            );

    [Fact]
    public void Ice_does_not_change_what_is_poured() =>
        Builds
            .Seeded()
            .Sample(build =>
            {
                var iced = build with { Lines = [.. build.Lines, TestBar.Line("ice", 100, "g")] };
                return Mix(build).Size("m").Taste.Poured.Strength == Mix(iced).Size("m").Taste.Poured.Strength;
            });

    [Fact]
    public void What_is_not_known_stays_unknown_and_is_named()
    {
        var bar = BarReader
            .Read(
                Document with
                {
                    Ingredients =
                    [
                        .. Document.Ingredients.Select(ingredient =>
                            ingredient.Id == "syrup" ? ingredient with { Per100g = new() { Sucrose = 65 } } : ingredient
                        ),
                    ],
                }
            )
            .Value;
        var size = Mixer.Mix(BuildReader.Read(Latte(2, 2, 150), bar).Value, bar).Size("m");

        Assert.Null(size.Taste.Poured.Sweetness);
        Assert.Equal(["Syrup"], size.Taste.Poured.Unknown);
        Assert.NotNull(size.Taste.Poured.Strength);
    }

    [Fact]
    public void A_drink_without_coffee_has_no_ratio_and_an_empty_cup_no_taste()
    {
        Assert.Null(Mix(TestBar.Build(TestBar.Line("milk", 100, "ml"))).Size("m").Taste.Poured.MilkPerCoffee);
        var empty = Mix(TestBar.Build()).Size("m");
        Assert.Equal(
            (null, null, null),
            (empty.Taste.Poured.Strength, empty.Taste.Poured.Sweetness, empty.Taste.Drift.Strength)
        );
    }

    [Fact]
    public void The_same_double_in_a_bigger_cup_is_told()
    {
        // 3.6 g of solids in 297 g instead of 210 g: 1.212 % against 1.714 %.
        var same = Latte(2, 2, 150) with
        {
            Sizes = ["m", "l"],
            Lines =
            [
                TestBar.Line("syrup", 2, "stroke"),
                TestBar.Line("espresso", 2, "shot", ("l", 2)),
                TestBar.Line("milk", 150, "ml"),
            ],
        };
        var finding = Assert.Single(Mix(same).Findings, finding => finding.Severity != Severity.Note);

        Assert.Equal(
            (new SameShotInABiggerCup().Name, Severity.Warning, "l"),
            (finding.Check, finding.Severity, finding.Size.Value)
        );
        Assert.StartsWith(
            "Large is a bigger cup with the reference's coffee: 29 % weaker, and sold as the same drink.",
            finding.Message,
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(Mix(Latte(2, 2, 150) with { Sizes = ["m", "l"] }).Findings, finding =>
            finding.Severity != Severity.Note
        );
    }

    [Theory]
    [InlineData(15.1, true)]
    [InlineData(14.9, false)]
    public void Drift_is_told_from_just_beyond_what_the_house_allows(double percent, bool isTold)
    {
        // Espresso by weight, a little more of it, and milk pinned so that the strength is off by just so much.
        var wanted = 20.0 / 140 * (1 - (percent / 100));
        var milk = (21 / wanted) - 21;
        var build = TestBar.Build(
            TestBar.Line("espresso", 20, "g", ("l", 21)),
            TestBar.Line("milk", 120, "g", ("l", milk))
        ) with
        {
            Sizes = ["m", "l"],
        };

        Assert.Equal(
            isTold,
            Mix(build)
                .Findings.Any(finding =>
                    finding.Check == new TasteDrift().Name
                    && finding.Message.Contains("weaker", StringComparison.Ordinal)
                )
        );
    }

    [Fact]
    public void A_drift_just_beyond_what_is_allowed_does_not_read_as_allowed()
    {
        var wanted = 20.0 / 140 * (1 - (15.3 / 100));
        var build = TestBar.Build(
            TestBar.Line("espresso", 20, "g", ("l", 21)),
            TestBar.Line("milk", 120, "g", ("l", (21 / wanted) - 21))
        ) with
        {
            Sizes = ["m", "l"],
        };

        Assert.Contains(Mix(build).Findings, finding =>
            finding.Message.StartsWith("Large is 15.3 % weaker than the reference size", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("per100g.sucrose", 101.0)]
    [InlineData("per100g.sucrose", -1.0)]
    [InlineData("per100g", 95.0)]
    public void Sugars_that_cannot_be_are_named(string field, double sucrose)
    {
        var document = Document.Ingredients.Single(ingredient => ingredient.Id == "milk") with
        {
            Per100g = Sugars(sucrose, lactose: 6),
        };

        Assert.Equal(field, IngredientReader.Read(document).Problems[0].Field);
    }

    [Fact]
    public void Every_sugar_has_its_sweetness() =>
        Assert.All(Enum.GetValues<Sugar>(), sugar => Assert.InRange(RelativeSweetness.Usual.Of(sugar), 0.1, 1.8));

    // By hand, by Kubelka and Munk: K/S of #a07850 with the scattering of 50 g and of the water's #cfe4ea with that of
    // 5 g. A clear brew of that colour is thinned by Beer and Lambert, and grows far lighter.
    [Fact]
    public void A_coffee_that_was_made_with_milk_scatters_by_its_milk()
    {
        var half = FullBar.Read(
            FullBar.Document with
            {
                Parts =
                [
                    new()
                    {
                        Id = "half",
                        Name = "Half and half",
                        Kind = "coffee",
                        Colour = "#a07850",
                        Lines =
                        [
                            new()
                            {
                                Ingredient = "milk",
                                Amount = 50,
                                Measure = "g",
                            },
                            new()
                            {
                                Ingredient = "coffee",
                                Amount = 50,
                                Measure = "g",
                            },
                        ],
                    },
                ],
            }
        );

        Assert.Equal("#a37c53", Colour("half", half));
        Assert.Equal("#cab091", Colour("coffee", FullBar.With("coffee", coffee => coffee with { Colour = "#a07850" })));

        static string Colour(string what, BarFacts facts) =>
            FullBar
                .Mix(
                    TestBar.Build(TestBar.Line(what, 100, "g"), TestBar.Line("water", 100, "g")) with
                    {
                        Serve = "hot",
                    },
                    facts
                )
                .Size("m")
                .Taste.Colour!;
    }

    private static readonly Gen<BuildDocument> Builds = Gen.Select(
        Gen.Int[0, 6],
        Gen.Int[0, 4],
        Gen.Double[0, 300],
        Latte
    );

    private static BuildDocument Latte(int strokes, int shots, double milk) =>
        TestBar.Build(
            TestBar.Line("syrup", strokes, "stroke"),
            TestBar.Line("espresso", shots, "shot"),
            TestBar.Line("milk", milk, "ml")
        );

    private static BuildSheet Mix(BuildDocument build) => Mixer.Mix(BuildReader.Read(build, Facts).Value, Facts);

    private static CompositionDocument Sugars(double sucrose = 0, double glucose = 0, double lactose = 0) =>
        new()
        {
            Sucrose = sucrose,
            Glucose = glucose,
            Fructose = 0,
            Lactose = lactose,
            Maltose = 0,
        };
}
