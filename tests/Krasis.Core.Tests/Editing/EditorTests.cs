using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Mends;

namespace Krasis.Core.Tests.Editing;

/// <summary>What is done on a sheet. Reckoned by hand at the test bar: its pump gives 7.5 ml of the syrup of 1.3 g/ml,
/// a shot is 18 g.</summary>
public class EditorTests
{
    private static readonly LineDocument Syrup = TestBar.Line("syrup", 4, "stroke", ("s", 2)) with
    {
        Scale = new ScaleDocument { By = "ladder", Ladder = [new() { Size = "l", Amount = 6 }] },
    };
    private static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");

    // 4, 2 and 6 strokes of 7.5 ml.
    [Fact]
    public void Another_measure_says_the_same_of_amounts_pins_and_rungs()
    {
        var line = Do(TestBar.Build(Syrup), new() { Measure = new("syrup", "ml") }).Build.Lines.Single();

        Assert.Equal(
            ("ml", 30.0, 15.0, 45.0),
            (line.Measure, line.Amount, line.Pins.Single().Amount, line.Scale!.Ladder.Single().Amount)
        );
        Assert.Equal(
            4,
            Do(TestBar.Build(line), new() { Measure = new("syrup", "stroke") }).Build.Lines.Single().Amount!.Value,
            1e-9
        );
    }

    // The light syrup stands in no pump: three strokes were 22.5 ml, and a jigger shows whole ones.
    [Fact]
    public void Another_ingredient_is_as_many_millilitres_and_what_is_not_kept_is_told()
    {
        var edited = Do(
            TestBar.Build(Syrup with { Amount = 3, Stated = "20 ml", Scale = null }),
            new() { Ingredient = new("syrup", "light") }
        );
        var line = edited.Build.Lines.Single();

        Assert.Equal(
            ("light", "ml", 23.0, 15.0, null),
            (line.Ingredient, line.Measure, line.Amount, line.Pins.Single().Amount, line.Stated)
        );
        Assert.Equal(
            [
                "3 strokes of Syrup were 22.5 ml; 23 ml of Light syrup are 23 ml.",
                "'20 ml' was said of Syrup, and is taken out.",
            ],
            edited.Said
        );
        Assert.Empty(Do(TestBar.Build(Milk), new() { Ingredient = new("milk", "oat") }).Said);
    }

    // A scoop of cocoa is 20 ml of 0.5 g/ml; what is weighed stays as many grams: 2 scoops are 20 g, and whip is
    // weighed.
    [Fact]
    public void What_is_weighed_stays_as_many_grams()
    {
        var edited = Do(TestBar.Build(TestBar.Line("cocoa", 2, "scoop")), new() { Ingredient = new("cocoa", "whip") });

        Assert.Equal(("g", 20.0), (edited.Build.Lines.Single().Measure, edited.Build.Lines.Single().Amount));
    }

    [Fact]
    public void Milk_that_becomes_no_milk_is_not_steamed()
    {
        var steamed = Milk with { Technique = "steam", Foam = "low" };

        Assert.Equal((null, null), Of(Do(TestBar.Build(steamed), new() { Ingredient = new("milk", "coffee") })));
        Assert.Equal(("steam", "low"), Of(Do(TestBar.Build(steamed), new() { Ingredient = new("milk", "oat") })));

        static (string?, string?) Of(Edited edited) =>
            (edited.Build.Lines.Single().Technique, edited.Build.Lines.Single().Foam);
    }

    // 100 strokes are the most: 760 ml would be 101.3 of them.
    [Theory]
    [InlineData(750, true)]
    [InlineData(760, false)]
    public void What_another_measure_does_not_take_is_refused(double amount, bool takes)
    {
        var read = Editor.Apply(
            TestBar.Build(TestBar.Line("syrup", amount, "ml")),
            new() { Measure = new("syrup", "stroke") },
            FullBar.Facts
        );

        Assert.Equal(takes, read.IsRead);
    }

    [Fact]
    public void Another_reference_is_set_to_what_it_shows()
    {
        var build = TestBar.Build(Milk, Syrup);
        var shown = FullBar.Mix(build);
        var now = Do(build, new() { Reference = "s" }).Build;

        Assert.Equal("s", now.ReferenceSize);
        Assert.Equal([shown.Cell("milk", "s").Amount, 2], now.Lines.Select(line => line.Amount!.Value));
        Assert.Empty(now.Lines[1].Pins);
        Assert.Equal(FullBar.Mix(now).Size("s").Fill.RoomLeft.Value, shown.Size("s").Fill.RoomLeft.Value, 1e-9);
    }

