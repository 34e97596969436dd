namespace Krasis.Web.Problems;

/// <summary>How large requests may be.</summary>
public static class RequestLimits
{
    /// <summary>The largest request taken, in bytes. The largest build there can be is a tenth of it.</summary>
    public const int Largest = 1_000_000;
}
