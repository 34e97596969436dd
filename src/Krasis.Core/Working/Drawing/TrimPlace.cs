namespace Krasis.Core.Working.Drawing;

/// <summary>Where a finish is put.</summary>
public enum TrimPlace
{
    /// <summary>On the inside of the wall.</summary>
    Wall,

    /// <summary>On the rim.</summary>
    Rim,

    /// <summary>Drizzled on top.</summary>
    Drizzle,

    /// <summary>Dusted or strewn on top.</summary>
    Dusting,
}
