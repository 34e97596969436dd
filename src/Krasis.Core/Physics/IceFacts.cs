using Krasis.Core.Quantities;

namespace Krasis.Core.Physics;

/// <summary>What is the same about all ice.</summary>
public static class IceFacts
{
    /// <summary>Density of ordinary ice at 0 °C: 0.9167 g/ml (IAPWS R10-06, 916.7 kg/m³). Rivals: 0.917 in most tables,
    /// 0.92 in kitchens.</summary>
    public static Density Density { get; } = Density.From(0.9167);

    /// <summary>Heat of fusion, J/g: 333.5 (IAPWS R10-06; the tests hold it against python3-iapws). Rivals: 333.55
    /// (CRC), 334 and 80 cal/g in textbooks.</summary>
    public const double Fusion = 333.5;

    /// <summary>Heat that warms a gram of it by a kelvin, J: 2.1 just below 0 °C (IAPWS R10-06: 2.096 at 0 °C, 2.02 at
    /// −10 °C).</summary>
    public const double SpecificHeat = 2.1;
}
