using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Mixing;

/// <summary>How high liquid, ice and foam stand, by the equations worked by hand.</summary>
public class LevelsTests
{
    private static readonly LineDocument Ice = TestBar.Line("ice", 200, "g");

    // By hand: 200 g heap to 376.15 ml, 58 % of it ice. In coffee of 1 g/ml 200 ÷ 0.58 = 344.83 ml of heap are under
    // when it floats, so it floats from 344.83 × 0.42 = 144.83 ml of coffee on. There the surface is 344.83 either way.
    [Theory]
    [InlineData(100, 238.0952, 376.1619)]
    [InlineData(144.8276, 344.8276, 376.1619)]
    [InlineData(180, 380, 411.3343)]
    public void A_heap_stands_until_there_is_enough_to_float_it(double coffee, double surface, double top)
    {
        var size = FullBar
            .Mix(
                TestBar.Build(TestBar.Line("coffee", coffee, "ml"), Ice) with
                {
                    Sizes = ["m", "l"],
                    ReferenceSize = "l",
                }
            )
            .Size("l");

        Assert.Equal(surface / 6, size.Fill.FillHeight.Value, 1e-4);
        Assert.Equal(top, size.Fill.OccupiedVolume.Value, 1e-3);
        Assert.Equal(top / 6, size.Fill.CrownHeight.Value, 1e-4);
    }

    [Fact]
    public void More_liquid_always_stands_higher() =>
        Gen.Select(Gen.Double[5, 300], Gen.Double[1, 60], Gen.Double[20, 250])
            .Seeded()
            .Sample(
                (milk, more, ice) =>
                    Surface(milk + more, ice) > Surface(milk, ice) + (more * 0.9 / 6)
                    && Top(milk + more, ice) >= Top(milk, ice) - 1e-9
            );

