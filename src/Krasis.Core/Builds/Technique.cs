namespace Krasis.Core.Builds;

/// <summary>How a line goes into the cup.</summary>
public enum Technique
{
    /// <summary>Poured in.</summary>
    Pour,

    /// <summary>Poured in, and all that is in the cup stirred.</summary>
    Stir,

    /// <summary>Dissolved first in a splash of hot water or in the hot coffee.</summary>
    Dissolve,

    /// <summary>Whisked smooth with a splash of hot water before it goes in: a powder that does not dissolve lumps.</summary>
    Whisk,

    /// <summary>Cooled before it meets the ice.</summary>
    Cool,

    /// <summary>Steamed to a foam level.</summary>
    Steam,

    /// <summary>Foamed cold to a foam level, and laid on top.</summary>
    Foam,

    /// <summary>Poured slowly over ice or the back of a spoon, so that it stays on what is below.</summary>
    Float,

    /// <summary>Shaken with what is in the shaker.</summary>
    Shake,

    /// <summary>Blended with what is in the blender.</summary>
    Blend,

    /// <summary>Drawn on the inside of the wall before anything else.</summary>
    Wall,

    /// <summary>Put or drawn on top.</summary>
    Top,

    /// <summary>On the rim.</summary>
    Rim,

    /// <summary>Dusted.</summary>
    Dust,

    /// <summary>Put on top and browned with a torch.</summary>
    Torch,

    /// <summary>On a skewer across the cup.</summary>
    Skewer,
}
