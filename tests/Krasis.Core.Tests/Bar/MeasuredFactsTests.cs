using CsCheck;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Bar;

public class MeasuredFactsTests
{
    private static readonly DispenserDocument Pump = new()
    {
        Id = "p",
        Name = "Pump",
        Ingredient = "syrup",
    };

    [Fact]
    public void Weighed_strokes_give_the_yield_and_the_spread()
    {
        // By hand: 9.6, 9.8, 10.0 g: mean 9.8, s = 0.2, c.v. 2.041 %; at 1.3 g/ml 7.538 ml.
        var bar = FullBar.Read(FullBar.Document with { Dispensers = [Pump with { StrokesGrams = [9.6, 9.8, 10.0] }] });
        var dispenser = bar.DispenserOf(new IngredientId("syrup"))!;

        Assert.Equal(9.8 / 1.3, dispenser.YieldPerStroke.Value, 1e-9);
        Assert.Equal(0.2, dispenser.Weighing!.Deviation.Value, 1e-9);
        Assert.Equal(0.2 / 9.8 * 100, dispenser.Weighing.Variation.Value, 1e-9);
    }

    [Fact]
    public void The_order_of_weighings_does_not_matter_and_one_has_no_spread()
    {
        Gen.Double[1, 20]
            .Array[2, 12]
            .Seeded()
            .Sample(strokes =>
                Math.Abs(
                    StrokeWeighing.Of(strokes).Deviation.Value
                        - StrokeWeighing.Of([.. strokes.Reverse()]).Deviation.Value
                ) < 1e-9
            );
        Assert.Equal(0, StrokeWeighing.Of([7]).Deviation.Value);
    }

    public static TheoryData<string, DispenserDocument> BadDispensers =>
        new()
        {
            { "strokeMl", Pump with { StrokeMl = 0 } },
            { "strokeMl", Pump },
            { "strokesGrams[1]", Pump with { StrokesGrams = [9.8, 0] } },
            { "strokesGrams[0]", Pump with { StrokesGrams = [double.NaN] } },
            { "strokeMl", Pump with { StrokeMl = 7, StrokesGrams = [9.8] } },
            { "nominalMl", Pump with { StrokeMl = 7, NominalMl = -7 } },
            { "kind", Pump with { StrokeMl = 7, Kind = "hose" } },
        };

    [Theory]
    [MemberData(nameof(BadDispensers))]
    public void A_dispenser_that_cannot_be_is_named(string field, DispenserDocument document) =>
        Assert.Equal(field, Assert.Single(DispenserReader.Read(document).Problems).Field);

    public static TheoryData<string, FoamDocument> BadFoams =>
        new()
        {
            {
                "overrunPercent",
                new()
                {
                    Id = "f",
                    Name = "F",
                    OverrunPercent = -5,
                    ToCelsius = 60,
                }
            },
            {
                "toCelsius",
                new()
                {
                    Id = "f",
                    Name = "F",
                    OverrunPercent = 20,
                }
            },
            {
                "toCelsius",
                new()
                {
                    Id = "f",
                    Name = "F",
                    OverrunPercent = 20,
                    FromCelsius = 40,
                    ToCelsius = 30,
                }
            },
            {
                "thirds",
                new()
                {
                    Id = "f",
                    Name = "F",
                    OverrunPercent = 20,
                    ToCelsius = 60,
                    Thirds = 4,
                }
            },
            {
                "steamCelsius",
                new()
                {
                    Id = "f",
                    Name = "F",
                    OverrunPercent = 20,
                    ToCelsius = 60,
                    SteamCelsius = 90,
                }
            },
        };

    [Theory]
    [MemberData(nameof(BadFoams))]
    public void A_foam_level_that_cannot_be_is_named(string field, FoamDocument document) =>
        Assert.Equal(field, Assert.Single(FoamReader.Read(document).Problems).Field);

    [Theory]
    [InlineData(100, "Small pitcher", 1, 0)]
    [InlineData(60, "Small pitcher", 1, 20)]
    [InlineData(151, "Large pitcher", 1, 9)]
    [InlineData(310, "Large pitcher", 2, 10)]
    public void Milk_goes_into_the_smallest_pitcher_under_the_spout(
        double milk,
        string pitcher,
        int count,
        double waste
    )
    {
        var plan = MilkPlan.For(Millilitres.From(milk), FullBar.Facts.Pitchers)!;

        Assert.Equal((pitcher, count, waste), (plan.Pitcher, plan.Pitchers, Math.Round(plan.Waste.Value, 9)));
    }