    [Fact]
    public void Ice_that_sticks_out_meets_the_lid()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { LidClearanceMm = 0 })],
            }
        );
        SizeSheet With(double coffee) =>
            FullBar
                .Mix(TestBar.Build(TestBar.Line("coffee", coffee, "ml"), TestBar.Line("ice", 150, "g")), bar)
                .Size("m");

        // By hand: 150 g stand 23.49 ml above the surface of coffee + 150 ml; the cup holds 400.
        Assert.True(With(226).Fill.LidIsClear);
        Assert.False(With(227).Fill.LidIsClear);
        Assert.Equal(0, With(227).Fill.Spilt.Value);
    }

    [Fact]
    public void Foam_fills_the_gaps_of_the_ice_and_then_stands_over_it()
    {
        // By hand: shaken, 100 ml take 10 % of air; the 40 g of ice stick out by 6.26 ml of heap with 2.63 ml of gaps:
        // 7.37 ml of foam stand above that.
        var size = FullBar
            .Mix(
                TestBar.Build(TestBar.Line("coffee", 100, "ml"), TestBar.Line("ice", 40, "g")) with
                {
                    Serve = "shaken",
                }
            )
            .Size("m");

        Assert.Equal(10, size.Fill.FoamVolume.Value, 1e-9);
        Assert.Equal(140 + 6.2638 + 7.369, size.Fill.OccupiedVolume.Value, 0.01);
        Assert.Equal(size.Fill.OccupiedVolume.Value / 4, size.Fill.FillHeight.Value, 1e-6);
    }

    [Fact]
    public void Ice_under_foam_floats_in_what_is_liquid()
    {
        // Cold foam weighs half: it does not carry the ice, which displaces its mass of the liquid all the same.
        var foamed = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("coffee", 150, "ml"),
                    TestBar.Line("ice", 50, "g"),
                    TestBar.Line("milk", 30, "ml") with
                    {
                        Technique = "foam",
                        Foam = "cold",
                    }
                )
            )
            .Size("m");
        var flat = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("coffee", 150, "ml"),
                    TestBar.Line("ice", 50, "g"),
                    TestBar.Line("milk", 30, "ml")
                )
            )
            .Size("m");

        Assert.Equal(30, foamed.Fill.FoamVolume.Value, 1e-9);
        Assert.Equal(flat.Fill.FillHeight.Value, foamed.Drawing.Poured.Foam!.From.Value, 1e-6);
    }

    [Theory]
    [InlineData("s", 200)]
    [InlineData("m", 400)]
    [InlineData("l", 600)]
    public void A_cap_is_so_many_millimetres_in_every_size(string cup, double ml)
    {
        var milk = TestBar.Line("milk", 100, "ml") with
        {
            Technique = "steam",
            Foam = "low",
            FoamCapMm = 13,
            Scale = new() { By = "fixed" },
        };
        var size = FullBar.Mix(TestBar.Build(TestBar.Line("espresso", 2, "shot"), milk)).Size(cup);

        Assert.Equal(13, size.Fill.FoamCap.Value, 1e-6);
        Assert.Equal(13 * ml / 100, size.Fill.FoamVolume.Value, 1e-6);
    }

    [Fact]
    public void A_rim_is_on_the_glass_and_takes_no_room()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { LidClearanceMm = 0 })],
            }
        );
        var plain = FullBar.Mix(TestBar.Build(TestBar.Line("milk", 390, "ml")), bar).Size("m");
        var rimmed = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("milk", 390, "ml"),
                    TestBar.Line("whip", 30, "g") with
                    {
                        Technique = "rim",
                    }
                ),
                bar
            )
            .Size("m");

        Assert.Equal(
            (plain.Fill.OccupiedVolume, plain.Fill.CrownHeight, true),
            (rimmed.Fill.OccupiedVolume, rimmed.Fill.CrownHeight, rimmed.Fill.LidIsClear!.Value)
        );
        Assert.Equal(plain.Fill.TotalMass.Value + 30, rimmed.Fill.TotalMass.Value, 1e-9);
        Assert.Contains(rimmed.Inside.Allergens.Found, found => found.Lines.Any(line => line.Value == "whip"));
        Assert.Equal(
            90,
            rimmed.Inside.Nutrition.Energy!.Value.Value - plain.Inside.Nutrition.Energy!.Value.Value,
            1e-9
        );
    }

    [Fact]
    public void The_scale_shows_all_that_goes_in_and_nothing_else() =>
        Gen.Select(
                Gen.Int[0, 4],
                Gen.Double[0, 250],
                Gen.Double[0, 200],
                Gen.OneOfConst("hot", "iced", "layered", "shaken", "blended"),
                Gen.Bool
            )
            .Seeded()
            .Sample(
                (shots, milk, ice, serve, cooled) =>
                {
                    var size = FullBar
                        .Mix(
                            TestBar.Build(
                                TestBar.Line("espresso", shots, "shot") with
                                {
                                    Technique = cooled ? "cool" : null,
                                },
                                TestBar.Line("milk", milk, "ml") with
                                {
                                    Technique = "steam",
                                    Foam = "low",
                                },
                                TestBar.Line("ice", ice, "g"),
                                TestBar.Line("whip", 10, "g")
                            ) with
                            {
                                Serve = serve,
                            }
                        )
                        .Size("m");
                    var lines = size.Lines.Sum(line => line.Mass.Value);
                    return Math.Abs(
                            size.Fill.TotalMass.Value - lines - size.Life.Condensate.Value - size.Life.CoolingMelt.Value
                        ) < 1e-9;
                }
            );

    // 40 g from 69 to 20 °C on ice of −4 °C take up 19.2 to 19.3 g (handbook of the trade; heat balance by hand).
    [Fact]
    public void A_shot_cooled_over_ice_takes_up_the_melt_whether_the_cubes_are_taken_out_or_not()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Espresso = [FullBar.Document.Espresso[0] with { YieldGrams = 40, CupCelsius = 69 }],
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(one =>
                        one.Id == "ice" ? one with { ServedCelsius = -4 } : one
                    ),
                ],
            }
        );
        SizeSheet Cooled(string? way, double? to = null) =>
            FullBar
                .Mix(
                    TestBar.Build(
                        TestBar.Line("espresso", 2, "shot") with
                        {
                            Technique = "cool",
                            Cooling = way,
                            CooledCelsius = to,
                        },
                        TestBar.Line("milk", 100, "g")
                    ),
                    bar
                )
                .Size("m");

        Assert.Equal(19.2, Cooled(null).Life.CoolingMelt.Value, 0.1);
        Assert.Equal(
            40 * 4.186 * 49 / (333.5 + (2.1 * 4) + (4.186 * 20)),
            Cooled("overIce").Life.CoolingMelt.Value,
            1e-9
        );
        Assert.Equal(
            40 * 4.186 * 44 / (333.5 + (2.1 * 4) + (4.186 * 25)),
            Cooled("overIce", 25).Life.CoolingMelt.Value,
            1e-9
        );
        Assert.All<string>(["chilledJug", "fridge", "stand"], way =>
            Assert.Equal(0, Cooled(way).Life.CoolingMelt.Value)
        );
        Assert.Equal(140 + Cooled(null).Life.CoolingMelt.Value, Cooled(null).Fill.TotalMass.Value, 1e-9);
        Assert.Equal(
            3.6 / (140 + Cooled(null).Life.CoolingMelt.Value) * 100,
            Cooled(null).Taste.Poured.Strength!.Value.Value,
            1e-9
        );
    }

    [Fact]
    public void Brewed_coffee_comes_hot_from_the_pot_into_a_hot_drink()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Coffees =
                [
                    new()
                    {
                        Id = "b",
                        Name = "B",
                        Ingredient = "coffee",
                        Method = "batch",
                        CoffeeGrams = 60,
                        WaterGrams = 1000,
                        ExtractionPercent = 20,
                    },
                ],
            }
        );
        double At(string serve) =>
            FullBar
                .Mix(TestBar.Build(TestBar.Line("coffee", 200, "ml")) with { Serve = serve }, bar)
                .Size("m")
                .Life.Moments[0]
                .Temperature.Value;

        Assert.Equal(80, At("hot"), 1e-9);
        Assert.Equal(4, At("iced"), 1e-9);
    }

    private static SizeSheet Drink(double milk, double ice) =>
        FullBar
            .Mix(
                TestBar.Build(TestBar.Line("milk", milk, "ml"), Ice with { Amount = ice }) with
                {
                    Sizes = ["m", "l"],
                    ReferenceSize = "l",
                }
            )
            .Size("l");

    private static double Surface(double milk, double ice) => Drink(milk, ice).Fill.FillHeight.Value;

    private static double Top(double milk, double ice) => Drink(milk, ice).Fill.OccupiedVolume.Value;
}
