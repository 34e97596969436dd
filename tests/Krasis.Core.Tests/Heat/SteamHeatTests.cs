using CsCheck;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Heat;

public class SteamHeatTests
{
    public static TheoryData<double, double> SteamByIapws =>
        [.. ReferenceTable.Read("steam-and-ice.csv", "steam_enthalpy_J_per_g").Select(row => (row[0], row[1]))];

    public static TheoryData<double, double> WaterByIapws =>
        [.. ReferenceTable.Read("steam-and-ice.csv", "water_enthalpy_J_per_g").Select(row => (row[0], row[1]))];

    // Source: tests/reference/steam-and-ice.csv, IAPWS-IF97 by python3-iapws.
    [Theory]
    [MemberData(nameof(SteamByIapws))]
    public void Steam_holds_as_much_heat_as_IAPWS_says(double celsius, double enthalpy) =>
        Assert.Equal(enthalpy, SteamHeat.EnthalpyOf(Celsius.From(celsius)), enthalpy * 1e-4);

    // Source: the same table.
    [Theory]
    [MemberData(nameof(WaterByIapws))]
    public void Water_holds_as_much_heat_as_IAPWS_says(double celsius, double enthalpy) =>
        Assert.Equal(enthalpy, Water.SpecificHeat * celsius, enthalpy * 2e-3);

    // Source: worked example, common practice, 18.4 g or 9.2 % into 200 g from 5 to 62 °C with steam of 110 °C.
    [Fact]
    public void Two_hundred_grams_of_milk_take_up_eighteen_of_steam()
    {
        var share = SteamHeat.CondensatePerGram(
            SpecificHeat.From(3.93),
            Celsius.From(5),
            Celsius.From(62),
            Celsius.From(110)
        );

        Assert.Equal(18.4, 200 * share, 0.05);
        Assert.Equal(0.092, share, 5e-4);
    }

    [Fact]
    public void The_milk_gains_just_what_the_steam_gives() =>
        Gen.Select(Gen.Double[3, 4.2], Gen.Double[0, 20], Gen.Double[30, 90], Gen.Double[100, 140])
            .Seeded()
            .Sample(
                (heat, from, to, steam) =>
                {
                    var m = SteamHeat.CondensatePerGram(
                        SpecificHeat.From(heat),
                        Celsius.From(from),
                        Celsius.From(to),
                        Celsius.From(steam)
                    );
                    var given = m * (SteamHeat.EnthalpyOf(Celsius.From(steam)) - (Water.SpecificHeat * to));
                    return Math.Abs(given - (heat * (to - from))) < 1e-9;
                }
            );

    [Fact]
    public void Milk_that_is_not_warmed_takes_up_nothing() =>
        Assert.Equal(
            0,
            SteamHeat.CondensatePerGram(SpecificHeat.From(3.93), Celsius.From(60), Celsius.From(55), Celsius.From(110))
        );
}
