using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Speaking;
using static Krasis.Core.Tests.Speaking.SpokenBar;

namespace Krasis.Core.Tests.Speaking;

public class SpeakingTests
{
    [Theory]
    [InlineData("3 strokes", 3, "stroke")]
    [InlineData("two shots", 2, "shot")]
    [InlineData("18 g", 18, "g")]
    [InlineData("1.5 fl oz", 1.5, "us-fl-oz")]
    [InlineData("2 imp fl oz", 2, "imp-fl-oz")]
    [InlineData("2 tbsp", 2, "us-tbsp")]
    [InlineData("1 1/2 tsp", 1.5, "us-tsp")]
    [InlineData("half a cup", 0.5, "us-cup")]
    [InlineData("¾ cup", 0.75, "us-cup")]
    [InlineData("2 scoops", 2, "scoop")]
    [InlineData("6 cubes", 6, "cube")]
    [InlineData("half an oz", 0.5, "oz")]
    public void What_a_barista_would_say_is_read(string text, double amount, string measure)
    {
        var plain = Assert.IsType<SpokenAmount.Plain>(Read(text).Value);

        Assert.Equal((amount, measure), (plain.Quantity.Amount, plain.Quantity.Measure.Code));
        Assert.Null(plain.AlsoSaid);
    }

    [Theory]
    [InlineData("to 62 mm", 62)]
    [InlineData("fill to 6.2 cm", 62)]
    [InlineData("up to 62,5 mm", 62.5)]
    public void A_height_is_read(string text, double mm) =>
        Assert.Equal(
            mm,
            Assert.IsType<Mark.Height>(Assert.IsType<SpokenAmount.FillTo>(Read(text).Value).Mark).Value.Value,
            1e-9
        );

    [Theory]
    [InlineData("to the second line", 2, null)]
    [InlineData("to line 2", 2, null)]
    [InlineData("to the line", 1, null)]
    [InlineData("to the milk line", null, "milk")]
    public void A_printed_line_is_read(string text, int? number, string? label) =>
        Assert.Equal(new SpokenAmount.FillTo(new Mark.Line(number, label)), Read(text).Value);

    [Theory]
    [InlineData("1:6", 6)]
    [InlineData("1 : 4.5", 4.5)]
    public void A_ratio_is_read(string text, double parts) =>
        Assert.Equal(new SpokenAmount.Ratio(parts), Read(text).Value);

    [Theory]
    [InlineData("2 strokes = 50 ml")]
    [InlineData("2 strokes or 50 ml")]
    [InlineData("2 strokes (50 ml)")]
    public void Two_that_contradict_each_other_are_objected_to(string text)
    {
        // "2 pumps or 50 ml" on a pump of 7.5 ml (common practice, no source).
        var said = Read(text).Value;

        Assert.Equal(
            "2 strokes are not 50 ml at this bar: they are 15 ml.",
            AmountInPlace.Objection(said, FullBar.Ingredient("syrup"), SpokenBar.Bar)
        );
        Assert.Null(
            AmountInPlace.Objection(Read("2 strokes = 15 ml").Value, FullBar.Ingredient("syrup"), SpokenBar.Bar)
        );
        Assert.Null(
            AmountInPlace.Objection(Read("2 strokes = 16 ml").Value, FullBar.Ingredient("syrup"), SpokenBar.Bar)
        );
    }

    [Theory]
    [InlineData("to the moon")]
    [InlineData("to 9999 mm")]
    [InlineData("to -5 mm")]
    [InlineData("1:0")]
    [InlineData("1:1000")]
    [InlineData("2 strokes = many")]
    [InlineData("= 5 ml")]
    [InlineData("NaN ml")]
    [InlineData("")]
    public void What_is_not_understood_is_told(string text)
    {
        var problem = Read(text).Problems[0];

        Assert.Equal("text", problem.Field);
        Assert.NotEmpty(problem.Accepted);
    }

    [Fact]
    public void Any_text_is_read_or_refused_and_never_worse() =>
        Gen.String.Seeded().Sample(text => Read(text) is { IsRead: true } or { Problems.Count: > 0 });

    [Fact]
    public void What_cannot_be_in_that_cup_is_told()
    {
        Assert.Contains(
            "only 100 mm high",
            Resolve("to 120 mm", "m", "milk").Problems[0].Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "already stands",
            Resolve("to 5 mm", "m", "milk").Problems[0].Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "no coffee",
            AmountInPlace
                .Resolve(
                    Read("1:6").Value,
                    Build(TestBar.Build(TestBar.Line("milk", 100, "ml"))),
                    SpokenBar.Bar,
                    new("m"),
                    new("milk")
                )
                .Problems[0]
                .Message,
            StringComparison.Ordinal
        );
    }

