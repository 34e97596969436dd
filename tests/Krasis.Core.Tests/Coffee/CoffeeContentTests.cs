using CsCheck;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Coffee;

/// <summary>What a coffee brings, it brings anywhere: solids, caffeine, sugar and price, by its recipe and the
/// dose.</summary>
public class CoffeeContentTests
{
    [Fact]
    public void Coffee_solids_caffeine_and_sugar_are_conserved_through_any_nesting_of_parts() =>
        Gen.Select(Gen.Double[10, 200], Gen.Double[5, 300], Gen.Double[1, 60], Gen.Double[0, 30])
            .Seeded()
            .Sample(
                (coffee, milk, syrup, loss) =>
                {
                    var bar = FullBar.Read(
                        FullBar.Document with
                        {
                            Parts =
                            [
                                new()
                                {
                                    Id = "inner",
                                    Name = "Inner",
                                    Kind = "syrup",
                                    Colour = "#aabbcc",
                                    Lines = [Share("espresso", coffee), Share("syrup", syrup)],
                                    LossPercent = loss,
                                },
                                new()
                                {
                                    Id = "outer",
                                    Name = "Outer",
                                    Kind = "milk",
                                    Colour = "#aabbcc",
                                    Lines =
                                    [
                                        Share("inner", (coffee + syrup) * (1 - (loss / 100))),
                                        Share("milk", milk),
                                    ],
                                },
                            ],
                        }
                    );
                    var apart = FullBar
                        .Mix(
                            TestBar.Build(
                                TestBar.Line("espresso", coffee, "g"),
                                TestBar.Line("syrup", syrup, "g"),
                                TestBar.Line("milk", milk, "g")
                            ) with
                            {
                                Sizes = ["m"],
                            },
                            bar
                        )
                        .Size("m");
                    var mass = ((coffee + syrup) * (1 - (loss / 100))) + milk;
                    var together = FullBar
                        .Mix(TestBar.Build(TestBar.Line("outer", mass, "g")) with { Sizes = ["m"] }, bar)
                        .Size("m");
                    return Near(
                            apart.Taste.Poured.Strength!.Value.Value * (coffee + syrup + milk),
                            together.Taste.Poured.Strength!.Value.Value * mass
                        )
                        && Near(
                            apart.Inside.Nutrition.Caffeine!.Value.Value,
                            together.Inside.Nutrition.Caffeine!.Value.Value
                        )
                        && Near(
                            apart.Inside.Nutrition.CaffeineTo!.Value.Value,
                            together.Inside.Nutrition.CaffeineTo!.Value.Value
                        )
                        && Near(
                            apart.Inside.Nutrition.Sugars!.Value.Value,
                            together.Inside.Nutrition.Sugars!.Value.Value
                        )
                        && Near(
                            apart.Taste.Poured.Sweetness!.Value.Value * (coffee + syrup + milk),
                            together.Taste.Poured.Sweetness!.Value.Value * mass
                        )
                        && Near(apart.Taste.Poured.MilkPerCoffee!.Value, together.Taste.Poured.MilkPerCoffee!.Value);
                }
            );

    [Fact]
    public void A_part_s_ratio_is_that_of_what_is_in_it_whatever_kind_it_is()
    {
        // By hand: 40 g of coffee on 100 g of a chocolate made of 80 g milk and 20 g sauce: 1 : 2.
        double? Ratio(string kind) =>
            FullBar
                .Mix(
                    TestBar.Build(TestBar.Line("coffee", 40, "g"), TestBar.Line("choc", 100, "g")),
                    FullBar.Read(
                        FullBar.Document with
                        {
                            Parts =
                            [
                                new()
                                {
                                    Id = "choc",
                                    Name = "Choc",
                                    Kind = kind,
                                    Colour = "#aabbcc",
                                    Lines = [Share("milk", 80), Share("sauce", 20)],
                                },
                            ],
                        }
                    )
                )
                .Size("m")
                .Taste.Poured.MilkPerCoffee;

        Assert.Equal(2, Ratio("milk")!.Value, 1e-9);
        Assert.Equal(2, Ratio("sauce")!.Value, 1e-9);
    }

    // Mass balance by hand: 200 g of 1.2 % in 1600 g of water are 2400 mg, of which 0.93 dissolve: 1.395 mg in every gram
    // of water, in the grounds as in the jug. What is drunk and what the grounds keep are all of it.
    [Fact]
    public void What_is_steeped_is_as_strong_in_the_grounds_as_in_the_jug()
    {
        var brewed = Steeped("coldBrew");
        Assert.Equal(2400 * 0.93 / 1600 * 100, brewed, 1e-9);
        Assert.True(brewed / 100 * (1600 - (2.3 * 200)) < 2400 * 0.93);
        Assert.Equal(2400 * 0.93 / (1600 - (2.3 * 200)) * 100, Steeped("batch"), 1e-9);

        static double Steeped(string method) =>
            FullBar
                .Mix(
                    TestBar.Build(TestBar.Line("coffee", 100, "g")) with
                    {
                        Sizes = ["m"],
                    },
                    FullBar.Read(
                        FullBar.Document with
                        {
                            Ingredients =
                            [
                                .. FullBar.Document.Ingredients.Select(known =>
                                    known.Id == "coffee" ? known with { RoastCaffeinePercent = 1.2 } : known
                                ),
                            ],
                            Coffees =
                            [
                                new()
                                {
                                    Id = "c",
                                    Name = "Steep it",
                                    Ingredient = "coffee",
                                    Method = method,
                                    CoffeeGrams = 200,
                                    WaterGrams = 1600,
                                    RetainedGramsPerGram = 2.3,
                                },
                            ],
                        }
                    )
                )
                .Size("m")
                .Inside.Nutrition.Caffeine!.Value.Value;
    }

