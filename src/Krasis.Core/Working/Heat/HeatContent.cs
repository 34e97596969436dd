using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Heat;

/// <summary>The heat of what is in a cup, reckoned from liquid at 0 °C.</summary>
/// <param name="LiquidHeat">Σ m·c·T of all that is not ice, J.</param>
/// <param name="LiquidCapacity">Σ m·c of all that is not ice, J/K.</param>
/// <param name="IceMass">Mass of the ice, g.</param>
/// <param name="IceCold">What warms the ice to 0 °C, J; zero or more.</param>
public readonly record struct HeatContent(double LiquidHeat, double LiquidCapacity, double IceMass, double IceCold)
{
    /// <summary>Heat of fusion of ice, J/g (IAPWS R10-06; the tests hold it against python3-iapws).</summary>
    public const double Fusion = 333.5;

    /// <summary>The heat above ice at 0 °C that the whole holds, J: what has to be balanced.</summary>
    public double Total => LiquidHeat - IceCold;

    /// <summary>The most ice that the drink's own heat melts, g: Q ÷ 333.5, at most all of it.</summary>
    public double Potential => Math.Clamp(Total / Fusion, 0, IceMass);

    /// <summary>Melts so much ice.</summary>
    /// <param name="melt">From 0 to <see cref="Potential"/>.</param>
    /// <returns>The temperature of the liquid, the melted ice with it; the rest of the ice is at 0 °C.</returns>
    public Celsius TemperatureAfter(double melt)
    {
        var capacity = LiquidCapacity + (melt * SteamHeat.Water);
        var left = Total - (melt * Fusion);

        // What is left of a sum that should be nothing is nothing, and not a hair's breadth below zero.
        return Celsius.From(capacity <= 0 || Math.Abs(left) < 1e-6 ? 0 : left / capacity);
    }
}
