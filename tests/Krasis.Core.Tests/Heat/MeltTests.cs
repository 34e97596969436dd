using CsCheck;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Heat;

namespace Krasis.Core.Tests.Heat;

public class MeltTests
{
    // Mass, J/(g·K) and °C of the liquid; mass and °C of the ice.
    private static readonly Gen<HeatContent> Contents = Gen.Select(Gen.Double[1, 600], Gen.Double[2.5, 4.2], Gen.Double[0, 90], Gen.Double[0, 400], Gen.Double[-20, 0])
        .Select((mass, heat, celsius, ice, cold) => new HeatContent(mass * heat * celsius, mass * heat, ice, ice * 2.1 * -cold));

    // Source: worked example, common practice; 40 g of water at 70 °C: 40 × 4.18 × 70 ÷ 333.5.
    [Fact]
    public void Forty_grams_at_seventy_degrees_melt_thirty_five_of_ice() =>
        Assert.Equal(35.1, new HeatContent(40 * 4.18 * 70, 40 * 4.18, 200, 0).Potential, 0.05);

    // Source: tests/reference/steam-and-ice.csv, IAPWS R10-06 by python3-iapws.
    [Fact]
    public void Ice_is_as_IAPWS_says()
    {
        Assert.InRange(One("fusion_J_per_g") - HeatContent.Fusion, -0.1, 0.1);
        Assert.Equal(One("ice_density_g_per_ml"), IceFacts.Density.Value, 1e-4);
        Assert.Equal(One("ice_heat_J_per_g_K"), Core.Bar.Ingredients.IngredientDefaults.SpecificHeat(Core.Bar.Ingredients.IngredientKind.Ice).Value, 0.01);

        static double One(string what) => ReferenceTable.Read("steam-and-ice.csv", what).Single()[1];
    }

    [Fact]
    public void No_heat_is_lost_and_none_is_made() => Gen.Select(Contents, Gen.Double[0, 1]).Sample((content, share) =>
    {
        var melt = content.Potential * share;
        var liquid = (content.LiquidCapacity + (melt * SteamHeat.Water)) * content.TemperatureAfter(melt).Value;
        return Math.Abs(liquid + (melt * HeatContent.Fusion) - content.Total) <= 1e-9 * Math.Max(1000, Math.Abs(content.Total)) + 1e-6;
    });

    [Fact]
    public void Where_ice_is_left_the_drink_is_as_cold_as_ice() => Contents.Where(content => content.Potential < content.IceMass && content.Total >= 0).Sample(content =>
        Math.Abs(content.TemperatureAfter(content.Potential).Value) < 1e-6);

    [Fact]
    public void More_ice_never_warms() => Gen.Select(Contents, Gen.Double[0, 200]).Sample((content, more) =>
    {
        var iced = content with { IceMass = content.IceMass + more };
        return iced.TemperatureAfter(iced.Potential).Value <= content.TemperatureAfter(content.Potential).Value + 1e-9;
    });

    [Fact]
    public void What_stands_nears_the_room_and_never_passes_it() => Gen.Select(Contents, Gen.Double[0.1, 2], Gen.Double[5, 35], Gen.Double[0, 600]).Sample((content, loss, room, minutes) =>
    {
        var start = content.TemperatureAfter(content.Potential).Value;
        var (melted, end) = Cooling.After(content, content.Potential, WattsPerKelvin.From(loss), Celsius.From(room), Minutes.From(minutes));
        var (low, high) = (Math.Min(start, room), Math.Max(start, room));
        return melted >= content.Potential - 1e-9 && melted <= content.IceMass + 1e-9 && (content.Total < 0 || (end.Value >= Math.Min(0, low) - 1e-9 && end.Value <= high + 1e-9));
    });

    // Newton's law of cooling in closed form: 300 g of water, 0.5 W/K, 65 °C in a room of 21 °C.
    [Fact]
    public void A_hot_drink_cools_by_Newton_s_law()
    {
        var content = new HeatContent(300 * 4.18 * 65, 300 * 4.18, 0, 0);
        var (_, after) = Cooling.After(content, 0, WattsPerKelvin.From(0.5), Celsius.From(21), Minutes.From(10));

        Assert.Equal(21 + (44 * Math.Exp(-0.5 * 600 / (300 * 4.18))), after.Value, 1e-9);
    }

    // By hand: 0.5 W/K × 21 K × 600 s = 6300 J melt 18.89 g.
    [Fact]
    public void The_room_melts_what_its_heat_is_good_for()
    {
        var (melted, after) = Cooling.After(new HeatContent(0, 300 * 4.18, 100, 0), 0, WattsPerKelvin.From(0.5), Celsius.From(21), Minutes.From(10));

        Assert.Equal((6300 / 333.5, 0), (melted, after.Value));
    }

    [Fact]
    public void Ten_minutes_and_ten_more_are_twenty() => Gen.Select(Gen.Double[50, 500], Gen.Double[0, 80], Gen.Double[0.1, 1.5]).Sample((mass, celsius, loss) =>
    {
        var capacity = mass * 4.186;
        var (_, ten) = Cooling.After(new HeatContent(capacity * celsius, capacity, 0, 0), 0, WattsPerKelvin.From(loss), Celsius.From(21), Minutes.From(10));
        var (_, more) = Cooling.After(new HeatContent(capacity * ten.Value, capacity, 0, 0), 0, WattsPerKelvin.From(loss), Celsius.From(21), Minutes.From(10));
        var (_, twenty) = Cooling.After(new HeatContent(capacity * celsius, capacity, 0, 0), 0, WattsPerKelvin.From(loss), Celsius.From(21), Minutes.From(20));
        return Math.Abs(more.Value - twenty.Value) < 1e-9;
    });
}
