namespace Krasis.Core.Planning.Expecting;

/// <summary>The normal law.</summary>
internal static class Normal
{
    /// <summary>The value below which a share of it lies.</summary>
    /// <remarks>Rational approximation 26.2.23 of Abramowitz and Stegun, good to 4.5e-4.</remarks>
    public static double Quantile(double p)
    {
        if (p < 0.5)
        {
            return -Quantile(1 - p);
        }

        var t = Math.Sqrt(-2 * Math.Log(1 - p));
        return t
            - (
                (2.515517 + (t * (0.802853 + (t * 0.010328))))
                / (1 + (t * (1.432788 + (t * (0.189269 + (t * 0.001308))))))
            );
    }
}
