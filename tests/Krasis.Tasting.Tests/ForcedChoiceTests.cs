using System.Numerics;
using CsCheck;
using Krasis.Core.Tests.Outside;
using Krasis.Tasting.Choosing;

namespace Krasis.Tasting.Tests;

public class ForcedChoiceTests
{
    // ISO 4120:2021, table A.1, 5 % (from memory; held against the exact sums below too).
    [Theory]
    [InlineData(6, 5)]
    [InlineData(7, 5)]
    [InlineData(8, 6)]
    [InlineData(9, 6)]
    [InlineData(10, 7)]
    [InlineData(12, 8)]
    [InlineData(15, 9)]
    [InlineData(18, 10)]
    [InlineData(20, 11)]
    [InlineData(24, 13)]
    [InlineData(30, 15)]
    [InlineData(36, 18)]
    [InlineData(42, 20)]
    [InlineData(48, 22)]
    [InlineData(60, 27)]
    public void A_triangle_needs_as_many_as_the_standard_s_table(int tasters, int right) =>
        Assert.Equal(right, ForcedChoice.LeastRight(ChoiceMethod.Triangle, tasters));

    // ISO 10399:2017, table A.1, 5 %, one-sided (from memory).
    [Theory]
    [InlineData(6, 6)]
    [InlineData(10, 9)]
    [InlineData(12, 10)]
    [InlineData(16, 12)]
    [InlineData(20, 15)]
    [InlineData(24, 17)]
    [InlineData(32, 22)]
    [InlineData(40, 26)]
    public void A_duo_trio_needs_as_many_as_the_standard_s_table(int tasters, int right) =>
        Assert.Equal(right, ForcedChoice.LeastRight(ChoiceMethod.DuoTrio, tasters));

    // ISO 5495:2005, table A.2, 5 %, two-sided (from memory).
    [Theory]
    [InlineData(6, 6)]
    [InlineData(10, 9)]
    [InlineData(12, 10)]
    [InlineData(20, 15)]
    [InlineData(24, 18)]
    [InlineData(30, 21)]
    [InlineData(40, 27)]
    public void Which_of_two_needs_as_many_as_the_standard_s_table(int tasters, int choices) =>
        Assert.Equal(choices, ForcedChoice.LeastRight(ChoiceMethod.Preference, tasters));

    [Theory]
    [InlineData(2)]
    [InlineData(1)]
    [InlineData(0)]
    public void So_few_cannot_give_a_result(int tasters) =>
        Assert.All(ChoiceMethod.All, method => Assert.Null(ForcedChoice.LeastRight(method, tasters)));

    [Fact]
    public void Every_least_number_is_that_of_the_whole_numbers_counted_out()
    {
        for (var tasters = 6; tasters <= 60; tasters++)
        {
            Assert.Equal(LeastByCounting(tasters, 1, 3, 20), ForcedChoice.LeastRight(ChoiceMethod.Triangle, tasters));
            Assert.Equal(LeastByCounting(tasters, 1, 2, 20), ForcedChoice.LeastRight(ChoiceMethod.DuoTrio, tasters));
            Assert.Equal(LeastByCounting(tasters, 1, 2, 40), ForcedChoice.LeastRight(ChoiceMethod.Preference, tasters));
        }
    }

    [Theory]
    [InlineData(24, 12)]
    [InlineData(24, 13)]
    public void A_result_begins_at_the_least_number(int tasters, int right) =>
        Assert.Equal(right >= 13, ForcedChoice.Probability(ChoiceMethod.Triangle, tasters, right) <= 0.05);

