using Krasis.Core.Making.Pouring;
using MathNet.Numerics.Statistics;

namespace Krasis.Core.Tests.Making.Pouring;

/// <summary>Where pulls went over to others.</summary>
public class MeanShiftTests
{
    // Welch's t, with MathNet's means and variances: each side by its own spread and its own number.
    [Theory]
    [InlineData(6, 14)]
    [InlineData(14, 6)]
    [InlineData(10, 10)]
    public void The_score_is_Welch_s_t_of_the_two_sides(int before, int after)
    {
        double[] left = [.. Enumerable.Range(0, before).Select(i => 25 + (i % 3))];
        double[] right = [.. Enumerable.Range(0, after).Select(i => 40 + (2 * (i % 4)))];
        var found = MeanShift.Find([.. left, .. right])!;

        Assert.Equal(before, found.At);
        Assert.Equal(left.Mean(), found.Before, 1e-9);
        Assert.Equal(right.Mean(), found.After, 1e-9);
        var error = Math.Sqrt((left.Variance() / before) + (right.Variance() / after));
        Assert.Equal((right.Mean() - left.Mean()) / error, found.Score, 1e-9);
    }

    [Fact]
    public void Six_values_on_a_side_tell_something_and_five_do_not()
    {
        Assert.NotNull(MeanShift.Find([1, 1, 1, 1, 1, 1, 5, 5, 5, 5, 5, 5]));
        Assert.Null(MeanShift.Find([1, 1, 1, 1, 1, 1, 5, 5, 5, 5, 5]));
        Assert.Null(MeanShift.Find(Enumerable.Repeat(3.0, 40).ToList()));
    }
}
