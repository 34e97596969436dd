namespace Krasis.Core.Bar.Ingredients;

/// <summary>How warm something is when it is tasted.</summary>
public enum Warmth
{
    /// <summary>As the room.</summary>
    Room,

    /// <summary>With ice.</summary>
    Cold,

    /// <summary>Hot.</summary>
    Hot,
}
