using Krasis.Core.Quantities;

namespace Krasis.Core.Physics;

/// <summary>The density of water, by which a weighing becomes a volume.</summary>
public static class WaterDensity
{
    /// <summary>The coldest water the formula is for.</summary>
    public static Celsius Coldest { get; } = Celsius.From(0);

    /// <summary>The hottest water the formula is for.</summary>
    public static Celsius Hottest { get; } = Celsius.From(100);

    /// <summary>The density of air-free water at one atmosphere.</summary>
    /// <param name="temperature">From <see cref="Coldest"/> to <see cref="Hottest"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The temperature is outside that range.</exception>
    /// <remarks>G. S. Kell, Journal of Chemical and Engineering Data 20 (1975) 97–105, equation 16 (coefficients from
    /// memory; the tests hold the result against IAPWS). At 20 °C it gives 0.9982 g/ml.</remarks>
    public static Density At(Celsius temperature)
    {
        var t = temperature.Value;
        ArgumentOutOfRangeException.ThrowIfLessThan(t, Coldest.Value, nameof(temperature));
        ArgumentOutOfRangeException.ThrowIfGreaterThan(t, Hottest.Value, nameof(temperature));
        var kilogramsPerCubicMetre =
            (
                999.83952
                + (
                    t
                    * (
                        16.945176
                        + (t * (-7.9870401e-3 + (t * (-46.170461e-6 + (t * (105.56302e-9 + (t * -280.54253e-12)))))))
                    )
                )
            ) / (1 + (16.879850e-3 * t));
        return Density.From(kilogramsPerCubicMetre / 1000);
    }
}
