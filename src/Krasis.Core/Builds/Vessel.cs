namespace Krasis.Core.Builds;

/// <summary>What a line goes into.</summary>
public enum Vessel
{
    /// <summary>The cup that the guest gets.</summary>
    Cup,

    /// <summary>The shaker.</summary>
    Shaker,

    /// <summary>The jar of the blender.</summary>
    BlenderJar,

    /// <summary>On the drink, once everything is in the cup.</summary>
    OnTop,

    /// <summary>The wall or the rim of the cup.</summary>
    OnTheGlass,
}