    // By amount in one size and to a mark in the others: that is still so when that size becomes the reference.
    [Fact]
    public void A_mark_stays_with_the_sizes_that_have_it()
    {
        var marked = TestBar.Line("water", 100, "ml", ("s", 60)) with { To = "to ½" };
        var build = TestBar.Build(TestBar.Line("espresso", 1, "shot"), marked);
        var now = Do(build, new() { Reference = "s" }).Build.Lines[1];

        Assert.Equal((60.0, null), (now.Amount, now.To));
        Assert.Equal(["m to ½", "l to ½"], now.Pins.Select(pin => $"{pin.Size} {pin.To}"));

        var pinned = TestBar.Line("water", 100, "ml") with
        {
            Pins =
            [
                new()
                {
                    Size = "s",
                    Amount = 10,
                    To = "to ½",
                },
            ],
        };
        Assert.Equal(
            ["Water was filled to ½ in Small; there it is an amount now."],
            Do(TestBar.Build(TestBar.Line("espresso", 1, "shot"), pinned), new() { Reference = "s" }).Said
        );
    }

    [Fact]
    public void What_was_said_of_a_cup_goes_with_it()
    {
        var build = TestBar.Build(Milk, Syrup) with
        {
            Prices = [new() { Size = "s", Price = 3 }, new() { Size = "l", Price = 4 }],
            Waivers =
            [
                new()
                {
                    Check = "overfull",
                    Size = "s",
                    Reason = "so",
                },
            ],
        };
        var now = Do(build, new() { Sizes = ["l"] }).Build;

        Assert.Equal(("l", "l", 6.0), (now.ReferenceSize, Assert.Single(now.Prices).Size, now.Lines[1].Amount));
        Assert.Empty(now.Lines[1].Pins);
        Assert.Empty(now.Waivers);
        Assert.True(BuildReader.Read(now, FullBar.Facts).IsRead);
    }

    [Fact]
    public void A_line_comes_moves_and_goes()
    {
        var build = Do(
            TestBar.Build(
                Milk,
                Syrup with
                {
                    Scale = new ScaleDocument { By = "share", Of = "milk" },
                }
            ),
            new() { Add = new("new", "cocoa") }
        ).Build;

        Assert.Equal(
            ("cocoa", "scoop", 0.0),
            (build.Lines[2].Ingredient, build.Lines[2].Measure, build.Lines[2].Amount)
        );
        Assert.Equal(
            ["new", "milk", "syrup"],
            Do(build, new() { Before = new("new", "milk") }).Build.Lines.Select(line => line.Id)
        );
        Assert.Equal(
            ["syrup", "new", "milk"],
            Do(build, new() { Before = new("milk", null) }).Build.Lines.Select(line => line.Id)
        );
        var left = Do(build, new() { Remove = "milk" });
        Assert.Equal(["syrup", "new"], left.Build.Lines.Select(line => line.Id));
        Assert.Equal(["Syrup was a share of Milk; it follows the build's school now."], left.Said);
        Assert.True(BuildReader.Read(left.Build, FullBar.Facts, nameless: true).IsRead);
    }

    [Theory]
    [InlineData("3 pumps", 3)]
    [InlineData("1 pump", 1)]
    [InlineData("half", 2)]
    [InlineData("double", 8)]
    [InlineData("Twice as much", 8)]
    [InlineData("single", 1)]
    [InlineData("half a stroke", 0.5)]
    [InlineData("15 ml", 2)]
    public void What_is_said_at_a_bar_is_understood(string text, double strokes) =>
        Assert.Equal(strokes, Type(TestBar.Build(Syrup, Milk), "syrup", "m", text).Build.Lines[0].Amount!.Value, 1e-9);

    // In shots a double is two of them, whatever stood there; of another size, half is half of what that size shows.
    [Fact]
    public void Shots_are_counted_and_half_is_of_the_size_it_is_said_in()
    {
        var build = TestBar.Build(TestBar.Line("espresso", 3, "shot"), Syrup);

        foreach (
            var (text, shots) in new Dictionary<string, double>
            {
                ["single"] = 1,
                ["double"] = 2,
                ["triple"] = 3,
                ["half"] = 1.5,
            }
        )
        {
            Assert.Equal(shots, Type(build, "espresso", "m", text).Build.Lines[0].Amount);
        }

        Assert.Equal(1, Type(build, "syrup", "s", "half").Build.Lines[1].Pins.Single().Amount);
    }

