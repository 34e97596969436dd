using Krasis.Core.Quantities;

namespace Krasis.Core.Physics;

/// <summary>What is the same about all ice.</summary>
public static class IceFacts
{
    /// <summary>Density of ordinary ice at 0 °C: 0.9167 g/ml (IAPWS R10-06, 916.7 kg/m³).</summary>
    public static Density Density { get; } = Density.From(0.9167);
}
