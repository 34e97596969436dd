namespace Krasis.Core.Physics;

/// <summary>What a blender does to what is in its jar, besides cutting it up.</summary>
public static class Blender
{
    /// <summary>What the blades give to the jar as heat, J: some 300 W for the 25 s that a drink is blended (common
    /// practice, no source). It melts about 22 g of ice.</summary>
    public const double Work = 300 * 25;
}
