namespace Krasis.Core.Making.Pouring;

/// <summary>Where a run of values has gone over to others.</summary>
/// <param name="At">The place of the first of the others.</param>
/// <param name="Before">The mean of those before.</param>
/// <param name="After">The mean of those from there on.</param>
/// <param name="Score">How far the means are apart, in standard errors.</param>
public sealed record MeanShift(int At, double Before, double After, double Score)
{
    // Fewer than so many tell nothing of a mean.
    private const int Least = 6;

    /// <summary>The place where they changed most clearly; null of fewer than two dozen halves.</summary>
    /// <remarks>Every place is tried, and the one taken with the largest difference of means in standard errors
    /// (Welch's: each side with its own spread). Because it is the best of many, it is only to be believed far above
    /// what a single test asks for.</remarks>
    public static MeanShift? Find(IReadOnlyList<double> values)
    {
        MeanShift? best = null;
        for (var at = Least; at <= values.Count - Least; at++)
        {
            var (before, after) = (Spread(values, 0, at), Spread(values, at, values.Count));
            var error = Math.Sqrt((before.Variance / at) + (after.Variance / (values.Count - at)));
            var score = Math.Abs(after.Mean - before.Mean) / Math.Max(error, 1e-9);
            if (Math.Abs(after.Mean - before.Mean) > 1e-9 && (best is null || score > best.Score))
            {
                best = new MeanShift(at, before.Mean, after.Mean, score);
            }
        }

        return best;
    }

    private static (double Mean, double Variance) Spread(IReadOnlyList<double> values, int from, int to)
    {
        var mean = 0.0;
        for (var i = from; i < to; i++)
        {
            mean += values[i];
        }

        mean /= to - from;
        var squares = 0.0;
        for (var i = from; i < to; i++)
        {
            squares += (values[i] - mean) * (values[i] - mean);
        }

        return (mean, squares / (to - from - 1));
    }
}
