using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Tests.Checks;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Builds;

/// <summary>The house's flavour standard, and the lines that follow it. That a house says its strokes by sort of
/// flavour and cup, such as a thick cocoa once and a syrup three times, is common practice, no source; the numbers here
/// are invented.</summary>
public class HouseStrokesTests
{
    private const string Check = "unlike-the-house";
    private static readonly DateOnly Day = new(2026, 5, 1);
    private static readonly BarFacts Bar = House(("s", 1), ("m", 2), ("l", 4));
    private static readonly LineDocument Line = HouseStrokes.Follow(TestBar.Line("syrup", 9, "stroke"));
    private static readonly BuildDocument Latte = TestBar.Build(Line, TestBar.Line("milk", 100, "ml"));

    [Fact]
    public void Every_size_gets_what_the_house_has_said_the_reference_with_them() =>
        Assert.Equal([1, 2, 4], Strokes(Latte, Bar));

    [Fact]
    public void A_house_that_changes_its_mind_moves_what_follows_it()
    {
        Assert.Equal([2, 3, 4], Strokes(Latte, House(("s", 2), ("m", 3), ("l", 4))));
        var moved = Effect
            .Of([("a", Latte with { Name = "Latte" })], _ => false, Bar, House(("s", 2), ("m", 2), ("l", 4)), Day)
            .Moved.Single();
        Assert.Equal(
            ("Small", "1 stroke", "2 strokes"),
            (moved.Sizes.Single().Name, moved.Sizes.Single().Moves[0].Before, moved.Sizes.Single().Moves[0].After)
        );
    }

    [Fact]
    public void What_the_house_has_not_said_goes_with_the_cup_and_that_is_told()
    {
        // By hand: 2 strokes in 400 ml are 1 in 200 and 3 in 600.
        var half = House(("m", 2));
        Assert.Equal([1, 2, 3], Strokes(Latte, half));
        Assert.Equal(
            [
                "Small: the house has not said how much syrup goes into this cup, so that Syrup goes with the cup.",
                "Large: the house has not said how much syrup goes into this cup, so that Syrup goes with the cup.",
            ],
            FullBar
                .Mix(Latte, half)
                .Findings.Where(finding => finding.Check == Check)
                .Select(finding => finding.Message)
        );

        // And where it has said nothing at all, what stands in the line.
        Assert.Equal([5, 9, 14], Strokes(Latte, FullBar.Facts));
    }

    [Fact]
    public void What_is_said_by_hand_of_any_size_stands_and_the_others_go_on_following()
    {
        var reference = BuildEdits.Apply(Latte, new(new("syrup"), new("m"), 3));
        Assert.Equal([1, 3, 4], Strokes(reference, Bar));
        Assert.Equal([2, 2, 4], Strokes(BuildEdits.Apply(Latte, new(new("syrup"), new("s"), 2)), Bar));

        var told = FullBar.Mix(reference, Bar).Findings.Single(finding => finding.Check == Check);
        Assert.Equal(
            "Middle: 3 strokes of Syrup, and the house pours 2 strokes of a syrup into this cup.",
            told.Message
        );
        Assert.Equal([1, 2, 4], Strokes(BuildEdits.Apply(reference, told.Mend!, Bar), Bar));
    }

    [Fact]
    public void What_differs_is_told_with_the_way_to_follow_and_what_does_not_is_not()
    {
        var own = TestBar.Build(
            TestBar.Line("syrup", 3, "stroke", ("s", 1), ("l", 4)),
            TestBar.Line("milk", 100, "ml")
        ) with
        {
            Name = "Own",
        };
        var told = FullBar.Mix(own, Bar).Findings.Single(finding => finding.Check == Check);
        Assert.Equal([1, 2, 4], Strokes(BuildEdits.Apply(own, told.Mend!, Bar), Bar));
        Findings.Silent(own with { Lines = [own.Lines[0] with { Amount = 2 }, own.Lines[1]] }, Check, Bar);
        Findings.Silent(own, Check);

        // Listed are the builds that differ, and no others; what cannot be read is left out.
        var listed = HouseDifferences
            .Of(
                [("a", own), ("b", Latte with { Name = "Follows" }), ("c", new BuildDocument { Name = "Broken" })],
                Bar,
                Day
            )
            .Single();
        Assert.Equal(("a", "Own"), (listed.Build, listed.Name));
        Assert.Equal([told.Message], listed.Says);
    }

