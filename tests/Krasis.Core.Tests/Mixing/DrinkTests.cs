using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.SizeSheets;
using static Krasis.Core.Tests.Mixing.RandomDrinks;

namespace Krasis.Core.Tests.Mixing;

public class DrinkTests
{
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
}
