namespace Krasis.Core.Builds;

/// <summary>How a drink is served, which decides how its ice meets the rest.</summary>
public enum Serve
{
    /// <summary>Hot, without ice.</summary>
    Hot,

    /// <summary>Mixed, then ice.</summary>
    Iced,

    /// <summary>Ice first, then the liquids, the heaviest first and the espresso last and slowly.</summary>
    Layered,

    /// <summary>Shaken with the ice.</summary>
    Shaken,

    /// <summary>Blended with the ice, which is in the drink whole.</summary>
    Blended,
}
