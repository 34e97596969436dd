namespace Krasis.Core.Physics;

/// <summary>What is the same about all water, and nearly so of coffee.</summary>
public static class Water
{
    /// <summary>Heat that warms a gram by a kelvin, J, on the average from 0 to 70 °C: 4.186 (IAPWS-97: 4.179 to 4.220;
    /// enthalpy at 70 °C ÷ 70). Rival: 4.18, its value near 25 °C, which many recipes take for all of it.</summary>
    public const double SpecificHeat = 4.186;

    /// <summary>What it weighs at 0 °C, g/ml: 0.9998 (IAPWS-97). Meltwater is counted with it.</summary>
    public const double AtMelting = 0.9998;

    /// <summary>What it weighs at 20 °C, g/ml: 0.9982 (IAPWS-97). What boils away of a part is counted with
    /// it.</summary>
    public const double AtRoom = 0.9982;
}
