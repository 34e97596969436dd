namespace Krasis.Core.Physics;

/// <summary>The heat that a blender adds.</summary>
public static class Blender
{
    /// <summary>Heat that the blades add to a drink, J: about 300 W for 25 s (common practice, no source). It melts about
    /// 22 g of ice.</summary>
    public const double Work = 300 * 25;
}
