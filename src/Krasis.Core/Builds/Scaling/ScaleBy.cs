namespace Krasis.Core.Builds.Scaling;

/// <summary>What a line's amount follows from the reference size to another.</summary>
public enum ScaleBy
{
    /// <summary>Nothing: it is the same in every size.</summary>
    Fixed,

    /// <summary>A ladder by size: amounts that the lead has said, or one step of the bar a size.</summary>
    Ladder,

    /// <summary>The working volume of the cup.</summary>
    Cup,

    /// <summary>The coffee that the bar pours into the size.</summary>
    Coffee,

    /// <summary>Whatever makes the size as sweet as the reference.</summary>
    Sweetness,

    /// <summary>The rest of the cup: it fills the size as full as the reference.</summary>
    Rest,

    /// <summary>Another line, of which it is a fixed share by mass.</summary>
    Share,

    /// <summary>The house's flavour standard: so many strokes of its sort in each cup, the reference size with
    /// them.</summary>
    House,
}
