namespace Krasis.Core.Planning.Expecting;

/// <summary>How many of something that is counted are enough with a probability.</summary>
/// <remarks>Counts scatter as Poisson's law has it, or wider, as the negative binomial with the same mean and the
/// variance given.</remarks>
public static class CountQuantile
{
    // Below so many standard deviations under the mean there is less than 1e-9 of either law.
    private const double Deviations = 8;

    /// <summary>The least n with at least <paramref name="p"/> of all counts at or below it.</summary>
    /// <param name="mean">How many there are on average, from 0 to 1e9.</param>
    /// <param name="variance">How widely they scatter; at or below the mean it is Poisson's law.</param>
    /// <param name="p">The probability, above 0 and below 1.</param>
    public static long Of(double mean, double variance, double p)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(mean);
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(p, 0);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(p, 1);
        if (mean == 0)
        {
            return 0;
        }

        var isPoisson = variance <= mean * (1 + 1e-9);
        var deviation = Math.Sqrt(Math.Max(mean, variance));
        var n = (long)Math.Max(0, Math.Floor(mean - (Deviations * deviation)));
        if (deviation > 20_000)
        {
            // So wide a law is normal to less than a hundred-thousandth of its width.
            return (long)Math.Ceiling(mean + (deviation * Normal.Quantile(p)));
        }

        var size = isPoisson ? 0 : mean * mean / (variance - mean);
        var success = isPoisson ? 0 : mean / variance;
        var probability = Math.Exp(
            isPoisson ? (n * Math.Log(mean)) - mean - LogGamma(n + 1) : LogNegativeBinomial(n, size, success)
        );
        var sum = probability;
        while (sum < p)
        {
            probability *= isPoisson ? mean / (n + 1) : (n + size) / (n + 1) * (1 - success);
            n++;
            sum += probability;
            if (probability < 1e-18 && n > mean)
            {
                break;
            }
        }

        return n;
    }

    private static double LogNegativeBinomial(long n, double size, double success) =>
        LogGamma(n + size)
        - LogGamma(size)
        - LogGamma(n + 1)
        + (size * Math.Log(success))
        + (n * Math.Log(1 - success));

    // Stirling's series (DLMF 5.11.1), after the argument has been moved above 12, where five terms are exact to a
    // double.
    private static double LogGamma(double x)
    {
        var shift = 0.0;
        while (x < 12)
        {
            shift -= Math.Log(x);
            x++;
        }

        var (inverse, square) = (1 / x, 1 / (x * x));
        var series =
            inverse
            * (
                (1 / 12.0)
                - (square * ((1 / 360.0) - (square * ((1 / 1260.0) - (square * ((1 / 1680.0) - (square / 1188.0)))))))
            );
        return shift + ((x - 0.5) * Math.Log(x)) - x + (0.5 * Math.Log(2 * Math.PI)) + series;
    }
}
