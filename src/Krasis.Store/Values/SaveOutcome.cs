namespace Krasis.Store.Values;

/// <summary>What came of changing something that others may change too.</summary>
public enum SaveOutcome
{
    /// <summary>It was changed.</summary>
    Saved,

    /// <summary>Somebody else changed it first; nothing was done.</summary>
    Stale,

    /// <summary>It is not there; nothing was done.</summary>
    Missing,
}
