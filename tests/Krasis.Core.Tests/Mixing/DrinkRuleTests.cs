using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Mixing;

/// <summary>The rules of a drink one by one, each in a drink that would come out otherwise without it. Reckoned by hand
/// in the test bar's numbers: a double of 36 g, strokes of 7.5 ml, cups of 2, 4 and 6 ml a millimetre.</summary>
public class DrinkRuleTests
{
    private static readonly LineDocument Shots = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");
    private static readonly LineDocument Steamed = Milk with { Technique = "steam", Foam = "low" };
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");

    // Milk is 1.03 g/ml, and 0.01 g/ml is what it takes.
    [Theory]
    [InlineData(1.0199, "float", true, "Milk is 0.01 g/ml denser, and Oat drink is poured slowly.")]
    [InlineData(
        1.0201,
        "float",
        false,
        "Oat drink is too heavy to stay on Milk: it would have to be 0.01 g/ml lighter, and is 0.01 g/ml lighter."
    )]
    [InlineData(
        1.027,
        "float",
        false,
        "Oat drink is too heavy to stay on Milk: it would have to be 0.01 g/ml lighter, and is 0.00 g/ml lighter."
    )]
    [InlineData(
        1.05,
        "float",
        false,
        "Oat drink is too heavy to stay on Milk: it would have to be 0.01 g/ml lighter, and is 0.02 g/ml heavier."
    )]
    [InlineData(1.0199, "pour", false, "Oat drink would stay on Milk if it were poured slowly.")]
    [InlineData(1.0199, "stir", false, "They are mixed.")]
    public void A_layer_holds_or_not_and_it_is_said_why(double density, string technique, bool holds, string why)
    {
        var oat = TestBar.Line("oat", 50, "ml") with { Technique = technique };
        var boundary = Assert.Single(
            Middle(
                FullBar.With("oat", known => known with { DensityGramsPerMl = density }),
                Milk,
                oat
            ).Drawing.Boundaries
        );

        Assert.Equal((holds, why), (boundary.Holds, boundary.Why));
    }

    // Twice its volume: half its 1.03 g/ml.
    [Fact]
    public void Foam_is_as_light_as_its_air_makes_it() =>
        Assert.Equal(
            1 - (1.03 / 2),
            Assert
                .Single(
                    Middle(
                        TestBar.Line("coffee", 100, "ml"),
                        TestBar.Line("milk", 30, "ml") with
                        {
                            Technique = "foam",
                            Foam = "cold",
                        }
                    ).Drawing.Boundaries
                )
                .DensityStep,
            1e-9
        );

    [Fact]
    public void What_stands_on_top_is_no_milk_of_the_ratio() =>
        Assert.Equal(
            206 / 36.0,
            Middle(
                Shots,
                Milk,
                TestBar.Line("sweet-milk", 20, "ml") with
                {
                    Technique = "top",
                }
            ).Taste.Poured.MilkPerCoffee!.Value,
            1e-9
        );

    // The cap of 13 mm stands on in the width of the brim: 52 ml in a cup of 4 ml a millimetre, half of it above the
    // brim.
    [Fact]
    public void A_cap_above_the_brim_takes_up_as_much_as_below_it()
    {
        var fill = Middle(TestBar.Line("coffee", 155, "ml"), Steamed with { Amount = 220, FoamCapMm = 13 }).Fill;

        Assert.InRange(fill.LiquidVolume.Value, 390, 400);
        Assert.Equal(52, fill.OccupiedVolume.Value - fill.LiquidVolume.Value, 1e-6);
        Assert.Equal(fill.OccupiedVolume.Value - 400, fill.Spilt.Value, 1e-9);
    }

    [Fact]
    public void Nothing_sticks_out_of_a_cup_that_is_not_full() =>
        Assert.Equal(0, Middle(Shots, Milk).Fill.SticksOut.Value);

    [Fact]
    public void The_fill_line_is_that_of_which_there_is_the_most()
    {
        Assert.Equal(
            "oat",
            Middle(TestBar.Line("milk", 50, "ml"), TestBar.Line("oat", 120, "ml")).Fill.FillLine?.Value
        );
        Assert.Equal(
            "water",
            Middle(
                TestBar.Line("coffee", 50, "ml"),
                TestBar.Line("water", 120, "ml"),
                Milk with
                {
                    Amount = 0,
                }
            ).Fill.FillLine?.Value
        );
        Assert.Equal(
            "coffee",
            Middle(
                TestBar.Line("coffee", 50, "ml"),
                Milk with
                {
                    Technique = "top",
                },
                TestBar.Line("coffee-ice", 90, "g")
            ).Fill.FillLine?.Value
        );
    }

