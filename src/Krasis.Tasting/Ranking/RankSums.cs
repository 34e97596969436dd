using MathNet.Numerics.Distributions;

namespace Krasis.Tasting.Ranking;

/// <summary>Which samples of an order differ from one another.</summary>
public static class RankSums
{
    /// <summary>The least difference of two sums of ranks that is one, for two samples alone (ISO 8587:
    /// z·√(n·k·(k+1)/6)).</summary>
    /// <example>24 tasters, 3 samples, 5 %: 13.6.</example>
    /// <param name="tasters">How many put them in order.</param>
    /// <param name="samples">How many samples they put in order.</param>
    /// <param name="level">The chance of calling nothing a difference.</param>
    public static double LeastDifference(int tasters, int samples, double level = Choosing.ForcedChoice.UsualLevel) =>
        Normal.InvCDF(0, 1, 1 - (level / 2)) * Deviation(tasters, samples);

    /// <summary>Every two samples, and how likely so far apart they would be by chance: all pairs held to one level
    /// together (Holm).</summary>
    /// <param name="sums">The sums of ranks.</param>
    /// <param name="tasters">How many put them in order.</param>
    public static IReadOnlyList<RankedPair> Pairs(IReadOnlyList<double> sums, int tasters)
    {
        var pairs = (
            from i in Enumerable.Range(0, sums.Count)
            from j in Enumerable.Range(i + 1, sums.Count - i - 1)
            select (i, j)
        ).ToList();
        var chances = Holm.Adjust([
            .. pairs.Select(pair =>
                2 * (1 - Normal.CDF(0, 1, Math.Abs(sums[pair.i] - sums[pair.j]) / Deviation(tasters, sums.Count)))
            ),
        ]);
        return
        [
            .. pairs.Zip(chances, (pair, chance) =>
                new RankedPair(pair.i, pair.j, sums[pair.j] - sums[pair.i], chance)
            ),
        ];
    }

    private static double Deviation(int tasters, int samples) => Math.Sqrt(tasters * samples * (samples + 1) / 6.0);
}

/// <summary>Two samples of an order.</summary>
/// <param name="First">The place of the one among the samples.</param>
/// <param name="Second">The place of the other.</param>
/// <param name="Difference">By how much more the second's sum of ranks is: above nothing, the first was liked
/// better.</param>
/// <param name="Probability">How likely that is by chance, beside all other pairs.</param>
public sealed record RankedPair(int First, int Second, double Difference, double Probability);
