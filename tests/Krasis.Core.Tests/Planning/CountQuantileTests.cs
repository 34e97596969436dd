using CsCheck;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Tests.Outside;
using MathNet.Numerics.Distributions;

namespace Krasis.Core.Tests.Planning;

/// <summary>How many are enough, against the distributions of MathNet.Numerics.</summary>
public class CountQuantileTests
{
    [Fact]
    public void Of_a_Poisson_count_it_is_the_least_that_holds_with_the_probability() =>
        Gen.Select(Gen.Double[0.01, 2000], Gen.Double[0.5, 0.999])
            .Seeded()
            .Sample(
                (mean, p) =>
                {
                    var (law, n) = (new Poisson(mean), CountQuantile.Of(mean, mean, p));
                    Assert.True(law.CumulativeDistribution(n) >= p - 1e-9, $"{mean} {p}: {n}");
                    Assert.True(n == 0 || law.CumulativeDistribution(n - 1) < p + 1e-9, $"{mean} {p}: {n}");
                },
                iter: 2000,
                threads: 1
            );

    [Fact]
    public void Of_a_wider_one_it_goes_by_the_negative_binomial_of_that_mean_and_variance() =>
        Gen.Select(Gen.Double[0.05, 500], Gen.Double[1.05, 8], Gen.Double[0.5, 0.999])
            .Seeded()
            .Sample(
                (mean, dispersion, p) =>
                {
                    var law = new NegativeBinomial(mean / (dispersion - 1), 1 / dispersion);
                    var n = CountQuantile.Of(mean, mean * dispersion, p);
                    Assert.Equal(mean, law.Mean, 1e-6 * mean);
                    Assert.True(law.CumulativeDistribution(n) >= p - 1e-8, $"{mean} {dispersion} {p}: {n}");
                    Assert.True(
                        n == 0 || law.CumulativeDistribution(n - 1) < p + 1e-8,
                        $"{mean} {dispersion} {p}: {n}"
                    );
                },
                iter: 2000,
                threads: 1
            );

    [Theory]
    [InlineData(0, 0.9, 0)]
    [InlineData(1e6, 0.9, 1_001_282)]
    public void Nothing_needs_nothing_and_a_million_is_counted_too(double mean, double p, long expected) =>
        Assert.InRange(CountQuantile.Of(mean, mean, p), expected - 1, expected + 1);

    [Fact]
    public void A_count_too_wide_to_be_summed_up_is_taken_as_normal()
    {
        var n = CountQuantile.Of(1e6, 1e9, 0.9);
        Assert.Equal(
            new MathNet.Numerics.Distributions.Normal(1e6, Math.Sqrt(1e9)).InverseCumulativeDistribution(0.9),
            n,
            40.0
        );
    }

    [Fact]
    public void Where_every_cup_takes_the_same_the_amount_that_lasts_is_so_many_cups() =>
        Gen.Select(Gen.Double[0.5, 200], Gen.Double[1, 60])
            .Seeded()
            .Sample(
                (cups, grams) =>
                {
                    var need = NeedMoments.Of(grams, new Expected(default, default, cups, cups, true));
                    Assert.Equal(grams * CountQuantile.Of(cups, cups, 0.9), need.Lasting(0.9), 1e-6 * grams * cups);
                },
                iter: 500,
                threads: 1
            );

    [Theory]
    [InlineData(3, 10, 5, 20)]
    [InlineData(12, 7, 30, 15)]
    [InlineData(40, 15, 40, 45)]
    public void Where_cups_take_different_amounts_it_is_within_a_portion_of_what_every_outcome_counted_out_says(
        double one,
        double a,
        double other,
        double b
    )
    {
        var need =
            NeedMoments.Of(a, new Expected(default, default, one, one, true))
            + NeedMoments.Of(b, new Expected(default, default, other, other, true));
        var outcomes = (
            from i in Enumerable.Range(0, 120)
            from j in Enumerable.Range(0, 120)
            select ((i * a) + (j * b), Poisson.PMF(one, i) * Poisson.PMF(other, j))
        ).OrderBy(outcome => outcome.Item1);
        var (sum, exact) = (0.0, 0.0);
        foreach (var (grams, probability) in outcomes)
        {
            sum += probability;
            exact = grams;
            if (sum >= 0.9)
            {
                break;
            }
        }

        Assert.Equal(exact, need.Lasting(0.9), Math.Max(a, b));
    }
}
