using Krasis.Core.Working.Nutrition;

namespace Krasis.Core.Tests.Nutrition;

/// <summary>The rounding of the European Commission's guidance of December 2012, table 4 (from memory), at and beside
/// each border.</summary>
public class EuLabelTests
{
    [Theory]
    [InlineData(0, "0 g")]
    [InlineData(0.5, "< 0.5 g")]
    [InlineData(0.51, "0.5 g")]
    [InlineData(9.94, "9.9 g")]
    [InlineData(1.65, "1.7 g")]
    [InlineData(10, "10 g")]
    [InlineData(10.5, "11 g")]
    public void Grams_of_fat_carbohydrate_sugars_and_protein(double grams, string label) =>
        Assert.Equal(label, EuLabelRounding.Grams(grams));

    [Theory]
    [InlineData(0, "0 g")]
    [InlineData(0.1, "< 0.1 g")]
    [InlineData(0.11, "0.1 g")]
    [InlineData(9.94, "9.9 g")]
    [InlineData(10.4, "10 g")]
    public void Grams_of_saturates(double grams, string label) => Assert.Equal(label, EuLabelRounding.Saturates(grams));

    [Theory]
    [InlineData(0, "0 g")]
    [InlineData(0.0125, "< 0.01 g")]
    [InlineData(0.013, "0.01 g")]
    [InlineData(0.994, "0.99 g")]
    [InlineData(1.04, "1 g")]
    [InlineData(1.05, "1.1 g")]
    public void Grams_of_salt(double grams, string label) => Assert.Equal(label, EuLabelRounding.Salt(grams));

    // By hand: 19.5 g of syrup and 154.5 g of milk have 50.7 + 92.7 = 143.4 kcal, 600 kJ, and 12.675 + 7.725 = 20.4 g
    // of sugars.
    [Fact]
    public void A_whole_cup_is_rounded_and_what_is_unknown_is_left_open()
    {
        var size = FullBar
            .Mix(TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("milk", 150, "ml")))
            .Size("m");
        var label = size.Inside.Nutrition.EuPortion;

        Assert.Equal(
            ("600 kJ / 143 kcal", "20 g", "4.6 g", "0.15 g"),
            (label.Energy, label.Sugars, label.Fat, label.Salt)
        );
        Assert.Null(
            FullBar
                .Mix(TestBar.Build(TestBar.Line("milk", 100, "ml")), TestBar.Facts)
                .Size("m")
                .Inside.Nutrition.EuPortion.Fat
        );
    }
}