    [Theory]
    [InlineData("syrup", "ml")]
    [InlineData("milk", "ml")]
    [InlineData("espresso", "shot")]
    public void Only_flavours_in_strokes_can_follow(string ingredient, string measure)
    {
        var problem = BuildReader
            .Read(TestBar.Build(HouseStrokes.Follow(TestBar.Line(ingredient, 1, measure))), Bar)
            .Problems.Single();
        Assert.Equal("lines[0].scale.by", problem.Field);
        Assert.Contains("cannot go by the house's flavour standard", problem.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Another_measure_or_syrup_keeps_what_is_poured_and_follows_no_more()
    {
        foreach (
            var edit in new EditDocument[]
            {
                new() { Measure = new("syrup", "ml") },
                new() { Ingredient = new("syrup", "light") },
            }
        )
        {
            var edited = Editor.Apply(Latte, edit, Bar).Value.Build;
            Assert.False(HouseStrokes.Follows(edited.Lines[0]));

            // By hand: strokes of 7.5 ml; a syrup without a pump is weighed out to the gram, or measured to the ml.
            Assert.All(FullBar.Mix(edited, Bar).Sizes.Zip([7.5, 15, 30]), size =>
                Assert.Equal(size.Second, size.First.Lines[0].Volume.Value, 0.51)
            );
        }
    }

    [Fact]
    public void Less_sweet_and_other_cups_go_from_what_the_house_pours()
    {
        // Half of one stroke is no stroke: all three are weighed, 10 g a stroke.
        Assert.Equal(
            [5, 10, 20],
            Strokes(Transformer.LessSweet(Latte with { Name = "Latte" }, 50, Bar).Value.Build, Bar)
        );
        Assert.Equal([1, 2, 4], Strokes(SizeEdits(Latte, "l"), Bar));
    }

    [Fact]
    public void A_standard_is_adjusted_to_the_strokes_of_its_day()
    {
        var adjusted = Adjuster.PourAsBefore(Latte, Bar, House(("s", 3), ("m", 3), ("l", 3)));
        Assert.Equal([1, 2, 4], Strokes(adjusted, House(("s", 3), ("m", 3), ("l", 3))));
        Assert.Equal(Latte.Lines, Adjuster.PourAsBefore(Latte, Bar, Bar).Lines);
    }

    [Fact]
    public void A_new_build_follows_where_the_house_has_said_it_for_all_its_cups()
    {
        var follows = Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("s"), new("m"), new("l")], Bar).Value.Build;
        Assert.True(HouseStrokes.Follows(follows.Lines.Single(line => line.Ingredient == "syrup")));
        Assert.False(
            HouseStrokes.Follows(
                Skeleton
                    .Propose(DrinkBase.Espresso, Serve.Hot, [new("s"), new("m")], House(("m", 2)))
                    .Value.Build.Lines.Single(line => line.Ingredient == "syrup")
            )
        );
    }

    [Theory]
    [InlineData("syrup", 51.0, "flavours.syrup.m")]
    [InlineData("syrup", -1.0, "flavours.syrup.m")]
    [InlineData("syrup", 0.0013, "flavours.syrup.m")]
    [InlineData("milk", 1.0, "flavours")]
    public void What_no_house_can_mean_is_told(string kind, double strokes, string field)
    {
        var house = FullBar.Document.House! with
        {
            Flavours = new Dictionary<string, IReadOnlyDictionary<string, double?>?>
            {
                [kind] = new Dictionary<string, double?>
                {
                    ["m"] = strokes * (kind == "syrup" && strokes > 0 ? 1000 : 1),
                },
            },
        };
        Assert.Contains(BarReader.Read(FullBar.Document with { House = house }).Problems, problem =>
            problem.Field == $"house.{field}"
        );
    }

    [Fact]
    public void Written_out_it_pours_the_same() =>
        Gen.Select(Gen.Int[0, 8], Gen.Int[0, 8], Gen.Int[0, 8], Gen.Bool)
            .Seeded()
            .Sample(
                (s, m, l, own) =>
                {
                    var bar = House(("s", s), ("m", m), ("l", l));
                    var build = own ? BuildEdits.Apply(Latte, new(new("syrup"), new("m"), 5)) : Latte;
                    var written = build with
                    {
                        Lines = [HouseStrokes.SpellOut(build.Lines[0], build, bar), build.Lines[1]],
                    };
                    return Strokes(written, bar).SequenceEqual(Strokes(build, bar))
                        && !HouseStrokes.Follows(written.Lines[0]);
                }
            );

    private static BuildDocument SizeEdits(BuildDocument build, string reference) =>
        Editor.Apply(build, new EditDocument { Reference = reference }, Bar).Value.Build;

    private static IEnumerable<double> Strokes(BuildDocument build, BarFacts bar) =>
        FullBar.Mix(build, bar).Sizes.Select(size => size.Lines.Single(line => line.Line.Value == "syrup").Amount);

    private static BarFacts House(params (string Cup, double Strokes)[] said) =>
        FullBar.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House! with
                {
                    Flavours = new Dictionary<string, IReadOnlyDictionary<string, double?>?>
                    {
                        ["syrup"] = said.ToDictionary(entry => entry.Cup, entry => (double?)entry.Strokes),
                    },
                },
            }
        );
}