    [Fact]
    public void Sugar_in_a_whipped_coffee_counts_in_a_line_in_a_part_and_on_top()
    {
        // By hand: 10 g instant, 10 g sugar, 10 g water: a third each; 30 g of it on 170 g of milk.
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients,
                    new()
                    {
                        Id = "whipped",
                        Name = "Whipped coffee",
                        Kind = "coffee",
                        DensityGramsPerMl = 0.4,
                        Colour = "#b58a5a",
                        RoastCaffeinePercent = 3,
                        Allergens = FullBar.Label(),
                    },
                ],
                Coffees =
                [
                    new()
                    {
                        Id = "w",
                        Name = "Whip it",
                        Ingredient = "whipped",
                        Method = "whipped",
                        CoffeeGrams = 10,
                        WaterGrams = 10,
                        OtherGrams = 10,
                    },
                ],
                Parts =
                [
                    new()
                    {
                        Id = "base",
                        Name = "Base",
                        Kind = "milk",
                        Colour = "#aabbcc",
                        Lines = [Share("whipped", 30), Share("milk", 170)],
                    },
                ],
            }
        );
        var inside = FullBar
            .Mix(TestBar.Build(TestBar.Line("whipped", 30, "g"), TestBar.Line("milk", 170, "g")), bar)
            .Size("m");
        var onTop = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("milk", 170, "g"),
                    TestBar.Line("whipped", 30, "g") with
                    {
                        Technique = "top",
                    }
                ),
                bar
            )
            .Size("m");
        var part = FullBar.Mix(TestBar.Build(TestBar.Line("base", 200, "g")), bar).Size("m");

        foreach (var size in new[] { inside, onTop, part })
        {
            Assert.Equal(10 / 200.0 * 100, size.Taste.Poured.Strength!.Value.Value, 1e-9);
            Assert.Equal((10 + (170 * 0.05 * 0.16)) / 200 * 100, size.Taste.Poured.Sweetness!.Value.Value, 1e-9);
            Assert.Equal(10 + (170 * 0.05), size.Inside.Nutrition.Sugars!.Value.Value, 1e-9);
            Assert.Equal(300, size.Inside.Nutrition.Caffeine!.Value.Value, 1e-9);
            Assert.Equal(170 / 30.0, size.Taste.Poured.MilkPerCoffee!.Value, 1e-9);
        }

        Assert.True(onTop.Fill.LiquidVolume.Value < inside.Fill.LiquidVolume.Value);

        // Nobody has said what else is in the coffee: the sugar does not make it known.
        Assert.Null(inside.Inside.Nutrition.Energy);
        Assert.Null(inside.Inside.Nutrition.Fat);
        Assert.Contains("Whipped coffee", inside.Inside.Nutrition.Gaps.Energy);
    }

    [Fact]
    public void Ice_that_a_coffee_was_frozen_to_is_that_coffee()
    {
        var bar = FullBar.With("coffee-ice", ice =>
            ice with
            {
                FrozenFrom = "coffee",
                StrengthPercent = null,
                Per100g = null,
            }
        );
        var ice = FullBar.Ingredient("coffee-ice", bar);

        Assert.Equal(1.25, ice.Strength!.Value.Value);
        Assert.Equal(40, ice.Composition.CaffeineMg);
        Assert.Equal(
            "ingredients[14].frozenFrom",
            Assert
                .Single(
                    BarReader
                        .Read(
                            FullBar.Document with
                            {
                                Ingredients =
                                [
                                    .. FullBar.Document.Ingredients.Select(one =>
                                        one.Id == "coffee-ice" ? one with { FrozenFrom = "milk" } : one
                                    ),
                                ],
                            }
                        )
                        .Problems
                )
                .Field
        );
    }

    [Fact]
    public void A_reduced_part_has_lost_the_water_s_heat_with_the_water()
    {
        // By hand: 100 g of syrup at 2.8 and 100 g of water at 4.186, 20 % of it boiled away: (280 + 418.6 − 40 ×
        // 4.186) ÷ 160.
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Parts =
                [
                    new()
                    {
                        Id = "p",
                        Name = "P",
                        Kind = "syrup",
                        Colour = "#aabbcc",
                        Lines = [Share("syrup", 100), Share("water", 100)],
                        LossPercent = 20,
                    },
                ],
            }
        );

        Assert.Equal((280 + 418.6 - (40 * 4.186)) / 160, FullBar.Ingredient("p", bar).SpecificHeat.Value, 1e-9);
    }

    private static PartLineDocument Share(string ingredient, double grams) =>
        new()
        {
            Ingredient = ingredient,
            Amount = grams,
            Measure = "g",
        };

    private static bool Near(double a, double b) => Math.Abs(a - b) <= 1e-9 * Math.Max(1, Math.Abs(a));
}
