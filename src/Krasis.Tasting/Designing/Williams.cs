namespace Krasis.Tasting.Designing;

/// <summary>Orders of serving in which every sample stands in every place equally often, and comes straight after every
/// other equally often (Williams 1949).</summary>
public static class Williams
{
    /// <summary>The orders: as many as samples where their number is even, twice as many where it is odd.</summary>
    /// <example>4 samples: 0 1 3 2, 1 2 0 3, 2 3 1 0, 3 0 2 1.</example>
    /// <param name="samples">How many samples, 2 at least.</param>
    /// <exception cref="ArgumentOutOfRangeException">There are fewer than two.</exception>
    public static IReadOnlyList<IReadOnlyList<int>> Orders(int samples)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(samples, 2);

        // 0, 1, k−1, 2, k−2 …: the steps between neighbours are all different, so that turning it gives every pair
        // once.
        var first = Enumerable
            .Range(0, samples)
            .Select(i =>
                i == 0 ? 0
                : i % 2 == 1 ? (i + 1) / 2
                : samples - (i / 2)
            )
            .ToList();
        var square = Enumerable
            .Range(0, samples)
            .Select(by => (IReadOnlyList<int>)[.. first.Select(sample => (sample + by) % samples)])
            .ToList();
        return samples % 2 == 0
            ? square
            : [.. square, .. square.Select(order => (IReadOnlyList<int>)[.. order.Reverse()])];
    }
}
