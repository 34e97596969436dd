using Krasis.Core.Quantities;

namespace Krasis.Core.Tests.Measures;

/// <summary>Numbers as they stand in a sentence.</summary>
public class SayTests
{
    [Theory]
    [InlineData(-0.4, 0, "0")]
    [InlineData(-0.5, 0, "−1")]
    [InlineData(2.345, 1, "2.3")]
    [InlineData(2, 2, "2.00")]
    public void A_column_has_as_many_decimals_in_every_row(double value, int digits, string says) =>
        Assert.Equal(says, Say.Fixed(value, digits));

    [Theory]
    [InlineData(-0.04, "0", "0", "-0.04")]
    [InlineData(-0.06, "-0.1", "0", "-0.06")]
    [InlineData(-0.004, "0", "0", "0")]
    [InlineData(1.26, "1.3", "1", "1.26")]
    public void What_rounds_to_nothing_has_no_sign(double value, string toATenth, string whole, string fine) =>
        Assert.Equal((toATenth, whole, fine), (Say.Short(value), Say.Whole(value), Say.Fine(value)));
}