    [Fact]
    public void One_is_said_in_the_singular() =>
        Assert.Equal(
            ["stroke", "shots"],
            Middle(TestBar.Line("syrup", 1, "stroke"), Shots).Lines.Select(line => line.Unit)
        );

    // What is stirred before the ice is in melts none of it.
    [Fact]
    public void Only_what_is_stirred_with_the_ice_melts_it()
    {
        var stirred = Milk with { Amount = 120, Technique = "stir" };

        Assert.Equal(Melt(Shots, Milk with { Amount = 120 }, Ice), Melt(Shots, stirred, Ice), 1e-9);
        Assert.True(Melt(Shots, Ice, stirred) > Melt(Shots, Ice, Milk with { Amount = 120 }) * 1.5);
        Assert.Equal(
            Melt(Shots, Ice, Milk with { Amount = 120 }),
            Melt(Shots, Ice, Milk with { Amount = 120 }, stirred with { Id = "none", Amount = 0 }),
            1e-9
        );

        static double Melt(params LineDocument[] lines) => Middle(lines).Life.Moments[0].Melt.Value;
    }

    [Fact]
    public void A_lid_keeps_a_hot_drink_warm_and_does_little_for_a_cold_one()
    {
        var (open, lidded) = (At(null), At(10));

        Assert.True(After(lidded, "hot") > After(open, "hot") + 1);
        Assert.InRange(After(lidded, "iced") - After(open, "iced"), 0.05, 0.5);

        static BarFacts At(double? clearance) =>
            FullBar.Read(
                FullBar.Document with
                {
                    Cups =
                    [
                        .. FullBar.Document.Cups.Select(cup =>
                            cup with
                            {
                                HeatLossWattsPerKelvin = null,
                                Material = "paper",
                                LidClearanceMm = clearance,
                            }
                        ),
                    ],
                }
            );

        static double After(BarFacts bar, string serve) =>
            FullBar
                .Mix(TestBar.Build(Shots, Steamed) with { Serve = serve }, bar)
                .Size("m")
                .Life.Moments[1]
                .Temperature.Value;
    }

    // 3 strokes are 1.5 in the small cup, rounded to 2: 19.5 g of 65 % for 14.625 g, in 89 g for 84.125 g with 18 g of
    // espresso and 51.5 g of milk.
    [Fact]
    public void What_rounding_does_is_said()
    {
        var sheet = FullBar.Mix(TestBar.Build(TestBar.Line("syrup", 3, "stroke"), Shots, Milk with { Amount = 100 }));

        Assert.Equal("Rounding makes it 5 % weaker and 25 % sweeter.", sheet.Size("s").Taste.Rounding.Says);
        Assert.Equal(
            (1.8 / 89 / (1.8 / 84.125) * 100) - 100,
            sheet.Size("s").Taste.Rounding.Strength!.Value.Value,
            1e-9
        );
        Assert.Equal(
            ("", 0, 0),
            (
                sheet.Size("m").Taste.Rounding.Says,
                sheet.Size("m").Taste.Rounding.Strength!.Value.Value,
                sheet.Size("m").Taste.Rounding.Sweetness!.Value.Value
            )
        );
        Assert.Equal(
            "Rounding hardly changes the taste.",
            FullBar.Mix(TestBar.Build(Milk with { Amount = 203 })).Size("s").Taste.Rounding.Says
        );
    }

    [Fact]
    public void Where_a_taste_is_not_known_nobody_knows_what_rounding_does_to_it()
    {
        var reference = Middle(
            FullBar.With("milk", milk => milk with { Kind = "syrup", Per100g = null }),
            Shots,
            TestBar.Line("milk", 50, "ml")
        ).Taste.Rounding;

        Assert.NotNull(reference.Strength);
        Assert.Null(reference.Sweetness);
    }

    [Fact]
    public void A_layer_is_named_for_what_there_is_the_most_of_and_nothing_served_runs_into_the_next()
    {
        var latte = FullBar
            .Mix(
                TestBar.Build(
                    Shots,
                    Steamed,
                    TestBar.Line("oat", 20, "ml") with
                    {
                        Technique = "steam",
                        Foam = "low",
                    }
                ) with
                {
                    Serve = "hot",
                }
            )
            .Size("m");
        var served = latte.Life.Moments[0].Drawing;

        Assert.Equal(("milk", false), (Assert.Single(served.Layers).Line.Value, served.Layers[0].MixesAbove));
        Assert.Equal("milk", served.Foam!.Line.Value);
        Assert.Equal(latte.Drawing.Poured.Foam!.Colour, served.Foam.Colour);

        var shaken = FullBar
            .Mix(TestBar.Build(Shots, Milk with { Amount = 120 }, Ice) with { Serve = "shaken" })
            .Size("m")
            .Drawing.Poured;
        Assert.Equal(("milk", false), (Assert.Single(shaken.Layers).Line.Value, shaken.Layers[0].MixesAbove));
    }