    // 20 shots are 360 g, 100 strokes 750 ml.
    [Theory]
    [InlineData(
        "to the brim",
        "l",
        "espresso",
        "No amount of Espresso fills Large to the brim. | a quantity, such as 180 ml"
    )]
    [InlineData(
        "to 5 mm",
        "m",
        "milk",
        "What goes in before already stands 12.8 mm high in Middle. | a mark above that"
    )]
    [InlineData(
        "to 5 mm",
        "m",
        "ice",
        "What goes in before already stands 50.3 mm high in Middle. | a mark above that"
    )]
    [InlineData(
        "to the ninth line",
        "m",
        "milk",
        "Middle has no such printed line. | line 1 (espresso), line 2 (milk)"
    )]
    [InlineData("1:6", "m", "espresso", "")]
    [InlineData("to 62 mm", "none", "milk", "size none: The build has no such size or line. | one of the build's own")]
    [InlineData("to 62 mm", "m", "none", "line none: The build has no such size or line. | one of the build's own")]
    public void What_cannot_be_is_said_whole(string text, string size, string line, string said)
    {
        var drink = Build(
            TestBar.Build(
                TestBar.Line("syrup", 2, "stroke"),
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("milk", 150, "ml"),
                TestBar.Line("ice", 0, "g")
            )
        );
        var problems = AmountInPlace.Resolve(Read(text).Value, drink, SpokenBar.Bar, new(size), new(line)).Problems;

        Assert.Equal(
            said,
            string.Concat(
                problems.Select(problem =>
                    $"{(problem.Field == "text" ? "" : $"{problem.Field} {problem.Value}: ")}{problem.Message} | {problem.Accepted}"
                )
            )
        );
    }

    [Theory]
    [InlineData("no-size", "milk", "size")]
    [InlineData("m", "no-line", "line")]
    public void A_size_or_line_that_the_build_has_not_is_told_by_its_field(string size, string line, string field) =>
        Assert.Equal(
            [field, field],
            [
                AmountInPlace
                    .ForSurface(Build(Latte), SpokenBar.Bar, new(size), new(line), Millimetres.From(50))
                    .Problems[0]
                    .Field,
                Resolve("to 62 mm", size, line).Problems[0].Field,
            ]
        );

    [Fact]
    public void Every_quantity_can_be_said_in_every_other_measure_and_back() =>
        Gen.Select(Gen.OneOfConst("syrup", "espresso", "milk", "ice", "cocoa"), Gen.Double[0.5, 15], Gen.Int[0, 100])
            .Seeded()
            .Sample(
                (id, amount, pick) =>
                {
                    var ingredient = FullBar.Ingredient(id);
                    var measures = Dosing.MeasuresFor(ingredient, SpokenBar.Bar);
                    var quantity = new Quantity(amount, measures[pick % measures.Count]);
                    return Equivalent
                        .Of(quantity, ingredient, SpokenBar.Bar)
                        .All(other =>
                            Math.Abs(
                                Dosing
                                    .Convert(
                                        new Quantity(other.Amount, Measure.Find(other.Measure)!),
                                        quantity.Measure,
                                        ingredient,
                                        SpokenBar.Bar,
                                        "text"
                                    )
                                    .Value.Amount - amount
                            )
                            < 1e-9 * Math.Max(1, amount)
                        );
                }
            );

    // Source: six strokes of 7.5 ml are about 3 US tbsp, about 1½ US fl oz (common practice, no source), within 2 %.
    [Fact]
    public void Six_strokes_are_three_tablespoons()
    {
        var said = Equivalent
            .Of(new Quantity(6, Measure.Stroke), FullBar.Ingredient("syrup"), SpokenBar.Bar)
            .ToDictionary(equivalent => equivalent.Measure, equivalent => equivalent.Amount);

        Assert.Equal(3, said["us-tbsp"], 0.06);
        Assert.Equal(1.5, said["us-fl-oz"], 0.03);
    }

    [Fact]
    public void A_scoop_is_no_stroke()
    {
        Assert.Contains(Measure.Scoop, Dosing.MeasuresFor(FullBar.Ingredient("cocoa"), SpokenBar.Bar));
        Assert.DoesNotContain(Measure.Stroke, Dosing.MeasuresFor(FullBar.Ingredient("cocoa"), SpokenBar.Bar));
        Assert.DoesNotContain(Measure.Scoop, Dosing.MeasuresFor(FullBar.Ingredient("syrup"), SpokenBar.Bar));
        Assert.Equal(
            10,
            Dosing.Mass(new Quantity(1, Measure.Scoop), FullBar.Ingredient("cocoa"), SpokenBar.Bar).Value,
            1e-9
        );
    }
}
