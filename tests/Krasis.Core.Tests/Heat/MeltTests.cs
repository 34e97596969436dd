using CsCheck;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Heat;

namespace Krasis.Core.Tests.Heat;

public class MeltTests
{
    // Mass, J/(g·K) and °C of the liquid; mass and °C of the ice.
    private static readonly Gen<HeatContent> Contents = Gen.Select(
            Gen.Double[1, 600],
            Gen.Double[2.5, 4.2],
            Gen.Double[0, 90],
            Gen.Double[0, 400],
            Gen.Double[-20, 0]
        )
        .Select(
            (mass, heat, celsius, ice, cold) =>
                new HeatContent(mass * heat * celsius, mass * heat, ice, ice * 2.1 * -cold)
        );

    // Source: worked example, common practice; 40 g of water at 70 °C: 40 × 4.18 × 70 ÷ 333.5.
    [Fact]
    public void Forty_grams_at_seventy_degrees_melt_thirty_five_of_ice() =>
        Assert.Equal(35.1, new HeatContent(40 * 4.18 * 70, 40 * 4.18, 200, 0).Potential, 0.05);

    // Source: tests/reference/steam-and-ice.csv, IAPWS R10-06 by python3-iapws.
    [Fact]
    public void Ice_is_as_IAPWS_says()
    {
        Assert.InRange(One("fusion_J_per_g") - IceFacts.Fusion, -0.1, 0.1);
        Assert.Equal(One("ice_density_g_per_ml"), IceFacts.Density.Value, 1e-4);
        Assert.Equal(
            One("ice_heat_J_per_g_K"),
            Core.Bar.Ingredients.IngredientDefaults.SpecificHeat(Core.Bar.Ingredients.IngredientKind.Ice).Value,
            0.01
        );

        static double One(string what) => ReferenceTable.Read("steam-and-ice.csv", what).Single()[1];
    }

    // Heat by definition: what warms liquid and ice from 0 °C, and what melted ice has taken. Reckoned anew from masses
    // and temperatures.
    private static double HeatOf(HeatContent content, double ice) =>
        (content.Temperature.Value * content.LiquidCapacity) - content.IceCold + ((ice - content.IceMass) * 333.5);

    [Fact]
    public void No_heat_is_lost_and_none_is_made() =>
        Gen.Select(Contents, Gen.Double[0, 1])
            .Seeded()
            .Sample(
                (content, share) =>
                {
                    var after = content.Exchanged(share);
                    return Math.Abs(HeatOf(after, content.IceMass) - HeatOf(content, content.IceMass))
                        <= 1e-9 * Math.Max(1000, Math.Abs(content.Total));
                }
            );

    [Fact]
    public void What_the_room_gives_is_all_that_is_gained() =>
        Gen.Select(Contents, Gen.Double[0.1, 2], Gen.Double[5, 35], Gen.Double[0, 60])
            .Where(given => given.Item1.IceMass > 1)
            .Seeded()
            .Sample(
                (content, loss, room, minutes) =>
                {
                    // While there is ice the drink is at 0 °C, and the room gives UA·T·t.
                    var after = Cooling.After(
                        content,
                        WattsPerKelvin.From(loss),
                        Celsius.From(room),
                        Minutes.From(minutes)
                    );
                    var given = loss * room * minutes * 60;
                    return after.IceMass <= 0
                        || Math.Abs(HeatOf(after, content.IceMass) - HeatOf(content, content.IceMass) - given)
                            <= 1e-9 * Math.Max(1000, given);
                }
            );

    [Fact]
    public void Where_ice_is_left_the_drink_is_as_cold_as_ice() =>
        Contents
            .Where(content => content.Potential < content.IceMass - 1e-6)
            .Seeded()
            .Sample(content => Math.Abs(content.Exchanged(1).Temperature.Value) < 1e-6);

    // 20 g of water at 4 °C hold 335 J; 250 g of ice at −4 °C want 2100 J to come to 0 °C, and keep what they do not
    // get.
    [Fact]
    public void Ice_colder_than_the_drink_can_warm_freezes_nothing_and_stays_cold()
    {
        var after = new HeatContent(20 * 4.186 * 4, 20 * 4.186, 250, 250 * 2.1 * 4).Exchanged(1);

        Assert.Equal((0, 250, 2100 - 334.88), (after.Temperature.Value, after.IceMass, Math.Round(after.IceCold, 6)));

        // The room has to give the rest before anything melts: 0.5 W/K · 21 K = 10.5 W, 168.1 s.
        Assert.Equal(
            250,
            Cooling.After(after, WattsPerKelvin.From(0.5), Celsius.From(21), Minutes.From(168 / 60.0)).IceMass,
            1e-9
        );
        Assert.Equal(
            250 - (10.5 * 60 / 333.5),
            Cooling
                .After(
                    after,
                    WattsPerKelvin.From(0.5),
                    Celsius.From(21),
                    Minutes.From(((2100 - 334.88) / 10.5 / 60) + 1)
                )
                .IceMass,
            1e-9
        );
    }

