using Krasis.Core.Bar;
using Krasis.Core.Bar.House;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Speaking;

public class BesideTests
{
    // Source: GNU units, 100 ml in US and imperial fluid ounces.
    [Theory]
    [InlineData(DisplayUnits.Metric, null, "100 ml · 103 g")]
    [InlineData(DisplayUnits.Us, "usfloz", "{0} fl oz · 103 g")]
    [InlineData(DisplayUnits.Imperial, "brfloz", "{0} fl oz · 103 g")]
    public void A_cell_says_it_in_the_units_of_the_house(DisplayUnits units, string? ounce, string says)
    {
        var ounces = ounce is null
            ? ""
            : GnuUnits.Convert("100 ml", ounce).ToString("0.##", System.Globalization.CultureInfo.InvariantCulture);
        Assert.Equal(
            string.Format(System.Globalization.CultureInfo.InvariantCulture, says, ounces),
            Beside.Say(Millilitres.From(100), Grams.From(103), units)
        );
    }

    [Fact]
    public void Little_is_said_to_a_tenth() =>
        Assert.Equal("7.5 ml · 9.8 g", Beside.Say(Millilitres.From(7.5), Grams.From(9.75), DisplayUnits.Metric));
}
