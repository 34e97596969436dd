using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Mixing;

public class DrinkTests
{
    private static readonly Gen<BuildDocument> Drinks = Gen.Select(
        Gen.OneOfConst("hot", "iced", "layered", "shaken", "blended"),
        Gen.Int[0, 4],
        Gen.Double[0, 250],
        Gen.Int[0, 5],
        Gen.Double[0, 250],
        Gen.Bool,
        (serve, shots, milk, strokes, ice, steamed) =>
            TestBar.Build(
                TestBar.Line("syrup", strokes, "stroke"),
                TestBar.Line("espresso", shots, "shot"),
                TestBar.Line("milk", milk, "ml") with
                {
                    Technique = steamed ? "steam" : null,
                    Foam = steamed ? "low" : null,
                },
                TestBar.Line("ice", ice, "g"),
                TestBar.Line("whip", 10, "g") with
                {
                    Technique = "top",
                }
            ) with
            {
                Serve = serve,
            }
    );

    [Fact]
    public void Steamed_milk_takes_up_steam_and_grows()
    {
        // By hand: 206 g of milk from 5 to 62 °C take up 206 × 3.93 × 57 ÷ (2691.1 − 4.186 × 62) g, and all of it grows
        // by 15 %.
        var size = FullBar
            .Mix(TestBar.Build(TestBar.Line("milk", 200, "ml") with { Technique = "steam", Foam = "low" }))
            .Size("m");
        var steam = 206 * 3.93 * 57 / (2691.1 - (4.186 * 62));

        Assert.Equal(steam, size.Life.Condensate.Value, 1e-9);
        Assert.Equal(200 + steam, size.Fill.LiquidVolume.Value, 1e-9);
        Assert.Equal((200 + steam) * 0.15, size.Fill.FoamVolume.Value, 1e-9);
        Assert.Equal((200 + steam) * 1.15, size.Fill.OccupiedVolume.Value, 1e-9);
        Assert.Equal(62, size.Life.Moments[0].Temperature.Value, 1e-9);
    }

