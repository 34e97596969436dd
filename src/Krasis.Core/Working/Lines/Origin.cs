namespace Krasis.Core.Working.Lines;

/// <summary>Where the amount in a cell of the sheet comes from.</summary>
public enum Origin
{
    /// <summary>The lead has set it, at the reference size.</summary>
    Set,

    /// <summary>Scaling has worked it out and rounded it to the bar.</summary>
    Scaled,

    /// <summary>The lead has pinned it, at this size.</summary>
    Pinned,

    /// <summary>It fills the cup to a mark.</summary>
    Marked,
}
