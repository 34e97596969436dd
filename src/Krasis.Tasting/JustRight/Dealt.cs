using MathNet.Numerics.Distributions;

namespace Krasis.Tasting.JustRight;

/// <summary>Points dealt out at random: the exact permutation test of two groups' means.</summary>
internal static class Dealt
{
    /// <summary>Of more points than this the chance is not counted out: it would take seconds, and tell nothing
    /// else.</summary>
    public const int MostCounted = 120;

    /// <summary>How likely so many of the points, drawn without looking, add up to no more than so much.</summary>
    /// <example>Of 1, 2, 3, 4 two that add up to 3 at the most: one pair of six, 1/6.</example>
    /// <param name="points">All points, 0 and up.</param>
    /// <param name="drawn">How many are drawn.</param>
    /// <param name="sum">What they may add up to.</param>
    /// <remarks>Counted in full up to <see cref="MostCounted"/> points; of more the sum is as good as normal, with the
    /// mean and the spread of a draw without putting back.</remarks>
    public static double AtMost(IReadOnlyList<int> points, int drawn, int sum)
    {
        if (points.Count > MostCounted)
        {
            var mean = points.Average();
            var spread = points.Sum(point => (point - mean) * (point - mean)) / points.Count;
            var deviation = Math.Sqrt(drawn * spread * (points.Count - drawn) / (points.Count - 1));
            return deviation <= 0 ? 1 : Normal.CDF(drawn * mean, deviation, sum + 0.5);
        }

        // chance[m][s]: that the first so many points have m drawn among them which add up to s.
        var most = points.Sum();
        var chance = new double[drawn + 1][];
        for (var m = 0; m <= drawn; m++)
        {
            chance[m] = new double[most + 1];
        }

        chance[0][0] = 1;
        for (var seen = 0; seen < points.Count; seen++)
        {
            // Each of those that are left is drawn as likely as any other.
            var left = points.Count - seen;
            for (var m = Math.Min(seen, drawn); m >= 0; m--)
            {
                var take = (drawn - m) / (double)left;
                for (var s = most; s >= 0; s--)
                {
                    var here = chance[m][s];
                    if (here == 0)
                    {
                        continue;
                    }

                    if (take > 0)
                    {
                        chance[m + 1][s + points[seen]] += here * take;
                    }

                    chance[m][s] = here * (1 - take);
                }
            }
        }

        return Math.Min(1, chance[drawn].Take(sum + 1).Sum());
    }
}
