namespace Krasis.Core.Builds;

/// <summary>How far a build has come.</summary>
public enum BuildState
{
    /// <summary>It is being written.</summary>
    Draft,

    /// <summary>It is being tasted at the bar.</summary>
    Trial,

    /// <summary>It is approved for the bar.</summary>
    Standard,

    /// <summary>It is no longer poured.</summary>
    Retired,
}
