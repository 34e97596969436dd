using Krasis.Core.Bar.Cups;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Vessels;

public class CupTests
{
    public static TheoryData<double, double> WaterByIapws() =>
        [.. ReferenceTable.Read("water-density.csv").Select(row => (row[0], row[1] / 1000))];

    // Source: tests/reference/water-density.csv, IAPWS-95 by python3-iapws.
    [Theory]
    [MemberData(nameof(WaterByIapws))]
    public void Water_is_as_dense_as_IAPWS_says(double celsius, double gramsPerMl) =>
        Assert.Equal(gramsPerMl, WaterDensity.At(Celsius.From(celsius)).Value, gramsPerMl * 2e-5);

    // Source: the published 998.2 kg/m³ at 20 °C.
    [Fact]
    public void Water_at_twenty_degrees_is_as_published() =>
        Assert.Equal(998.2, WaterDensity.At(Celsius.From(20)).Value * 1000, 0.05);

    [Theory]
    [InlineData(-1)]
    [InlineData(101)]
    public void Water_that_is_ice_or_steam_is_refused(double celsius) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => WaterDensity.At(Celsius.From(celsius)));

    [Fact]
    public void The_whole_height_holds_the_weighed_capacity()
    {
        var cup = CupReader.Read(Good).Value;

        // 355 g of water at 20 °C by the published density.
        Assert.Equal(355 / 0.9982, cup.BrimCapacity.Value, 0.02);
        Assert.Equal(cup.BrimCapacity.Value, cup.VolumeTo(Millimetres.From(100)).Value, 1e-9);
        Assert.Equal(100, cup.HeightFor(cup.BrimCapacity).Value, 1e-9);
    }

    [Fact]
    public void The_working_volume_lies_below_the_reserve()
    {
        var cup = CupReader.Read(Good).Value;

        Assert.Equal(cup.BrimCapacity, cup.WorkingVolume(default));
        Assert.Equal(cup.VolumeTo(Millimetres.From(88)), cup.WorkingVolume(Millimetres.From(12)));
    }

    [Theory]
    [InlineData("topDiameterMm", -80.0)]
    [InlineData("topDiameterMm", 0.0)]
    [InlineData("topDiameterMm", double.NaN)]
    [InlineData("bottomDiameterMm", 0.0)]
    [InlineData("heightMm", double.PositiveInfinity)]
    [InlineData("heightMm", null)]
    [InlineData("waterGrams", 1e300)]
    [InlineData("waterCelsius", 120.0)]
    public void A_wrong_number_is_named(string field, double? value)
    {
        var document = field switch
        {
            "topDiameterMm" => Good with { TopDiameterMm = value },
            "bottomDiameterMm" => Good with { BottomDiameterMm = value },
            "heightMm" => Good with { HeightMm = value },
            "waterGrams" => Good with { WaterGrams = value },
            _ => Good with { WaterCelsius = value },
        };
        var problem = Assert.Single(CupReader.Read(document, "cups[0]").Problems);

        Assert.Equal($"cups[0].{field}", problem.Field);
        Assert.Contains("a number from", problem.Accepted, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(361.9 * 1.29, true)]
    [InlineData(361.9 * 1.31, false)]
    [InlineData(361.9 * 0.71, true)]
    [InlineData(361.9 * 0.69, false)]
    public void A_weighing_must_not_contradict_the_lengths_by_a_third(double grams, bool isRead) =>
        Assert.Equal(isRead, CupReader.Read(Good with { WaterGrams = grams, WaterCelsius = 4 }).IsRead);

    private static CupDocument Good { get; } =
        new()
        {
            Id = "c",
            Name = "Cup",
            TopDiameterMm = 80,
            BottomDiameterMm = 55,
            HeightMm = 100,
            WaterGrams = 355,
            WaterCelsius = 20,
        };
}
