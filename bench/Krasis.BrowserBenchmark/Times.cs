namespace Krasis.BrowserBenchmark;

/// <summary>Reads measured times.</summary>
internal static class Times
{
    /// <summary>The time within which a share of them lies.</summary>
    /// <param name="times">Times, the shortest first.</param>
    /// <param name="share">The share, above 0 and up to 1.</param>
    public static double At(this IReadOnlyList<double> times, double share) =>
        times[(int)Math.Ceiling(share * times.Count) - 1];
}