    [Theory]
    [InlineData("fill")]
    [InlineData("fill up")]
    [InlineData("top it up")]
    [InlineData("to the top")]
    public void Filled_up_is_to_the_top(string text) =>
        Assert.Equal("to the top", Type(TestBar.Build(Milk), "milk", "m", text).Build.Lines[0].To);

    // Two strokes are 15 ml at this bar.
    [Fact]
    public void What_is_said_twice_is_kept_twice_and_compared()
    {
        var build = TestBar.Build(Syrup with { Scale = null }, Milk);
        var agreed = Type(build, "syrup", "m", "2 pumps = 15 ml");
        Assert.Equal((2.0, "15 ml"), (agreed.Build.Lines[0].Amount, agreed.Build.Lines[0].Stated));
        Assert.Empty(agreed.Said);
        Assert.DoesNotContain(FullBar.Mix(agreed.Build).Findings, finding => finding.Check == "stated-pair");

        var contrary = Type(agreed.Build, "syrup", "l", "3 pumps = 40 ml");
        Assert.Equal(["3 strokes are not 40 ml at this bar: they are 22.5 ml."], contrary.Said);
        Assert.Equal(("40 ml", 3.0), (contrary.Build.Lines[0].Pins[1].Stated, contrary.Build.Lines[0].Pins[1].Amount));
        Assert.Equal(
            ["Large: 3 strokes of Syrup are said to be 40 ml, but at this bar they are 22.5 ml."],
            Found(contrary.Build, "stated-pair")
        );

        var inMl = Type(Do(build, new() { Measure = new("syrup", "ml") }).Build, "syrup", "m", "2 pumps = 16 ml");
        Assert.Equal((16.0, "2 strokes"), (inMl.Build.Lines[0].Amount, inMl.Build.Lines[0].Stated));
    }

    // 14 ml and 16 ml for two strokes are each within a tenth of 15, and 12.5 % apart; 14 and 15.5 are 9.7 %.
    [Theory]
    [InlineData(
        "2 strokes = 16 ml",
        "Large: 2 strokes of Syrup are said to be 16 ml, but in Middle 2 strokes are said to be 14 ml."
    )]
    [InlineData("2 strokes = 15.5 ml", null)]
    public void Two_statements_are_compared_with_each_other(string second, string? message)
    {
        var build = Type(
            Type(TestBar.Build(Syrup with { Scale = null, Pins = [] }, Milk), "syrup", "m", "2 strokes = 14 ml").Build,
            "syrup",
            "l",
            second
        ).Build;

        Assert.Equal(message is null ? [] : [message], Found(build, "stated-pair"));
    }

    // 12.5 ml to 100 ml of milk is usual: 25 ml. Two fluid ounces are 59 ml, a tablespoon half of that; 1 oz of 28.35 g
    // is 22.7 ml.
    [Theory]
    [InlineData(
        "2 fl oz",
        "2 US fl oz of Dark sauce is 29.6 ml to 100 ml of milk, where 12.5 ml is usual. Were tablespoons meant? 2 US tbsp is 37 g."
    )]
    [InlineData(
        "2 oz",
        "2 oz of Dark sauce is 22.7 ml to 100 ml of milk, where 12.5 ml is usual. Were tablespoons meant? 2 US tbsp is 37 g."
    )]
    [InlineData("1 fl oz", null)]
    [InlineData("60 ml", null)]
    public void Ounces_are_asked_about_whatever_the_line_is_measured_in(string text, string? question)
    {
        var build = TestBar.Build(Milk, TestBar.Line("sauce", 30, "g"));

        Assert.Equal(question is null ? [] : [question], Type(build, "sauce", "m", text).Said);
    }

    // 2 oz on a line of ounces: two tablespoons are 29.5735 ml of 1.25 g/ml, 36.97 g.
    [Fact]
    public void The_mend_of_ounces_is_tablespoons_to_the_gram()
    {
        var build = TestBar.Build(Milk, TestBar.Line("sauce", 2, "oz")) with { Sizes = ["m"] };
        var mend = FullBar.Mix(build).Findings.Single(finding => finding.Check == "ounces-for-tablespoons").Mend!;

        Assert.Equal(
            36.967,
            FullBar.Mix(BuildEdits.Apply(build, mend, FullBar.Facts)).Cell("sauce", "m").Mass.Value,
            1e-3
        );
    }

