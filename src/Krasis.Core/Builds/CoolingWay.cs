namespace Krasis.Core.Builds;

/// <summary>How a hot coffee is cooled before it meets the ice.</summary>
public enum CoolingWay
{
    /// <summary>Stirred or whisked over ice, the cubes taken out or not: what melts goes into the drink.</summary>
    OverIce,

    /// <summary>In a jug or on a plate from the freezer.</summary>
    ChilledJug,

    /// <summary>In the fridge.</summary>
    Fridge,

    /// <summary>By standing.</summary>
    Stand,
}
