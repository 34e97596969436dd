using Krasis.Core.Quantities;

namespace Krasis.Core.Tests.Measures;

public class QuantityTextTests
{
    [Theory]
    [InlineData("180", 180, "ml")]
    [InlineData("  180 ml ", 180, "ml")]
    [InlineData("1.5 fl oz", 1.5, "us-fl-oz")]
    [InlineData("1,5 fl oz", 1.5, "us-fl-oz")]
    [InlineData(".5 cup", 0.5, "us-cup")]
    [InlineData("3 strokes", 3, "stroke")]
    [InlineData("1 Stroke", 1, "stroke")]
    [InlineData("2shots", 2, "shot")]
    [InlineData("18g", 18, "g")]
    [InlineData("2 imp fl oz", 2, "imp-fl-oz")]
    [InlineData("1 metric tbsp", 1, "metric-tbsp")]
    [InlineData("0", 0, "ml")]
    [InlineData("-0", 0, "ml")]
    [InlineData("½ cup", 0.5, "us-cup")]
    [InlineData("1½ fl oz", 1.5, "us-fl-oz")]
    [InlineData("1 ½ fl oz", 1.5, "us-fl-oz")]
    [InlineData("1 1/2 fl oz", 1.5, "us-fl-oz")]
    [InlineData("3/4 cup", 0.75, "us-cup")]
    [InlineData("¾", 0.75, "ml")]
    [InlineData("half a cup", 0.5, "us-cup")]
    [InlineData("Half", 0.5, "ml")]
    [InlineData("a quarter of a cup", 0.25, "us-cup")]
    [InlineData("two shots", 2, "shot")]
    [InlineData("a stroke", 1, "stroke")]
    [InlineData("6 cubes", 6, "cube")]
    public void Reads_what_is_typed(string text, double amount, string measure)
    {
        var quantity = QuantityText.Read(text, Measure.Millilitre).Value;

        Assert.Equal(amount, quantity.Amount);
        Assert.Equal(measure, quantity.Measure.Code);
    }

    [Theory]
    [InlineData("", "Nothing is entered.")]
    [InlineData("   ", "Nothing is entered.")]
    [InlineData(null, "Nothing is entered.")]
    [InlineData("milk", "'milk' is not a quantity.")]
    [InlineData("NaN", "'NaN' is not a quantity.")]
    [InlineData("Infinity", "'Infinity' is not a quantity.")]
    [InlineData("1e9", "'1e9' is not a quantity.")]
    [InlineData("-5", "'-5' is less than nothing.")]
    [InlineData("−5 ml", "'−5 ml' is less than nothing.")]
    [InlineData("3 cubits", "'cubits' is not a measure this bar knows.")]
    [InlineData("1,500", "'1,500' could be 1500 or 1.500.")]
    [InlineData("99999", "'99999' is more than any cup takes.")]
    [InlineData("101 strokes", "'101 strokes' is more than any cup takes.")]
    [InlineData("12 12", "'12 12' is not a quantity.")]
    [InlineData("1/0", "'1/0' is not a quantity.")]
    [InlineData("0/0 ml", "'0/0 ml' is not a quantity.")]
    [InlineData("1/2/3", "'1/2/3' is not a quantity.")]
    [InlineData("half half", "'half' is not a measure this bar knows.")]
    public void Says_what_it_cannot_read(string? text, string message)
    {
        var problem = Assert.Single(QuantityText.Read(text, Measure.Millilitre).Problems);

        Assert.Equal(message, problem.Message);
        Assert.Equal("text", problem.Field);
        Assert.NotEmpty(problem.Accepted);
    }

    [Fact]
    public void A_number_of_thousands_of_digits_is_refused_and_not_repeated_in_full()
    {
        var problem = Assert.Single(QuantityText.Read(new string('9', 10_000), Measure.Gram).Problems);

        Assert.True(problem.Message.Length < 200);
        Assert.True(problem.Value!.Length < 200);
    }
}