    [Theory]
    [InlineData("iced", null)]
    [InlineData("iced", "cool")]
    [InlineData("shaken", null)]
    [InlineData("blended", null)]
    [InlineData("hot", null)]
    public void A_size_has_the_colour_that_its_cup_is_drawn_in_when_it_is_handed_over(string serve, string? technique)
    {
        var lines = new List<LineDocument> { TestBar.Line("coffee", 100, "ml"), Shots with { Technique = technique } };
        if (serve != "hot")
        {
            lines.Add(Ice);
        }

        var size = FullBar.Mix(TestBar.Build([.. lines]) with { Serve = serve }).Size("m");

        Assert.Equal(Assert.Single(size.Life.Moments[0].Drawing.Layers).Colour, size.Taste.Colour);
    }

    // 100 g of ice with 10 g of sucrose in 300 g.
    [Fact]
    public void Sugar_in_the_ice_sweetens_as_it_melts()
    {
        var bar = FullBar.With("coffee-ice", ice =>
            ice with
            {
                Per100g = ice.Per100g! with { Sucrose = 10, Carbohydrate = 10 },
            }
        );
        var (blended, iced) = (Mixed("blended"), Mixed("iced"));

        Assert.Equal(10 / 300.0 * 100, blended.Taste.Poured.Sweetness!.Value.Value, 1e-9);
        Assert.Equal(0, iced.Taste.Poured.Sweetness!.Value.Value, 1e-9);
        Assert.All(iced.Life.Moments, moment =>
            Assert.Equal(moment.Melt.Value * 0.1 / (200 + moment.Melt.Value) * 100, moment.Sweetness!.Value.Value, 1e-9)
        );

        SizeSheet Mixed(string serve) =>
            FullBar
                .Mix(
                    TestBar.Build(TestBar.Line("coffee", 200, "g"), TestBar.Line("coffee-ice", 100, "g")) with
                    {
                        Serve = serve,
                    },
                    bar
                )
                .Size("m");
    }

    // 10 g of whip are 20 ml, 30 g of dust of 2 g/ml are 15 ml.
    [Fact]
    public void On_top_is_drawn_what_takes_up_the_most()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients,
                    new()
                    {
                        Id = "dust",
                        Name = "Dust",
                        Kind = "topping",
                        DensityGramsPerMl = 2,
                        Colour = "#331100",
                    },
                ],
            }
        );

        Assert.Equal(
            "whip",
            Middle(
                bar,
                Milk,
                TestBar.Line("dust", 30, "g"),
                TestBar.Line("whip", 10, "g")
            ).Drawing.Poured.Top!.Line.Value
        );
    }

    [Fact]
    public void Powder_and_syrup_on_top_are_drawn_as_what_they_are() =>
        Assert.Equal(
            [TrimPlace.Dusting, TrimPlace.Drizzle],
            Middle(
                Milk,
                TestBar.Line("cocoa", 1, "g") with
                {
                    Technique = "top",
                },
                TestBar.Line("syrup", 2, "g") with
                {
                    Technique = "top",
                }
            )
                .Drawing.Poured.Trims.Select(trim => trim.Place)
        );

    // The pitcher wants 80 ml and 30 are drunk: 50 ml of milk at 0.001 a gram are poured away, none of what was not
    // steamed.
    [Fact]
    public void Milk_that_the_pitcher_wants_is_paid_for_and_no_other()
    {
        var cost = FullBar
            .Mix(
                TestBar.Build(
                    Shots,
                    Steamed with
                    {
                        Amount = 30,
                    },
                    TestBar.Line("oat", 40, "ml"),
                    TestBar.Line("sweet-milk", 0, "ml")
                )
            )
            .Size("m")
            .Cost;

        Assert.Equal(50 * 1.03 * 0.001, cost.Wasted!.Value.Value, 1e-9);
        Assert.Equal(0.36 + (80 * 1.03 * 0.001) + (40 * 1.03 * 0.002), cost.Ingredients!.Value.Value, 1e-9);
    }

    [Fact]
    public void A_cup_without_a_price_is_named()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { Price = null, LidPrice = null })],
            }
        );
        var cost = Middle(bar, Shots).Cost;

        Assert.Equal(["Middle"], cost.Unknown);
        Assert.Null(cost.Total);
        Assert.NotNull(cost.Ingredients);
    }

    private static SizeSheet Middle(params LineDocument[] lines) => Middle(FullBar.Facts, lines);

    private static SizeSheet Middle(BarFacts bar, params LineDocument[] lines) =>
        FullBar.Mix(TestBar.Build(lines), bar).Size("m");
}