    // Source: certified Italian cappuccino, 25 ml espresso and 100 ml milk in a cup of 160 ml (Istituto Espresso
    // Italiano, from memory), the milk foamed to 125 ml.
    [Fact]
    public void The_certified_Italian_cappuccino_fits_its_cup()
    {
        var cup = TestBar.Document.Cups[0] with
        {
            Id = "c",
            Name = "Cup",
            TopDiameterMm = 84,
            BottomDiameterMm = 50,
            HeightMm = 44,
            WaterGrams = 160,
        };
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [cup],
                Espresso =
                [
                    FullBar.Document.Espresso[0] with
                    {
                        DoseGrams = 7,
                        YieldGrams = 25,
                        ShotsPerPull = 1,
                        BasketFromGrams = null,
                        BasketToGrams = null,
                    },
                ],
                Foams =
                [
                    new()
                    {
                        Id = "low",
                        Name = "Low",
                        OverrunPercent = 25,
                        FromCelsius = 4,
                        ToCelsius = 55,
                        SteamCelsius = 110,
                    },
                ],
            }
        );
        var size = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("espresso", 1, "shot"),
                    TestBar.Line("milk", 100, "ml") with
                    {
                        Technique = "steam",
                        Foam = "low",
                    }
                ) with
                {
                    Sizes = ["c"],
                    ReferenceSize = "c",
                },
                bar
            )
            .Size("c");

        Assert.InRange(size.Fill.OccupiedVolume.Value, 150, 165);
        Assert.Equal(4.12, size.Taste.Poured.MilkPerCoffee!.Value, 1e-9);
    }

    // Source: 20 g with 120 g, doubled to 40 g with 240 g, fills about 320 ml once the milk has grown (common practice,
    // no source). 240 g grow by steam and a third of foam less: the level that gives it is about 12 %.
    [Fact]
    public void One_to_six_doubled_fills_about_three_hundred_and_twenty()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams = [FullBar.Document.Foams[0] with { OverrunPercent = 12 }],
            }
        );
        var small = Cup(20, 120);
        var large = Cup(40, 240);

        Assert.Equal(small.Taste.Poured.Strength!.Value.Value, large.Taste.Poured.Strength!.Value.Value, 1e-9);
        Assert.Equal(6, large.Taste.Poured.MilkPerCoffee!.Value, 1e-9);
        Assert.InRange(large.Fill.OccupiedVolume.Value, 310, 330);

        SizeSheet Cup(double espresso, double milk) =>
            FullBar
                .Mix(
                    TestBar.Build(
                        TestBar.Line("espresso", espresso, "g"),
                        TestBar.Line("milk", milk, "g") with
                        {
                            Technique = "steam",
                            Foam = "low",
                        }
                    ) with
                    {
                        Sizes = ["m"],
                    },
                    bar
                )
                .Size("m");
    }

    [Fact]
    public void Mass_that_goes_in_is_in_the_cup_with_steam_and_melt() =>
        Drinks
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                    {
                        var poured =
                            size.Lines.Where(line => line.Ingredient.Value != "whip").Sum(line => line.Mass.Value)
                            + size.Life.Condensate.Value;
                        var moment = size.Life.Moments[0];
                        var water = moment.Melt.Value + moment.IceLeft.Value;
                        var liquid =
                            size.Lines.Where(line => line.Ingredient.Value is not ("whip" or "ice"))
                                .Sum(line => line.Mass.Value) + size.Life.Condensate.Value;
                        return Math.Abs(poured - liquid - water) < 1e-9;
                    })
            );

    [Fact]
    public void The_heat_of_the_whole_drink_balances() =>
        Drinks
            .Where(build => build.Serve is "hot" or "shaken" or "blended")
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                    {
                        // Everything before, reckoned from liquid at 0 °C, against everything at hand-over.
                        var (syrup, coffee, milk) = (Mass(size, "syrup"), Mass(size, "espresso"), Mass(size, "milk"));
                        var milkAt = build.Lines[2].Technique == "steam" ? 62 : 4;
                        var before =
                            (build.Serve == "blended" ? 300 * 25 : 0)
                            + (syrup * 2.8 * 20)
                            + (coffee * 4.186 * 70)
                            + (milk * 3.93 * milkAt)
                            + (size.Life.Condensate.Value * 4.186 * milkAt);
                        var moment = size.Life.Moments[0];
                        var capacity =
                            (syrup * 2.8)
                            + (coffee * 4.186)
                            + (milk * 3.93)
                            + (size.Life.Condensate.Value * 4.186)
                            + (moment.Melt.Value * 4.186);
                        return Math.Abs(before - (capacity * moment.Temperature.Value) - (moment.Melt.Value * 333.5))
                            <= 1e-9 * Math.Max(1, before) + 1e-6;
                    })
            );

    [Fact]
    public void Melt_only_grows_and_never_exceeds_the_ice() =>
        Drinks
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                        size.Life.Moments.Zip(size.Life.Moments.Skip(1))
                            .All(pair => pair.First.Melt.Value <= pair.Second.Melt.Value + 1e-9)
                        && size.Life.Moments.All(moment => moment.IceLeft.Value >= -1e-9)
                    )
            );

    [Fact]
    public void Melting_never_makes_it_stronger_and_coffee_ice_weakens_less() =>
        Drinks
            .Where(build => build.Serve is "iced" && build.Lines[1].Amount > 0)
            .Seeded()
            .Sample(build =>
            {
                var plain = FullBar.Mix(build).Size("m");
                var coffee = FullBar
                    .Mix(
                        build with
                        {
                            Lines =
                            [
                                .. build.Lines.Select(line =>
                                    line.Id == "ice" ? line with { Ingredient = "coffee-ice" } : line
                                ),
                            ],
                        }
                    )
                    .Size("m");
                return plain.Life.Moments[0].Strength!.Value.Value <= plain.Taste.Poured.Strength!.Value.Value + 1e-9
                    && coffee.Life.Moments[0].Strength!.Value.Value
                        >= plain.Life.Moments[0].Strength!.Value.Value - 1e-9;
            });

    [Fact]
    public void Technique_decides_how_much_has_melted()
    {
        var build = TestBar.Build(TestBar.Line("espresso", 4, "shot"), TestBar.Line("ice", 200, "g"));
        var all = FullBar.Mix(build).Size("m").Life.Moments[0].Melt.Value;

        // By hand: 72 g × 4.186 × 70 ÷ 333.5; built half of it, layered 40 %.
        var whole = 72 * 4.186 * 70 / 333.5;
        Assert.Equal(whole / 2, all, 1e-9);
        Assert.Equal(
            whole * 0.4,
            FullBar.Mix(build with { Serve = "layered" }).Size("m").Life.Moments[0].Melt.Value,
            1e-9
        );
        Assert.Equal(
            whole,
            FullBar
                .Mix(
                    TestBar.Build(
                        build.Lines[0],
                        build.Lines[1],
                        TestBar.Line("water", 1, "g") with
                        {
                            Technique = "stir",
                        }
                    )
                )
                .Size("m")
                .Life.Moments[0]
                .Melt.Value,
            0.3
        );
        Assert.Equal(whole, FullBar.Mix(build with { Serve = "shaken" }).Size("m").Life.Moments[0].Melt.Value, 1e-9);
    }

    [Fact]
    public void Blended_ice_is_in_the_drink_whole()
    {
        var size = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("espresso", 2, "shot"),
                    TestBar.Line("milk", 100, "g"),
                    TestBar.Line("ice", 100, "g")
                ) with
                {
                    Serve = "blended",
                }
            )
            .Size("m");

        Assert.Equal(3.6 / 236 * 100, size.Taste.Poured.Strength!.Value.Value, 1e-9);
        Assert.Equal((36 + (100 / 1.03) + (100 / 0.9167)) * 1.15, size.Fill.OccupiedVolume.Value, 1e-9);
        Assert.Null(size.Drawing.Poured.Ice);
        Assert.Single(size.Drawing.Poured.Layers);
    }

    [Fact]
    public void More_ice_than_floats_stands_as_a_heap_with_the_liquid_in_its_gaps()
    {
        // By hand: 200 g of ice heap to 200 ÷ (0.9167 × 0.58) = 376.2 ml; 50 ml of liquid fill the 42 % of gaps up to
        // 119.0 ml.
        var size = FullBar
            .Mix(TestBar.Build(TestBar.Line("coffee", 50, "ml"), TestBar.Line("ice", 200, "g")))
            .Size("m");

        Assert.Equal(200 / (0.9167 * 0.58), size.Fill.OccupiedVolume.Value, 1e-9);
        Assert.Equal(50 / 0.42 / 4, size.Fill.FillHeight.Value, 1e-6);
        Assert.Equal(0, size.Fill.Spilt.Value);
        Assert.Equal(200 / (0.9167 * 0.58) / 4, size.Fill.CrownHeight.Value, 1e-6);
    }

    [Fact]
    public void A_heap_above_the_brim_sticks_out_and_does_not_spill()
    {
        var size = FullBar
            .Mix(TestBar.Build(TestBar.Line("coffee", 50, "ml"), TestBar.Line("ice", 240, "g")))
            .Size("m");

        Assert.Equal(0, size.Fill.Spilt.Value);
        Assert.Equal(((240 / (0.9167 * 0.58)) - 400) / 4, size.Fill.SticksOut.Value, 1e-6);
    }

    [Fact]
    public void What_stands_on_top_decides_whether_the_lid_is_clear()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { LidClearanceMm = 10 })],
            }
        );
        var build = TestBar.Build(TestBar.Line("coffee", 380, "ml"), TestBar.Line("whip", 30, "g"));

        // 30 g are 60 ml: 40 ml above the brim of 40 cm² are 10 mm.
        var size = FullBar.Mix(build, bar).Size("m");
        Assert.Equal(
            (110, 10, true),
            (Math.Round(size.Fill.CrownHeight.Value, 6), Math.Round(size.Fill.SticksOut.Value, 6), size.Fill.LidIsClear)
        );
        Assert.False(
            FullBar
                .Mix(build with { Lines = [build.Lines[0], TestBar.Line("whip", 31, "g")] }, bar)
                .Size("m")
                .Fill.LidIsClear
        );
        Assert.Null(FullBar.Mix(build).Size("m").Fill.LidIsClear);
        Assert.Equal(
            (95, 110),
            (Math.Round(size.Drawing.Poured.Top!.From.Value, 6), Math.Round(size.Drawing.Poured.Top.To.Value, 6))
        );
    }

    [Fact]
    public void Toppings_are_eaten_and_paid_for_but_not_drunk()
    {
        var plain = FullBar.Mix(TestBar.Build(TestBar.Line("coffee", 200, "ml"))).Size("m");
        var topped = FullBar
            .Mix(TestBar.Build(TestBar.Line("coffee", 200, "ml"), TestBar.Line("whip", 20, "g")))
            .Size("m");

        Assert.Equal(
            (plain.Taste.Poured.Strength, plain.Taste.Poured.Sweetness, plain.Fill.LiquidVolume),
            (topped.Taste.Poured.Strength, topped.Taste.Poured.Sweetness, topped.Fill.LiquidVolume)
        );
        Assert.Equal(
            60,
            topped.Inside.Nutrition.Energy!.Value.Value - plain.Inside.Nutrition.Energy!.Value.Value,
            1e-9
        );
    }

    [Fact]
    public void A_layer_holds_on_a_denser_one_if_it_is_poured_slowly()
    {
        var build = TestBar.Build(
            TestBar.Line("ice", 80, "g"),
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("milk", 150, "ml") with
            {
                Technique = "float",
            },
            TestBar.Line("espresso", 2, "shot") with
            {
                Technique = "float",
            }
        ) with
        {
            Serve = "layered",
        };

        Assert.All(FullBar.Mix(build).Size("m").Drawing.Boundaries, boundary =>
            Assert.True(boundary.Holds, boundary.Why)
        );
        Assert.Equal(
            [("syrup", "milk"), ("milk", "espresso")],
            FullBar
                .Mix(build)
                .Size("m")
                .Drawing.Boundaries.Select(boundary => (boundary.Lower.Value, boundary.Upper.Value))
        );
    }

    [Theory]
    [InlineData("pour", "if it were poured slowly")]
    [InlineData("stir", "mixed")]
    public void A_layer_that_is_poured_or_stirred_does_not_hold(string technique, string why)
    {
        var build = TestBar.Build(
            TestBar.Line("milk", 150, "ml"),
            TestBar.Line("espresso", 2, "shot") with
            {
                Technique = technique,
            }
        );
        var boundary = Assert.Single(FullBar.Mix(build).Size("m").Drawing.Boundaries);

        Assert.False(boundary.Holds);
        Assert.Contains(why, boundary.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_lighter_one_below_does_not_carry() =>
        Assert.False(
            Assert
                .Single(
                    FullBar
                        .Mix(
                            TestBar.Build(
                                TestBar.Line("espresso", 2, "shot"),
                                TestBar.Line("milk", 150, "ml") with
                                {
                                    Technique = "float",
                                }
                            )
                        )
                        .Size("m")
                        .Drawing.Boundaries
                )
                .Holds
        );

    [Fact]
    public void Layers_are_drawn_from_the_bottom_up_without_gaps_and_within_the_cup() =>
        Drinks
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                        size.Drawing.Poured.Layers.Zip(size.Drawing.Poured.Layers.Skip(1))
                            .All(pair => Math.Abs(pair.First.To.Value - pair.Second.From.Value) < 1e-9)
                        && size.Drawing.Poured.Layers.All(layer =>
                            layer.From <= layer.To && layer.To <= size.Cup.Height
                        )
                        && (
                            size.Drawing.Poured.Layers.Count == 0
                            || Math.Abs(
                                (size.Drawing.Poured.Foam ?? size.Drawing.Poured.Layers[^1]).To.Value
                                    - size.Fill.FillHeight.Value
                            ) < 0.5
                        )
                    )
            );

    [Fact]
    public void Lines_that_do_not_interact_may_change_places() =>
        Gen.Select(Drinks, Gen.Int[0, 4], Gen.Int[0, 4])
            .Seeded()
            .Sample(
                (build, one, other) =>
                {
                    var lines = build.Lines.ToArray();
                    (lines[one], lines[other]) = (lines[other], lines[one]);
                    var (before, after) = (FullBar.Mix(build), FullBar.Mix(build with { Lines = lines }));
                    return before
                        .Sizes.Zip(after.Sizes)
                        .All(pair =>
                            Near(pair.First.Fill.OccupiedVolume.Value, pair.Second.Fill.OccupiedVolume.Value)
                            && Near(pair.First.Taste.Poured.Strength?.Value, pair.Second.Taste.Poured.Strength?.Value)
                            && Near(pair.First.Taste.Poured.Sweetness?.Value, pair.Second.Taste.Poured.Sweetness?.Value)
                            && Near(pair.First.Life.Moments[0].Melt.Value, pair.Second.Life.Moments[0].Melt.Value)
                            && Near(
                                pair.First.Inside.Nutrition.Energy?.Value,
                                pair.Second.Inside.Nutrition.Energy?.Value
                            )
                        );

                    static bool Near(double? a, double? b) =>
                        a is null == b is null
                        && (a is null || Math.Abs(a.Value - b!.Value) <= 1e-9 * Math.Max(1, Math.Abs(a.Value)));
                }
            );

    [Fact]
    public void Every_sheet_is_finite_and_never_throws() =>
        Drinks
            .Seeded()
            .Sample(build =>
                !System.Text.Json.JsonSerializer.Serialize(FullBar.Mix(build)).Contains("NaN", StringComparison.Ordinal)
            );

    [Fact]
    public void Many_builds_at_once_are_the_same_as_one_by_one()
    {
        var builds = Enumerable
            .Range(1, 20)
            .Select(i =>
                BuildReader
                    .Read(
                        TestBar.Build(
                            TestBar.Line("espresso", 1 + (i % 4), "shot"),
                            TestBar.Line("milk", 50 + i, "ml")
                        ),
                        FullBar.Facts
                    )
                    .Value
            )
            .ToList();

        Assert.Equal(
            builds.Select(build => System.Text.Json.JsonSerializer.Serialize(Mixer.Mix(build, FullBar.Facts))),
            Recompute.All(builds, FullBar.Facts, sheet => System.Text.Json.JsonSerializer.Serialize(sheet))
        );
    }

    private static double Mass(SizeSheet size, string line) =>
        size.Lines.Single(cell => cell.Line.Value == line).Mass.Value;
}
