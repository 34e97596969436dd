using System.Globalization;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Heat;

namespace Krasis.Core.Tests.Vessels;

/// <summary>What a cup loses, worked out from its lengths: against measured round figures and against small
/// steps.</summary>
public class HeatLossTests
{
    private static readonly Frustum Plover = Cup(82, 57, 104);
    private static readonly double[] Thicknesses = [0, 1, 5, 13, 30];
    private static readonly Frustum Rush = Cup(92, 60, 118);

    // Common practice, measured with a thermometer: a double-walled paper cup of 390 ml loses about 0.46 W/K bare, 0.24
    // under foam, 0.21 under its lid; a clear cup of 540 ml takes in about 0.3.
    [Fact]
    public void A_paper_cup_and_a_clear_one_lose_what_was_measured()
    {
        var hot = HeatLoss.Of(Plover, CupMaterial.DoublePaper);
        Assert.Equal(0.46, hot.HotOpen.Value, 0.46 * HeatLoss.Spread);
        Assert.Equal(
            0.24,
            hot.HotUnderFoam(Plover, CupMaterial.DoublePaper, Millimetres.From(13)).Value,
            0.24 * HeatLoss.Spread
        );
        Assert.Equal(0.21, hot.HotLidded.Value, 0.21 * HeatLoss.Spread);
        Assert.Equal(0.31, HeatLoss.Of(Rush, CupMaterial.Plastic).Cold.Value, 0.31 * HeatLoss.Spread);
    }

    // A lid takes 7 to 12 % off what a cold cup takes from the room: the convection and radiation of a surface of 60 cm² in
    // series with a layer of still air (worked out apart with Incropera's resistances; from memory).
    [Theory]
    [InlineData(92, 60, 118, CupMaterial.Plastic)]
    [InlineData(82, 57, 104, CupMaterial.Paper)]
    [InlineData(98, 62, 150, CupMaterial.Plastic)]
    public void A_lid_keeps_the_room_off_a_cold_drink(double top, double bottom, double height, CupMaterial material)
    {
        var cup = Cup(top, bottom, height);
        var loss = HeatLoss.Of(cup, material);
        Assert.InRange(loss.ColdLidded(cup, material).Value / loss.Cold.Value, 0.88, 0.93);
    }

    [Fact]
    public void Foam_keeps_heat_in_the_more_the_thicker_it_is_and_never_more_than_a_good_lid_and_its_walls()
    {
        var hot = HeatLoss.Of(Plover, CupMaterial.DoublePaper);
        var caps = Thicknesses
            .Select(mm => hot.HotUnderFoam(Plover, CupMaterial.DoublePaper, Millimetres.From(mm)).Value)
            .ToList();

        Assert.Equal(hot.HotOpen.Value, caps[0], 1e-12);
        Assert.True(caps.Zip(caps.Skip(1)).All(pair => pair.Second < pair.First));
    }

    // Source: IAPWS-IF97, saturated vapour at 20, 65 and 80 °C: 17.31, 161.2 and 293.4 g/m³ (from memory).
    [Theory]
    [InlineData(20, 0.01731)]
    [InlineData(65, 0.1612)]
    [InlineData(80, 0.2934)]
    public void Vapour_weighs_what_steam_tables_say(double celsius, double density) =>
        Assert.Equal(density, Air.VapourDensity(celsius), density * 0.01);

    public static TheoryData<string> Cups => [.. ReferenceTable.Rows("cooling.csv").Select(row => row[0])];

    // Source: tests/reference/cooling.csv, by steps of half a second with other correlations. A loss that is a quarter
    // off is a quarter of the fall off.
    [Theory]
    [MemberData(nameof(Cups))]
    public void A_drink_that_stands_is_where_small_steps_bring_it(string name)
    {
        var row = ReferenceTable.Rows("cooling.csv").Single(row => row[0] == name);
        double At(int i) => double.Parse(row[i], CultureInfo.InvariantCulture);
        var loss = HeatLoss.Of(Cup(At(1), At(2), At(3)), Enum.Parse<CupMaterial>(row[4], ignoreCase: true));
        var (grams, celsius, ice) = (At(5), At(6), At(7));
        var watts =
            ice > 0 ? loss.Cold
            : row[8] == "1" ? loss.HotLidded
            : loss.HotOpen;
        var start = new HeatContent(grams * 4.186 * celsius, grams * 4.186, ice, 0);

        foreach (var (minutes, temperature, left) in new[] { (10, At(9), At(10)), (20, At(11), At(12)) })
        {
            var after = Cooling.After(start, watts, Celsius.From(21), Minutes.From(minutes));
            Assert.Equal(
                temperature,
                after.Temperature.Value,
                Math.Max(0.01, (celsius - temperature) * HeatLoss.Spread)
            );
            Assert.Equal(left, after.IceMass, Math.Max(0.01, (ice - left) * HeatLoss.Spread));
        }
    }

    [Theory]
    [InlineData(0.3, 0.31, "hotLiddedWattsPerKelvin")]
    [InlineData(0.3, 0.3, null)]
    public void Under_a_lid_it_never_loses_more(double open, double lidded, string? field)
    {
        var cup = new CupDocument
        {
            Id = "c",
            Name = "C",
            TopDiameterMm = 82,
            BottomDiameterMm = 57,
            HeightMm = 104,
            WaterGrams = 391,
            WaterCelsius = 19,
            HotOpenWattsPerKelvin = open,
            HotLiddedWattsPerKelvin = lidded,
        };

        Assert.Equal(field is null ? [] : [field], CupReader.Read(cup).Problems.Select(problem => problem.Field));
    }

    // By hand: walls and bottom of a cylinder 80 mm wide and 100 high are π·80·100 + π·40² = 30,159 mm²; at 9.6 mg each
    // 289.5 g of stoneware, 0.9 J/(g·K).
    [Fact]
    public void An_empty_cup_s_heat_is_its_mass_s()
    {
        var cup = new CupDocument
        {
            Id = "c",
            Name = "C",
            TopDiameterMm = 80,
            BottomDiameterMm = 80,
            HeightMm = 100,
            WaterGrams = 500,
            WaterCelsius = 4,
            Material = "ceramic",
        };

        Assert.Equal(30159.29 * 0.0096 * 0.9, CupReader.Read(cup).Value.HeatCapacity!.Value, 0.01);
        Assert.Equal(320 * 0.9, CupReader.Read(cup with { EmptyGrams = 320 }).Value.HeatCapacity!.Value, 1e-9);
        Assert.Null(CupReader.Read(cup with { Material = null }).Value.HeatCapacity);
    }

    private static Frustum Cup(double top, double bottom, double height) =>
        new(Millimetres.From(top), Millimetres.From(bottom), Millimetres.From(height));
}