    [Fact]
    public void Without_milk_or_pitchers_there_is_no_plan()
    {
        Assert.Null(MilkPlan.For(default, FullBar.Facts.Pitchers));
        Assert.Null(MilkPlan.For(Millilitres.From(100), []));
    }

    [Fact]
    public void A_pitcher_that_holds_less_than_its_least_is_named() =>
        Assert.Equal(
            "leastMl",
            Assert
                .Single(
                    PitcherReader
                        .Read(
                            new()
                            {
                                Id = "p",
                                Name = "P",
                                SpoutMl = 100,
                                LeastMl = 120,
                            }
                        )
                        .Problems
                )
                .Field
        );

    [Fact]
    public void Printed_lines_stand_from_the_bottom_up_at_a_height_or_a_volume()
    {
        var cup = CupReader
            .Read(
                FullBar.Document.Cups[1] with
                {
                    PrintedLines = [new() { Label = "top", Ml = 300 }, new() { Label = "milk", HeightMm = 50 }],
                }
            )
            .Value;

        Assert.Equal(["milk", "top"], cup.PrintedLines.Select(line => line.Label));
        Assert.Equal(200, cup.PrintedLines[0].Volume.Value, 1e-6);
        Assert.Equal(75, cup.PrintedLines[1].Height.Value, 1e-6);
    }

    public static TheoryData<string, CupDocument> BadCups =>
        new()
        {
            {
                "printedLines[0].heightMm",
                FullBar.Document.Cups[0] with
                {
                    PrintedLines = [new() { Label = "high", HeightMm = 101 }],
                }
            },
            { "printedLines[0].label", FullBar.Document.Cups[0] with { PrintedLines = [new() { HeightMm = 10 }] } },
            { "heatLossWattsPerKelvin", FullBar.Document.Cups[0] with { HeatLossWattsPerKelvin = 0 } },
            { "lidClearanceMm", FullBar.Document.Cups[0] with { LidClearanceMm = 500 } },
            { "labelMl", FullBar.Document.Cups[0] with { LabelMl = -1 } },
            { "price", FullBar.Document.Cups[0] with { Price = double.NaN } },
            { "waterGrams", FullBar.Document.Cups[0] with { WaterGrams = 261 } },
        };

    [Theory]
    [MemberData(nameof(BadCups))]
    public void A_cup_that_cannot_be_is_named(string field, CupDocument document) =>
        Assert.Equal(field, Assert.Single(CupReader.Read(document).Problems).Field);

    public static TheoryData<string, HouseDocument> BadHouses =>
        new()
        {
            { "house.roomCelsius", FullBar.Document.House with { RoomCelsius = 90 } },
            { "house.milkToCelsius", FullBar.Document.House with { MilkFromCelsius = 60, MilkToCelsius = 50 } },
            { "house.sweetness.lactose", FullBar.Document.House with { Sweetness = new() { Lactose = -1 } } },
            { "house.strengthWeight", FullBar.Document.House with { StrengthWeight = double.NaN } },
            { "house.currency", FullBar.Document.House with { Currency = "shillings" } },
        };

    [Theory]
    [MemberData(nameof(BadHouses))]
    public void A_house_rule_that_cannot_be_is_named(string field, HouseDocument house) =>
        Assert.Equal(field, Assert.Single(BarReader.Read(FullBar.Document with { House = house }).Problems).Field);

    [Fact]
    public void The_house_s_own_sweetness_is_used()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House with { Sweetness = new() { Lactose = 0.2 } },
            }
        );

        Assert.Equal(1.0, bar.House.Sweetness.Of(FullBar.Ingredient("milk"))!.Value, 1e-9);
    }

    [Fact]
    public void A_build_mixes_to_the_same_from_the_facts_that_it_uses_alone()
    {
        var document = FullBar.Document with
        {
            Parts =
            [
                new()
                {
                    Id = "mix",
                    Name = "Mix",
                    Kind = "syrup",
                    Colour = "#aabbcc",
                    Lines =
                    [
                        new()
                        {
                            Ingredient = "light",
                            Amount = 1,
                            Measure = "g",
                        },
                    ],
                },
            ],
        };
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 150, "ml") with
            {
                Technique = "steam",
                Foam = "low",
            },
            TestBar.Line("mix", 20, "g")
        );
        var part = BarSubset.For(build, document);

        Assert.Equal(["espresso", "milk", "light"], part.Ingredients.Select(ingredient => ingredient.Id));
        Assert.Equal(
            System.Text.Json.JsonSerializer.Serialize(FullBar.Mix(build, FullBar.Read(document)).Sizes),
            System.Text.Json.JsonSerializer.Serialize(FullBar.Mix(build, FullBar.Read(part)).Sizes)
        );
    }
}
