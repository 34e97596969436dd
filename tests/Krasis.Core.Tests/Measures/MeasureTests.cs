using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Measures;

public class MeasureTests
{
    // Source of the expected values: GNU units 2.22, asked here.
    [Theory]
    [InlineData("us-fl-oz", "usfloz")]
    [InlineData("us-tbsp", "ustablespoon")]
    [InlineData("us-tsp", "usteaspoon")]
    [InlineData("us-cup", "uscup")]
    [InlineData("imp-fl-oz", "brfloz")]
    [InlineData("metric-cup", "metriccup")]
    [InlineData("ml", "ml")]
    public void Volumes_agree_with_GNU_units(string code, string unit)
    {
        var expected = GnuUnits.Convert(unit, "ml");

        Assert.Equal(expected, Measure.Find(code)!.ToMillilitres(1).Value, expected * 1e-12);
    }

    [Theory]
    [InlineData("oz", "oz")]
    [InlineData("g", "g")]
    public void Masses_agree_with_GNU_units(string code, string unit)
    {
        var expected = GnuUnits.Convert(unit, "g");

        Assert.Equal(expected, Measure.Find(code)!.ToGrams(1).Value, expected * 1e-12);
    }

    // Metric spoons: common practice, no source; GNU units has no metric spoon of its own.
    [Theory]
    [InlineData("metric-tbsp", 15)]
    [InlineData("metric-tsp", 5)]
    public void Metric_spoons_are_what_kitchens_take_them_for(string code, double millilitres) =>
        Assert.Equal(millilitres, Measure.Find(code)!.ToMillilitres(1).Value);

    // Common practice, no source: six strokes of a quarter-ounce pump are about 3 US tbsp, about 1.5 US fl oz.
    [Theory]
    [InlineData("us-tbsp", 3)]
    [InlineData("us-fl-oz", 1.5)]
    public void Six_strokes_of_a_usual_pump_are_three_tablespoons(string code, double amount)
    {
        var strokes = 6 * 7.5;
        var said = Measure.Find(code)!.ToMillilitres(amount).Value;

        Assert.InRange(strokes / said, 0.98, 1.02);
    }

    [Fact]
    public void Every_measure_is_found_by_its_code_and_no_two_share_a_word()
    {
        Assert.All(Measure.All, measure => Assert.Same(measure, Measure.Find(measure.Code)));
        var words = Measure
            .All.SelectMany(measure => measure.Spoken.Select(word => word.ToUpperInvariant()).Distinct())
            .ToList();
        Assert.Equal(words.Count, words.Distinct().Count());
    }

    [Fact]
    public void A_mass_is_not_a_volume()
    {
        Assert.Throws<InvalidOperationException>(() => Measure.Gram.ToMillilitres(1));
        Assert.Throws<InvalidOperationException>(() => Measure.Stroke.ToMillilitres(1));
        Assert.Throws<InvalidOperationException>(() => Measure.Millilitre.ToGrams(1));
    }

    [Theory]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    [InlineData(double.NegativeInfinity)]
    public void No_measure_can_be_made_of_what_is_no_number(double value)
    {
        Assert.Throws<ArgumentOutOfRangeException>(() => Grams.From(value));
        Assert.Throws<ArgumentOutOfRangeException>(() => Millilitres.From(value));
        Assert.Throws<ArgumentOutOfRangeException>(() => Millimetres.From(value));
        Assert.Throws<ArgumentOutOfRangeException>(() => Celsius.From(value));
        Assert.Throws<ArgumentOutOfRangeException>(() => Density.From(value));
        Assert.Throws<ArgumentOutOfRangeException>(() => new Quantity(value, Measure.Gram));
    }

    [Fact]
    public void A_density_of_nothing_and_a_negative_quantity_cannot_be_made()
    {
        Assert.Throws<ArgumentOutOfRangeException>(() => Density.From(0));
        Assert.Throws<ArgumentOutOfRangeException>(() => new Quantity(-0.1, Measure.Gram));
    }

    [Fact]
    public void Minus_nothing_is_nothing()
    {
        var none = new Quantity(-0.0, Measure.Gram);

        Assert.False(double.IsNegative(none.Amount));
        Assert.Equal("0 g", none.ToString());
    }
}
