namespace Krasis.App.Shared;

/// <summary>What sort of reason keeps something from being done.</summary>
public enum RefusalKind
{
    /// <summary>Fields hold what cannot be taken.</summary>
    Fields,

    /// <summary>It is not there.</summary>
    Missing,

    /// <summary>Somebody else changed it first.</summary>
    Stale,

    /// <summary>It does not say which version it changes.</summary>
    Unconditional,

    /// <summary>It contradicts something else that is kept.</summary>
    Conflict,
}
