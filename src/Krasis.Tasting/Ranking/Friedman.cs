using MathNet.Numerics.Distributions;

namespace Krasis.Tasting.Ranking;

/// <summary>Whether tasters put samples in an order that is more than chance: Friedman's test with its correction for
/// ties (ISO 8587).</summary>
/// <param name="RankSums">The sum of ranks of every sample; the least is the best.</param>
/// <param name="Statistic">Friedman's statistic, corrected for ties; nothing where everybody has put everything
/// level.</param>
/// <param name="Probability">How likely an order as clear as this is by chance.</param>
/// <param name="IsExact">Whether every possible outcome was counted; otherwise the chi-squared distribution is
/// taken.</param>
public sealed record Friedman(IReadOnlyList<double> RankSums, double Statistic, double Probability, bool IsExact)
{
    // Counted in full as long as no more than so many sums of ranks are met on the way.
    private const int MostStates = 60_000;

    /// <summary>Tests rows of scores.</summary>
    /// <param name="rows">A row for every taster: a place for every sample, 1 the best. Level samples have the same
    /// number; any scale will do.</param>
    /// <exception cref="ArgumentException">There is no row, or the rows are not as long as each other, or shorter than
    /// 2.</exception>
    public static Friedman Of(IReadOnlyList<IReadOnlyList<double>> rows)
    {
        if (rows.Count == 0 || rows[0].Count < 2 || rows.Any(row => row.Count != rows[0].Count))
        {
            throw new ArgumentException("Every taster has the same samples, two at least.", nameof(rows));
        }

        var ranks = rows.Select(Ranks.Of).ToList();
        var (n, k) = (rows.Count, rows[0].Count);
        var sums = Enumerable.Range(0, k).Select(j => ranks.Sum(row => row[j])).ToArray();
        var spread = Spread(sums, n);
        var ties = ranks.Sum(Ranks.Ties);
        var room = 1 - (ties / (n * ((double)k * k * k - k)));
        var statistic = room <= 1e-12 ? 0 : 12 * spread / (n * k * (k + 1.0)) / room;
        return room <= 1e-12 ? new Friedman(sums, 0, 1, true)
            : Exact(ranks, spread) is { } exact ? new Friedman(sums, statistic, exact, true)
            : new Friedman(sums, statistic, 1 - ChiSquared.CDF(k - 1, statistic), false);
    }

    // The sum of squares of how far the sums are from their mean: what the statistic grows with.
    private static double Spread(double[] sums, int n)
    {
        var mean = n * (sums.Length + 1) / 2.0;
        return sums.Sum(sum => (sum - mean) * (sum - mean));
    }

    // Every taster's ranks in every order, which are all as likely where there is nothing to be told: sums are added
    // taster by taster. Which sample has which sum does not matter to the statistic, so that sums are kept in order.
    private static double? Exact(List<double[]> ranks, double spread)
    {
        var k = ranks[0].Length;
        if (k > 5)
        {
            return null;
        }

        var states = new Dictionary<Sums, double> { [new Sums(new int[k])] = 1 };
        foreach (var row in ranks)
        {
            // Level ranks end in a half.
            var orders = Permutations([.. row.Select(rank => (int)Math.Round(rank * 2))]).ToList();
            var next = new Dictionary<Sums, double>();
            foreach (var (state, weight) in states)
            {
                foreach (var order in orders)
                {
                    var sum = state.Plus(order);
                    next[sum] = next.GetValueOrDefault(sum) + (weight / orders.Count);
                }
            }

            if (next.Count * orders.Count > MostStates)
            {
                return null;
            }

            states = next;
        }

        return Math.Min(
            1,
            states
                .Where(state =>
                    Spread([.. state.Key.Values.Select(value => value / 2.0)], ranks.Count) >= spread - 1e-6
                )
                .Sum(state => state.Value)
        );
    }

    private static IEnumerable<int[]> Permutations(int[] of)
    {
        if (of.Length <= 1)
        {
            yield return of;
            yield break;
        }

        for (var i = 0; i < of.Length; i++)
        {
            foreach (var rest in Permutations([.. of.Take(i), .. of.Skip(i + 1)]))
            {
                yield return [of[i], .. rest];
            }
        }
    }

    private readonly struct Sums(int[] values) : IEquatable<Sums>
    {
        public int[] Values { get; } = values;

        public Sums Plus(int[] more)
        {
            var sum = new int[Values.Length];
            for (var i = 0; i < sum.Length; i++)
            {
                sum[i] = Values[i] + more[i];
            }

            Array.Sort(sum);
            return new Sums(sum);
        }

        public bool Equals(Sums other) => Values.AsSpan().SequenceEqual(other.Values);

        public override bool Equals(object? obj) => obj is Sums other && Equals(other);

        public override int GetHashCode()
        {
            var hash = default(HashCode);
            foreach (var value in Values)
            {
                hash.Add(value);
            }

            return hash.ToHashCode();
        }
    }
}