    [Fact]
    public void Power_is_what_simulated_tasters_give() =>
        Gen.Select(Gen.Int[6, 40], Gen.Double[0.1, 0.9])
            .Seeded()
            .Sample(
                (tasters, share) =>
                {
                    const int Runs = 4000;
                    var random = new Random((tasters * 1000) + (int)(share * 1000));
                    foreach (var method in ChoiceMethod.All)
                    {
                        var found = Enumerable
                            .Range(0, Runs)
                            .Count(_ =>
                            {
                                var right = Enumerable
                                    .Range(0, tasters)
                                    .Count(_ =>
                                        method.IsTwoSided
                                            ? random.NextDouble() < share
                                            : random.NextDouble() < share || random.NextDouble() < method.Chance
                                    );
                                return ForcedChoice.Probability(method, tasters, right) <= 0.05;
                            });

                        // Five standard errors of a share of 4,000.
                        Assert.InRange(
                            found / (double)Runs,
                            ForcedChoice.Power(method, tasters, share) - 0.04,
                            ForcedChoice.Power(method, tasters, share) + 0.04
                        );
                    }
                },
                iter: 12
            );

    [Fact]
    public void With_the_fewest_tasters_the_power_is_reached_and_with_one_less_it_is_not() =>
        Gen.Double[0.3, 0.9]
            .Seeded()
            .Sample(
                share =>
                {
                    foreach (var method in ChoiceMethod.All)
                    {
                        if (ForcedChoice.TastersFor(method, share) is { } fewest)
                        {
                            Assert.True(ForcedChoice.Power(method, fewest, share) >= 0.8);
                            Assert.True(ForcedChoice.Power(method, fewest - 1, share) < 0.8);
                        }
                    }
                },
                iter: 30
            );

    // Clopper and Pearson's interval is where either tail of the binomial is a fortieth: summed here, not asked of a
    // library.
    [Theory]
    [InlineData(24, 13)]
    [InlineData(12, 0)]
    [InlineData(12, 12)]
    [InlineData(40, 5)]
    public void An_interval_ends_where_a_tail_is_a_fortieth(int of, int counted)
    {
        var (low, high) = ForcedChoice.Interval(of, counted);
        if (counted > 0)
        {
            Assert.Equal(0.025, Enumerable.Range(counted, of - counted + 1).Sum(k => Pmf(of, low, k)), 9);
        }

        if (counted < of)
        {
            Assert.Equal(0.025, Enumerable.Range(0, counted + 1).Sum(k => Pmf(of, high, k)), 9);
        }
    }

    // A result, and a share of guests above nothing, are the same thing.
    [Fact]
    public void The_interval_agrees_with_the_test()
    {
        foreach (var tasters in new[] { 6, 12, 24, 40 })
        {
            var least = ForcedChoice.LeastRight(ChoiceMethod.Triangle, tasters)!.Value;
            Assert.True(ForcedChoice.WhoCanTell(ChoiceMethod.Triangle, tasters, least).Low > 0);
            Assert.Equal(0, ForcedChoice.WhoCanTell(ChoiceMethod.Triangle, tasters, least - 1).Low);
        }
    }

    [Fact]
    public void Who_guesses_cannot_tell()
    {
        var (low, high) = ForcedChoice.WhoCanTell(ChoiceMethod.Triangle, 24, 8);
        Assert.Equal(0, low);
        Assert.InRange(high, 0.2, 0.4);
    }

    private static double Pmf(int n, double p, int k) => (double)Choose(n, k) * Math.Pow(p, k) * Math.Pow(1 - p, n - k);

    // P(X ≥ x) ≤ 1/level with whole numbers alone: level · Σ C(n,k)·a^k·(b−a)^(n−k) ≤ b^n.
    private static int? LeastByCounting(int n, int a, int b, int level)
    {
        for (var x = 0; x <= n; x++)
        {
            var tail = Enumerable
                .Range(x, n - x + 1)
                .Aggregate(BigInteger.Zero, (sum, k) =>
                    sum + (Choose(n, k) * BigInteger.Pow(a, k) * BigInteger.Pow(b - a, n - k))
                );
            if (tail * level <= BigInteger.Pow(b, n))
            {
                return x;
            }
        }

        return null;
    }

    private static BigInteger Choose(int n, int k) =>
        Enumerable.Range(1, k).Aggregate(BigInteger.One, (sum, i) => sum * (n - k + i) / i);
}
