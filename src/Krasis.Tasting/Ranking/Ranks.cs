namespace Krasis.Tasting.Ranking;

/// <summary>Places in an order.</summary>
public static class Ranks
{
    /// <summary>The rank of every score, the least first; those that are level share the mean of their ranks.</summary>
    /// <example>3, 1, 3 → 2.5, 1, 2.5.</example>
    public static double[] Of(IReadOnlyList<double> scores) =>
        [
            .. scores.Select(score =>
                scores.Count(other => other < score) + ((scores.Count(other => other == score) + 1) / 2.0)
            ),
        ];

    /// <summary>What level ranks take off the statistic: the sum of t³ − t over every group of t that are
    /// level.</summary>
    internal static double Ties(double[] ranks) =>
        ranks.GroupBy(rank => rank).Sum(group => Math.Pow(group.Count(), 3) - group.Count());
}
