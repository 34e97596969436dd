using Krasis.Core.Quantities;

namespace Krasis.Core.Physics;

/// <summary>What steam gives to milk.</summary>
public static class SteamHeat
{
    // Enthalpy of saturated steam, J/g above liquid water at 0 °C (IAPWS-97; the tests hold it against python3-iapws).
    private static readonly (double Celsius, double Enthalpy)[] Table =
    [
        (100, 2675.6),
        (110, 2691.1),
        (120, 2705.9),
        (130, 2720.1),
        (140, 2733.4),
    ];

    /// <summary>The enthalpy of saturated steam above liquid water at 0 °C, J/g.</summary>
    /// <param name="steam">From 100 to 140 °C; outside it the value of the nearer end is given.</param>
    public static double EnthalpyOf(Celsius steam)
    {
        var t = Math.Clamp(steam.Value, Table[0].Celsius, Table[^1].Celsius);
        for (var i = 1; i < Table.Length; i++)
        {
            if (t <= Table[i].Celsius)
            {
                var (low, high) = (Table[i - 1], Table[i]);
                return low.Enthalpy
                    + ((high.Enthalpy - low.Enthalpy) * (t - low.Celsius) / (high.Celsius - low.Celsius));
            }
        }

        return Table[^1].Enthalpy;
    }

    /// <summary>Grams of steam that condense into a gram of milk: c·(T_end − T_start) ÷ (h_g − c_w·T_end).</summary>
    /// <example>Whole milk of 3.93 J/(g·K) from 5 to 62 °C with steam of 110 °C takes up 9.2 % of its mass: 18.4 g into
    /// 200 g.</example>
    public static double CondensatePerGram(SpecificHeat milk, Celsius from, Celsius to, Celsius steam) =>
        to.Value <= from.Value
            ? 0
            : milk.Value * (to.Value - from.Value) / (EnthalpyOf(steam) - (Water.SpecificHeat * to.Value));
}
