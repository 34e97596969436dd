using CsCheck;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Heat;

namespace Krasis.Core.Tests.Vessels;

/// <summary>What a cup says of itself while it is measured.</summary>
public class CupMeasuredTests
{
    private static readonly CupDocument Reed = new()
    {
        TopDiameterMm = 80,
        BottomDiameterMm = 55,
        HeightMm = 100,
        WaterGrams = 355,
        WaterCelsius = 20,
    };

    // Source: tests/reference/water-density.csv, IAPWS-95 by python3-iapws, at 4, 20 and 60 °C.
    [Theory]
    [InlineData(4)]
    [InlineData(20)]
    [InlineData(60)]
    public void The_same_water_fills_more_when_it_is_warm_as_IAPWS_says(double celsius)
    {
        var density = ReferenceTable.Read("water-density.csv").Single(row => row[0] == celsius)[1] / 1000;
        var measured = CupMeasured.Of(Reed with { WaterGrams = 340, WaterCelsius = celsius }, default);

        Assert.Equal(340 / density, measured.BrimCapacity!.Value.Value, 340 * 2e-5);
    }

    // Source: the textbook frustum of 80/55/100 mm, 361.94 ml.
    [Fact]
    public void What_is_there_is_said_and_what_is_missing_is_said_to_be()
    {
        var lengths = CupMeasured.Of(Reed with { WaterGrams = null }, default);
        Assert.Null(lengths.BrimCapacity);
        Assert.Contains("It has not been weighed: what it holds goes by its lengths, which may be off.", lengths.Says);
        Assert.Equal(361.94, lengths.GeometricCapacity!.Value.Value, 0.005);

        var water = CupMeasured.Of(new CupDocument { WaterGrams = 355, WaterCelsius = 20 }, default);
        Assert.Null(water.GeometricCapacity);
        Assert.Equal(355.64, water.BrimCapacity!.Value.Value, 0.02);

        var nothing = CupMeasured.Of(new CupDocument(), default);
        Assert.Equal(
            (null, null, null, null),
            (nothing.BrimCapacity, nothing.GeometricCapacity, nothing.OffLabel, nothing.HeatLoss)
        );
        Assert.Empty(nothing.Says);
        Assert.NotNull(CupMeasured.Of(Reed, default).Section);
    }

    // 5 % is common practice, no source. 355 g at 20 °C are 355.64 ml.
    [Theory]
    [InlineData(374.0, false)]
    [InlineData(375.0, true)]
    [InlineData(339.0, false)]
    [InlineData(338.0, true)]
    public void A_label_past_five_per_cent_is_wrong(double label, bool isWrong) =>
        Assert.Equal(isWrong, CupMeasured.Of(Reed with { LabelMl = label }, default).IsLabelWrong);

    [Fact]
    public void The_label_is_told_by_how_much_it_lies() =>
        Assert.Contains(
            "The label says 400 ml, and it holds 11.1 % less. Go by the water.",
            CupMeasured.Of(Reed with { LabelMl = 400 }, default).Says
        );

    [Fact]
    public void A_lid_that_fills_the_cup_is_refused()
    {
        var cup = Reed with { Id = "reed", Name = "Reed", HeightMm = 40, TopDiameterMm = 110, BottomDiameterMm = 102 };
        Assert.Contains(
            "no room for a drink",
            Assert.Single(CupReader.Read(cup with { LidClearanceMm = -40 }).Problems).Message,
            StringComparison.Ordinal
        );
        Assert.True(CupReader.Read(cup with { LidClearanceMm = -39 }).IsRead);
    }

    [Fact]
    public void What_was_not_measured_of_a_cup_is_worked_out_from_its_lengths_and_its_material()
    {
        var glass = CupMeasured.Of(Reed with { Material = "glass" }, default).HeatLoss!;
        Assert.True(glass.HotOpen.Value > glass.HotLidded.Value);
        Assert.Equal(
            glass with
            {
                Cold = WattsPerKelvin.From(0.33),
            },
            CupMeasured.Of(Reed with { Material = "glass", ColdWattsPerKelvin = 0.33 }, default).HeatLoss
        );
        Assert.Equal(
            new HeatLoss(WattsPerKelvin.From(0.4), WattsPerKelvin.From(0.4), WattsPerKelvin.From(0.4)),
            CupMeasured.Of(Reed with { HeatLossWattsPerKelvin = 0.4 }, default).HeatLoss
        );
        Assert.Null(CupMeasured.Of(Reed, default).HeatLoss);
    }