    [Theory]
    [InlineData(
        "milk",
        "ml",
        207.01,
        "Middle: 207.01 ml of Milk cannot be poured as exactly; this bar goes by steps of 5 ml."
    )]
    [InlineData("milk", "ml", 205, null)]
    [InlineData(
        "syrup",
        "stroke",
        2.5,
        "Middle: 2.5 strokes of Syrup cannot be poured; this bar gives whole strokes only."
    )]
    [InlineData("milk", "ml", 0, null)]
    public void What_the_bar_cannot_pour_is_found_at_the_reference_too(
        string ingredient,
        string measure,
        double amount,
        string? message
    )
    {
        var build = TestBar.Build(TestBar.Line(ingredient, amount, measure)) with { Sizes = ["m"] };

        Assert.Equal(message is null ? [] : [message], Found(build, "not-pourable"));
    }

    [Fact]
    public void A_line_at_nothing_is_found()
    {
        var build = TestBar.Build(Milk, TestBar.Line("syrup", 0, "stroke")) with { Sizes = ["m"] };
        var finding = FullBar.Mix(build).Findings.Single(finding => finding.Check == "nothing-of-it");

        Assert.Equal("Middle: no Syrup goes in. Say how much, or take the line out.", finding.Message);
        Assert.Equal(["milk"], BuildEdits.Apply(build, finding.Mend!, FullBar.Facts).Lines.Select(line => line.Id));
        Assert.Empty(
            Found(TestBar.Build(Milk, TestBar.Line("syrup", 1, "stroke")) with { Sizes = ["m"] }, "nothing-of-it")
        );
    }

    [Fact]
    public void What_cannot_be_read_stays_out_and_the_rest_is_taken()
    {
        var edited = Do(
            TestBar.Build(Milk, Syrup),
            new() { Typed = [new("milk", "m", "lots"), new("syrup", "m", "3"), new("milk", "l", "300")] }
        );

        var trouble = Assert.Single(edited.Troubles);
        Assert.Equal(("milk", "m", "lots"), (trouble.Line, trouble.Size, trouble.Text));
        Assert.StartsWith("'lots' is not a quantity.", trouble.Message, StringComparison.Ordinal);
        Assert.Equal(
            (200.0, 300.0, 3.0),
            (edited.Build.Lines[0].Amount, edited.Build.Lines[0].Pins.Single().Amount, edited.Build.Lines[1].Amount)
        );
    }

    // Poured to the nearest five; a height of 62 mm in 4 ml a millimetre is 248 ml.
    [Fact]
    public void A_finger_pours_what_the_bar_pours()
    {
        var build = TestBar.Build(Milk);

        Assert.Equal(
            185,
            Do(build, new() { Near = new CellEdit(new LineId("milk"), new("m"), 183) }).Build.Lines[0].Amount
        );
        Assert.Equal(250, Do(build, new() { Surface = new("milk", "m", 62) }).Build.Lines[0].Amount);
        Assert.False(Editor.Apply(build, new() { Surface = new("milk", "m", 101) }, FullBar.Facts).IsRead);
    }

    [Fact]
    public void What_is_not_there_is_refused()
    {
        foreach (
            var edit in new EditDocument[]
            {
                new(),
                new() { Remove = "no" },
                new() { Measure = new("milk", "hogshead") },
                new() { Measure = new("milk", "shot") },
                new() { Ingredient = new("milk", "no") },
                new() { Reference = "no" },
                new() { Add = new("x", "no") },
            }
        )
        {
            Assert.False(Editor.Apply(TestBar.Build(Milk), edit, FullBar.Facts).IsRead);
        }
    }

    private static Edited Type(BuildDocument build, string line, string size, string text)
    {
        var edited = Do(build, new() { Typed = [new(line, size, text)] });
        Assert.Empty(edited.Troubles);
        return edited;
    }

    private static Edited Do(BuildDocument build, EditDocument edit)
    {
        var read = Editor.Apply(build, edit, FullBar.Facts);
        Assert.True(read.IsRead, read.IsRead ? "" : read.Problems[0].Message);
        return read.Value;
    }

    private static IEnumerable<string> Found(BuildDocument build, string check) =>
        FullBar.Mix(build).Findings.Where(finding => finding.Check == check).Select(finding => finding.Message);
}
