namespace Krasis.Core.Bar.Milk;

/// <summary>What foams the milk.</summary>
public enum FoamTool
{
    /// <summary>A steam wand.</summary>
    Wand,

    /// <summary>A strong electric mixer or blender.</summary>
    Mixer,

    /// <summary>A weak hand-held whisk.</summary>
    Whisk,

    /// <summary>A jar that is shaken, or a plunger.</summary>
    Jar,
}
