namespace Krasis.Core.Physics;

/// <summary>Air in a room, at about 40 °C, half way between a hot cup's wall and the room, and what it carries off a
/// surface.</summary>
/// <remarks>Properties from the air tables of Incropera and DeWitt, Fundamentals of Heat and Mass Transfer, appendix
/// A.4 (from memory). Between 10 and 50 °C none of them moves the results here by more than 5 %.</remarks>
public static class Air
{
    /// <summary>How well it conducts, W/(m·K).</summary>
    public const double Conductivity = 0.0272;

    /// <summary>Kinematic viscosity, m²/s.</summary>
    public const double Viscosity = 17.0e-6;

    /// <summary>How fast heat spreads in it, m²/s.</summary>
    public const double Diffusivity = 24.0e-6;

    /// <summary>What it weighs, kg/m³.</summary>
    public const double Density = 1.127;

    /// <summary>Heat that warms a kilogram by a kelvin, J.</summary>
    public const double SpecificHeat = 1007;

    /// <summary>Diffusivity of heat ÷ that of water vapour, the Lewis number: 0.85 (24e-6 ÷ 28e-6).</summary>
    public const double Lewis = 0.85;

    /// <summary>How damp a room is: half of what it could hold (common practice, no source).</summary>
    public const double Humidity = 0.5;

    private const double Gravity = 9.81;
    private const double StefanBoltzmann = 5.670e-8;
    private const double ZeroCelsius = 273.15;

    // Paper, glass, ceramic, water: 0.9 to 0.96 (Incropera, table A.11; from memory).
    private const double Emissivity = 0.92;

    /// <summary>Free convection and radiation off a standing wall, W/(m²·K): Nu = 0.59·Ra^¼ (Incropera 9.27, 10⁴ to
    /// 10⁹; from memory). Rival: Churchill and Chu's correlation for all Ra, within 10 % of it here.</summary>
    /// <param name="height">The wall's height, m.</param>
    /// <param name="wall">How warm it is, °C.</param>
    /// <param name="room">How warm the room is, °C.</param>
    public static double OffAWall(double height, double wall, double room) =>
        (0.59 * Math.Pow(Rayleigh(height, wall, room), 0.25) * Conductivity / height) + Radiation(wall, room);

    /// <summary>Free convection off a small flat surface that faces up and is warmer than the room, or down and is
    /// colder, W/(m²·K): Nu = 0.54·Ra^¼ with area ÷ perimeter as the length (Incropera 9.30; from memory). Half of it
    /// where the air lies still on the surface: a cold one that faces up (9.32).</summary>
    /// <param name="diameter">The surface's diameter, m.</param>
    /// <param name="surface">How warm it is, °C.</param>
    /// <param name="room">How warm the room is, °C.</param>
    public static double OffASurface(double diameter, double surface, double room)
    {
        var length = diameter / 4;
        var factor = surface > room ? 0.54 : 0.27;
        return factor * Math.Pow(Rayleigh(length, surface, room), 0.25) * Conductivity / length;
    }

    /// <summary>Radiation between a surface and the room, W/(m²·K): ε·σ·4·T³ at the middle temperature.</summary>
    public static double Radiation(double surface, double room)
    {
        var middle = ((surface + room) / 2) + ZeroCelsius;
        return Emissivity * StefanBoltzmann * 4 * middle * middle * middle;
    }

    /// <summary>Heat that evaporation carries off a water surface, W/(m²·K): Chilton and Colburn's analogy, h_m = h ÷
    /// (ρ·c·Le^⅔), times the difference in vapour density and the heat of evaporation (Incropera, section 6.7; from
    /// memory).</summary>
    /// <param name="convection">What convection carries off it, W/(m²·K).</param>
    /// <param name="surface">How warm it is, °C; warmer than the room.</param>
    /// <param name="room">How warm the room is, °C.</param>
    public static double Evaporation(double convection, double surface, double room)
    {
        if (surface <= room)
        {
            return 0;
        }

        var transfer = convection / (Density * SpecificHeat * Math.Pow(Lewis, 2.0 / 3));
        var vapour = Math.Max(0, VapourDensity(surface) - (Humidity * VapourDensity(room)));
        return transfer * vapour * HeatOfEvaporation(surface) / (surface - room);
    }

    /// <summary>What saturated water vapour weighs, kg/m³: Magnus's formula for its pressure (WMO-No. 8:
    /// 611.2·e^(17.62·t ÷ (243.12 + t))) and the gas law. At 65 °C 0.160, by IAPWS-97 0.161.</summary>
    public static double VapourDensity(double celsius) =>
        611.2 * Math.Exp(17.62 * celsius / (243.12 + celsius)) / (461.5 * (celsius + ZeroCelsius));

    // J/kg: 2501 at 0 °C, 2.36 less for each kelvin (a straight line through IAPWS-97, within 0.3 % to 90 °C).
    private static double HeatOfEvaporation(double celsius) => (2501 - (2.36 * celsius)) * 1000;

    private static double Rayleigh(double length, double warm, double room)
    {
        var middle = ((warm + room) / 2) + ZeroCelsius;
        return Gravity
            / middle
            * Math.Max(0.1, Math.Abs(warm - room))
            * length
            * length
            * length
            / (Viscosity * Diffusivity);
    }
}