    [Fact]
    public void Half_way_is_half_the_melt_and_half_the_cold()
    {
        // 200 g at 40 °C on 300 g at −5 °C: 33,488 J against 3,150 J; all the way (33,488 − 3,150) ÷ 333.5 = 90.97 g.
        var half = new HeatContent(200 * 4.186 * 40, 200 * 4.186, 300, 3150).Exchanged(0.5);

        Assert.Equal((200 * 4.186 * 40 / 2) / (200 * 4.186 + (45.484 * 4.186)), half.Temperature.Value, 1e-3);
        Assert.Equal((300 - 45.4843, 1575), (Math.Round(half.IceMass, 4), half.IceCold));
    }

    [Fact]
    public void A_cup_shares_its_heat()
    {
        // Source: 320 g of ceramic at 0.9 J/(g·K) takes 280 g of a latte at 4.0 from 61 to about 53 °C; warmed to 45 °C
        // to about 58 (common practice).
        var latte = new HeatContent(280 * 4.0 * 61, 280 * 4.0, 0, 0);
        Assert.Equal(53, latte.WithCup(320 * 0.9, Celsius.From(21)).Temperature.Value, 0.5);
        Assert.Equal(58, latte.WithCup(320 * 0.9, Celsius.From(45)).Temperature.Value, 0.5);
    }

    [Fact]
    public void More_ice_never_warms() =>
        Gen.Select(Contents, Gen.Double[0, 200])
            .Seeded()
            .Sample(
                (content, more) =>
                    (content with { IceMass = content.IceMass + more }).Exchanged(1).Temperature.Value
                    <= content.Exchanged(1).Temperature.Value + 1e-9
            );

    [Fact]
    public void What_stands_nears_the_room_and_never_passes_it() =>
        Gen.Select(Contents, Gen.Double[0.1, 2], Gen.Double[5, 35], Gen.Double[0, 600])
            .Seeded()
            .Sample(
                (content, loss, room, minutes) =>
                {
                    var start = content.Exchanged(1);
                    var end = Cooling.After(
                        start,
                        WattsPerKelvin.From(loss),
                        Celsius.From(room),
                        Minutes.From(minutes)
                    );
                    var (low, high) = (
                        Math.Min(start.Temperature.Value, room),
                        Math.Max(start.Temperature.Value, room)
                    );
                    return end.IceMass <= start.IceMass + 1e-9
                        && end.Temperature.Value >= low - 1e-9
                        && end.Temperature.Value <= high + 1e-9;
                }
            );

    // Newton's law of cooling in closed form: 300 g of water, 0.5 W/K, 65 °C in a room of 21 °C.
    [Fact]
    public void A_hot_drink_cools_by_Newton_s_law() =>
        Assert.Equal(
            21 + (44 * Math.Exp(-0.5 * 600 / (300 * 4.18))),
            Cooling
                .After(
                    new HeatContent(300 * 4.18 * 65, 300 * 4.18, 0, 0),
                    WattsPerKelvin.From(0.5),
                    Celsius.From(21),
                    Minutes.From(10)
                )
                .Temperature.Value,
            1e-9
        );

    // By hand: 0.5 W/K × 21 K × 600 s = 6300 J melt 18.89 g.
    [Fact]
    public void The_room_melts_what_its_heat_is_good_for()
    {
        var after = Cooling.After(
            new HeatContent(0, 300 * 4.18, 100, 0),
            WattsPerKelvin.From(0.5),
            Celsius.From(21),
            Minutes.From(10)
        );

        Assert.Equal(100 - (6300 / 333.5), after.IceMass, 1e-9);
        Assert.Equal(0, after.Temperature.Value);
    }

    // By hand: 10 g of ice are gone after 10 × 333.5 ÷ 10.5 = 317.6 s; the other 282.4 s warm 310 g by Newton's law.
    [Fact]
    public void Once_the_ice_is_gone_the_drink_warms_for_the_rest_of_the_time() =>
        Assert.Equal(
            21 - (21 * Math.Exp(-0.5 * (600 - (3335 / 10.5)) / ((300 * 4.186) + (10 * 4.186)))),
            Cooling
                .After(
                    new HeatContent(0, 300 * 4.186, 10, 0),
                    WattsPerKelvin.From(0.5),
                    Celsius.From(21),
                    Minutes.From(10)
                )
                .Temperature.Value,
            1e-9
        );

    [Fact]
    public void Ten_minutes_and_ten_more_are_twenty() =>
        Gen.Select(Contents, Gen.Double[0.1, 1.5])
            .Seeded()
            .Sample(
                (content, loss) =>
                {
                    var start = content.Exchanged(1);
                    var ten = Cooling.After(start, WattsPerKelvin.From(loss), Celsius.From(21), Minutes.From(10));
                    var more = Cooling.After(ten, WattsPerKelvin.From(loss), Celsius.From(21), Minutes.From(10));
                    var twenty = Cooling.After(start, WattsPerKelvin.From(loss), Celsius.From(21), Minutes.From(20));
                    return Math.Abs(more.Temperature.Value - twenty.Temperature.Value) < 1e-6
                        && Math.Abs(more.IceMass - twenty.IceMass) < 1e-6;
                }
            );
}
