using CsCheck;
using Krasis.Core.Tests.Outside;
using Krasis.Tasting.Ranking;
using MathNet.Numerics.Distributions;

namespace Krasis.Tasting.Tests;

public class RankingTests
{
    // Hollander and Wolfe, Nonparametric Statistical Methods, example 7.1: rounding first base, 22 players and three
    // ways of running; S = 11.1 with ties (from memory).
    private static readonly double[][] FirstBase =
    [
        [5.40, 5.50, 5.55],
        [5.85, 5.70, 5.75],
        [5.20, 5.60, 5.50],
        [5.55, 5.50, 5.40],
        [5.90, 5.85, 5.70],
        [5.45, 5.55, 5.60],
        [5.40, 5.40, 5.35],
        [5.45, 5.50, 5.35],
        [5.25, 5.15, 5.00],
        [5.85, 5.80, 5.70],
        [5.25, 5.20, 5.10],
        [5.65, 5.55, 5.45],
        [5.60, 5.35, 5.45],
        [5.05, 5.00, 4.95],
        [5.50, 5.50, 5.40],
        [5.45, 5.55, 5.50],
        [5.55, 5.55, 5.35],
        [5.45, 5.50, 5.55],
        [5.50, 5.45, 5.25],
        [5.65, 5.60, 5.40],
        [5.70, 5.65, 5.55],
        [6.30, 6.30, 6.25],
    ];

    [Fact]
    public void A_textbook_s_example_comes_out_as_in_the_book()
    {
        var test = Friedman.Of(FirstBase);
        Assert.Equal([53, 47, 32], test.RankSums);
        Assert.Equal(11.1, test.Statistic, 1);

        // Counted out in full, which is near what chi-squared says of so many.
        Assert.True(test.IsExact);
        Assert.InRange(test.Probability, 0.001, 1.5 * (1 - ChiSquared.CDF(2, test.Statistic)));
    }

    // Friedman's exact distribution for 3 samples (Hollander and Wolfe, table A.22; from memory): of 4 tasters S ≥ 6.5
    // has 0.042 and S = 8 has 0.005; of 3, S = 6 has 0.028.
    [Theory]
    [InlineData(3, new[] { 1, 2, 3 }, 0.028)]
    [InlineData(4, new[] { 1, 2, 3 }, 0.005)]
    public void Whole_agreement_has_the_chance_of_the_table(int tasters, int[] row, double chance)
    {
        var test = Friedman.Of([
            .. Enumerable.Repeat((IReadOnlyList<double>)[.. row.Select(place => (double)place)], tasters),
        ]);
        Assert.Equal(2 * tasters, test.Statistic, 9);
        Assert.Equal(chance, test.Probability, 3);
    }

    [Fact]
    public void The_next_step_of_the_table_is_met_too() =>
        Assert.Equal(
            0.042,
            Friedman.Of([
                [1, 2, 3],
                [1, 2, 3],
                [1, 2, 3],
                [1, 3, 2],
            ])
                is { Statistic: 6.5 } test
                ? test.Probability
                : double.NaN,
            3
        );

    [Fact]
    public void Small_panels_are_counted_as_if_every_order_were_written_down() =>
        Gen.Select(Gen.Int[2, 4], Gen.Int[2, 4], Gen.Int[0, 100_000])
            .Where((tasters, samples, _) => tasters * samples <= 12)
            .Seeded()
            .Sample(
                (tasters, samples, seed) =>
                {
                    var random = new Random(seed);
                    var rows = Enumerable
                        .Range(0, tasters)
                        .Select(_ =>
                            (IReadOnlyList<double>)[.. Enumerable.Range(0, samples).Select(_ => (double)random.Next(3))]
                        )
                        .ToList();
                    var test = Friedman.Of(rows);
                    var ranks = rows.ConvertAll(Ranks.Of);
                    var orders = ranks.ConvertAll(row => Orders([.. row]).ToList());
                    var (count, all) = (0, 0);
                    foreach (var outcome in Product(orders))
                    {
                        all++;
                        count += Spread(outcome) >= Spread(ranks) - 1e-9 ? 1 : 0;
                    }

                    Assert.True(test.IsExact);
                    Assert.Equal(test.Statistic == 0 ? 1 : count / (double)all, test.Probability, 9);
                },
                iter: 60
            );

    [Fact]
    public void Of_many_tasters_and_samples_chi_squared_is_taken()
    {
        var random = new Random(5);
        var test = Friedman.Of([
            .. Enumerable
                .Range(0, 80)
                .Select(_ => (IReadOnlyList<double>)[.. Enumerable.Range(0, 6).Select(_ => random.NextDouble())]),
        ]);
        Assert.False(test.IsExact);
        Assert.Equal(1 - ChiSquared.CDF(5, test.Statistic), test.Probability, 12);
    }

    [Fact]
    public void Whoever_puts_everything_level_says_nothing()
    {
        var test = Friedman.Of([
            [4, 4, 4],
            [7, 7, 7],
        ]);
        Assert.Equal((0, 1), (test.Statistic, test.Probability));
    }

    // ISO 8587, formula (5): z·√(j·p·(p+1)/6), 1.96 at 5 %.
    [Theory]
    [InlineData(24, 3, 13.58)]
    [InlineData(10, 4, 11.32)]
    [InlineData(7, 5, 11.60)]
    public void The_least_difference_of_two_sums_is_the_standard_s(int tasters, int samples, double difference) =>
        Assert.Equal(difference, RankSums.LeastDifference(tasters, samples), 2);

    [Fact]
    public void Pairs_are_held_to_one_level_together()
    {
        var pairs = RankSums.Pairs([10, 20, 30], 10);
        Assert.Equal(3, pairs.Count);

        // z = 10/√20 = 2.236 and 20/√20 = 4.472: 0.0253 each, twice in three, and 7.7e-6 three times.
        Assert.Equal(
            3 * 2 * (1 - Normal.CDF(0, 1, 20 / Math.Sqrt(20))),
            pairs.Single(pair => pair is { First: 0, Second: 2 }).Probability,
            12
        );
        Assert.Equal(
            2 * 2 * (1 - Normal.CDF(0, 1, 10 / Math.Sqrt(20))),
            pairs.Single(pair => pair is { First: 0, Second: 1 }).Probability,
            12
        );
    }

    // Holm 1979, his own way through: 0.01 0.04 0.03 0.005 → 0.03 0.06 0.06 0.02 (as R's p.adjust documents it; from
    // memory).
    [Fact]
    public void Holm_goes_down_step_by_step()
    {
        double[] expected = [0.03, 0.06, 0.06, 0.02];
        Assert.All(expected.Zip(Holm.Adjust([0.01, 0.04, 0.03, 0.005])), pair =>
            Assert.Equal(pair.First, pair.Second, 12)
        );
    }

    private static double Spread(IReadOnlyList<double[]> rows) =>
        Enumerable.Range(0, rows[0].Length).Sum(j => Math.Pow(rows.Sum(row => row[j]), 2));

    private static IEnumerable<double[]> Orders(double[] of) =>
        of.Length <= 1
            ? [of]
            : Enumerable
                .Range(0, of.Length)
                .SelectMany(i => Orders([.. of.Take(i), .. of.Skip(i + 1)]).Select(rest => (double[])[of[i], .. rest]));

    private static IEnumerable<double[][]> Product(List<List<double[]>> of) =>
        of.Count == 0
            ?
            [
                [],
            ]
            : of[0].SelectMany(first => Product(of[1..]).Select(rest => (double[][])[first, .. rest]));
}