    // Against the cooling that the sheets use: what it cools to gives the loss back.
    [Fact]
    public void Two_temperatures_give_the_loss_that_made_them() =>
        Gen.Select(Gen.Double[0.05, 2], Gen.Double[100, 600], Gen.Double[60, 95], Gen.Double[5, 40], Gen.Double[10, 30])
            .Seeded()
            .Sample(
                (loss, grams, from, minutes, room) =>
                {
                    var heat = new HeatContent(grams * Water.SpecificHeat * from, grams * Water.SpecificHeat, 0, 0);
                    var to = Cooling
                        .After(heat, WattsPerKelvin.From(loss), Celsius.From(room), Minutes.From(minutes))
                        .Temperature.Value;
                    var found = new HeatLossMeasuring
                    {
                        WaterGrams = grams,
                        FromCelsius = from,
                        ToCelsius = to,
                        Minutes = minutes,
                        RoomCelsius = room,
                    }.Work();
                    return Math.Abs(found.Value.Value - loss) < 1e-6;
                }
            );

    // By hand, fusion 333.5 J/g (IAPWS R10-06): 24 g in 20 minutes at 20 °C are 24 · 333.5 ÷ (20 · 1200) = 0.3335 W/K.
    [Fact]
    public void Two_weighings_of_ice_give_the_loss() =>
        Assert.Equal(
            0.3335,
            new HeatLossMeasuring
            {
                IceBeforeGrams = 120,
                IceAfterGrams = 96,
                Minutes = 20,
                RoomCelsius = 20,
            }
                .Work()
                .Value.Value,
            1e-9
        );

    [Theory]
    [InlineData(85.0, 90.0, 21.0, "toCelsius")]
    [InlineData(85.0, 20.0, 21.0, "toCelsius")]
    [InlineData(85.0, 84.999, 21.0, "minutes")]
    [InlineData(null, 60.0, 21.0, "fromCelsius")]
    [InlineData(85.0, 60.0, 60.5, "roomCelsius")]
    public void Readings_that_cannot_be_are_named(double? from, double? to, double room, string field) =>
        Assert.Equal(
            field,
            new HeatLossMeasuring
            {
                WaterGrams = 300,
                FromCelsius = from,
                ToCelsius = to,
                Minutes = 600,
                RoomCelsius = room,
            }
                .Work()
                .Problems[0]
                .Field
        );

    [Theory]
    [InlineData(100.0, 100.0)]
    [InlineData(100.0, 0.0)]
    [InlineData(100.0, 120.0)]
    public void Ice_that_did_not_melt_or_is_gone_says_nothing(double before, double after) =>
        Assert.Equal(
            "iceAfterGrams",
            Assert
                .Single(
                    new HeatLossMeasuring
                    {
                        IceBeforeGrams = before,
                        IceAfterGrams = after,
                        Minutes = 10,
                        RoomCelsius = 21,
                    }
                        .Work()
                        .Problems
                )
                .Field
        );

    [Fact]
    public void A_card_s_marks_stand_where_the_cup_says()
    {
        var cup = CupReader
            .Read(Reed with { Id = "reed", Name = "Reed", PrintedLines = [new() { Label = "milk", HeightMm = 60 }] })
            .Value;
        var card = LineCard.Of(cup);

        Assert.Equal(35, card.Metric.Count);
        Assert.All(card.Metric, mark => Assert.Equal(mark.Volume.Value, cup.VolumeTo(mark.Height).Value, 1e-9));
        Assert.Equal(
            ["50", "100", "150", "200", "250", "300", "350"],
            card.Metric.Where(mark => mark.IsMajor).Select(mark => mark.Label)
        );
        // The wall of 100 mm leans 12.5 mm outwards: √(100² + 12.5²) ÷ 100 = 1.00778 times as long.
        Assert.All(card.Metric, mark => Assert.Equal(1.00778, mark.AlongWall / mark.Height, 1e-5));
        Assert.Equal("milk", Assert.Single(card.PrintedLines).Label);

        // Source: GNU units, the size of a US and of an imperial fluid ounce.
        Assert.Equal(GnuUnits.Convert("usfloz", "ml"), card.Us.First(mark => mark.Label == "1").Volume.Value, 1e-6);
        Assert.Equal(
            GnuUnits.Convert("brfloz", "ml"),
            card.Imperial.First(mark => mark.Label == "1").Volume.Value,
            1e-6
        );
    }
}
