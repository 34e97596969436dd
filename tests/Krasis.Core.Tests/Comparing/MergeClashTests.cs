using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Comparing.MergeBuilds;

namespace Krasis.Core.Tests.Comparing;

/// <summary>What two people changed differently, told in words.</summary>
public class MergeClashTests
{
    [Fact]
    public void What_both_have_changed_stands_as_mine_and_is_told_by_name()
    {
        var merged = Merge(
            With(line =>
                line.Id == "syrup" ? line with { Amount = 3, Pins = [new() { Size = "s", Amount = 1 }] } : line
            ) with
            {
                Name = "Mine",
            },
            With(line =>
                line.Id == "syrup" ? line with { Amount = 5, Pins = [new() { Size = "s", Amount = 3 }] } : line
            ) with
            {
                Name = "Theirs",
            }
        );

        Assert.Equal(("Mine", 3), (merged.Build.Name, merged.Build.Lines[0].Amount));
        Assert.Equal(
            [
                new("Name", "Name", "Theirs", "Mine"),
                new("Lines/syrup/Amount", "Syrup, amount", "5 strokes", "3 strokes"),
                new("Lines/syrup/Pins/s", "Small, Syrup", "3 strokes", "1 stroke"),
            ],
            merged.Clashes
        );
    }

    public static TheoryData<
        string,
        Func<BuildDocument, BuildDocument>,
        Func<BuildDocument, BuildDocument>,
        string,
        string
    > Clashing =>
        new()
        {
            { "Reserve", build => build with { ReserveMm = 3 }, build => build with { ReserveMm = 5 }, "5 mm", "3 mm" },
            {
                "Reference size",
                build => build with { ReferenceSize = "s" },
                build => build with { ReferenceSize = "l" },
                "Large",
                "Small"
            },
            {
                "Other sizes follow",
                build => build with { School = "same-shot" },
                build => build with { School = "hold-the-ratio" },
                "Hold the ratio",
                "Same shot"
            },
            {
                "Served",
                build => build with { Serve = "iced" },
                build => build with { Serve = "shaken" },
                "shaken",
                "iced"
            },
            {
                "On the board",
                build =>
                    build with
                    {
                        Season = new() { From = "05-01", To = "09-30" },
                    },
                build =>
                    build with
                    {
                        Season = new() { From = "05-01", To = "10-31" },
                    },
                "1 May to 31 October",
                "1 May to 30 September"
            },
            {
                "Colour as seen",
                build => build with { SeenColour = "#aa8866" },
                build => build with { SeenColour = "#bb8866" },
                "#bb8866",
                "#aa8866"
            },
            {
                "Variant of",
                build =>
                    build with
                    {
                        Parent = new() { Build = "p", How = "Iced" },
                    },
                build =>
                    build with
                    {
                        Parent = new() { Build = "p", How = "Shaken" },
                    },
                "Shaken",
                "Iced"
            },
            {
                "Middle, price",
                build => build with { Prices = [new() { Size = "m", Price = 4.5 }] },
                build => build with { Prices = [new() { Size = "m", Price = 5 }] },
                "5.00",
                "4.50"
            },
            { "Let be: overfull", Letting("mine"), Letting("theirs"), "theirs", "mine" },
            {
                "Espresso, recipe",
                Line(1, line => line with { Recipe = "long" }),
                Line(1, line => line with { Recipe = "short" }),
                "Short",
                "Long"
            },
            {
                "Syrup, measure",
                Line(0, line => line with { Measure = "g" }),
                Line(0, line => line with { Measure = "ml" }),
                "ml",
                "g"
            },
            {
                "Milk, filled to",
                Line(2, line => line with { To = "to 60 mm" }),
                Line(2, line => line with { To = "to 50 mm" }),
                "to 50 mm",
                "to 60 mm"
            },
            {
                "Milk, how it goes in",
                Line(2, line => line with { Technique = "stir" }),
                Line(2, line => line with { Technique = "float" }),
                "poured slowly on top",
                "stirred in"
            },
            {
                "Milk, foam",
                Line(2, line => line with { Foam = "low" }),
                Line(2, line => line with { Foam = "high" }),
                "High",
                "Low"
            },
            {
                "Milk, foam on it",
                Line(2, line => line with { FoamCapMm = 10 }),
                Line(2, line => line with { FoamCapMm = 13 }),
                "13 mm",
                "10 mm"
            },
            {
                "Milk, cooled to",
                Line(2, line => line with { CooledCelsius = 10 }),
                Line(2, line => line with { CooledCelsius = 9 }),
                "9 °C",
                "10 °C"
            },
            {
                "Milk, said again as",
                Line(2, line => line with { Stated = "200 ml" }),
                Line(2, line => line with { Stated = "201 ml" }),
                "201 ml",
                "200 ml"
            },
            {
                "Milk, note",
                Line(2, line => line with { Note = "Mine." }),
                Line(2, line => line with { Note = "Theirs." }),
                "Theirs.",
                "Mine."
            },
            { "Milk, how it scales", Line(2, line => line with { Scale = new()
                        {
                            By = "share",
                            Of = "espresso",
                        } }), Line(2, line => line with { Scale = new() { By = "fixed" } }), "the same in every size", "a share of Espresso" },
            {
                "Large, Milk",
                Line(2, line => line with { Pins = [new() { Size = "l", To = "to 90 mm" }] }),
                Line(2, line => line with { Pins = [new() { Size = "l", Amount = 310 }] }),
                "310 ml",
                "to 90 mm"
            },
        };

    [Theory]
    [MemberData(nameof(Clashing))]
    public void Each_clash_is_told_in_words(
        string where,
        Func<BuildDocument, BuildDocument> mine,
        Func<BuildDocument, BuildDocument> theirs,
        string theirWords,
        string myWords
    )
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Espresso =
                [
                    .. FullBar.Document.Espresso,
                    FullBar.Document.Espresso[0] with
                    {
                        Id = "long",
                        Name = "Long",
                    },
                    FullBar.Document.Espresso[0] with
                    {
                        Id = "short",
                        Name = "Short",
                    },
                ],
            }
        );

        Assert.Equal([(where, theirWords, myWords)], Clashes(mine(Origin), theirs(Origin)));
        Assert.Equal([(where, myWords, theirWords)], Clashes(theirs(Origin), mine(Origin)));

        // Whichever is chosen, the merged build has it.
        var key = BuildMerge.Of(Origin, mine(Origin), theirs(Origin), bar).Clashes[0].Key;
        Assert.True(Same(mine(Origin), Chosen(MergeChoice.Mine)));
        Assert.True(Same(theirs(Origin), Chosen(MergeChoice.Theirs)));

        IEnumerable<(string, string, string)> Clashes(BuildDocument my, BuildDocument their) =>
            BuildMerge.Of(Origin, my, their, bar).Clashes.Select(clash => (clash.Where, clash.Theirs, clash.Mine));
        BuildDocument Chosen(MergeChoice choice) =>
            BuildMerge
                .Of(Origin, mine(Origin), theirs(Origin), bar, new Dictionary<string, MergeChoice> { [key] = choice })
                .Build;
    }

    [Fact]
    public void With_every_clash_answered_the_build_reads_and_a_key_is_never_used_twice() =>
        Gen.Select(Changed, Changed, Gen.Bool)
            .Seeded()
            .Sample(
                (mine, theirs, takeTheirs) =>
                {
                    var open = Merge(mine, theirs);
                    var choices = open.Clashes.ToDictionary(
                        clash => clash.Key,
                        _ => takeTheirs ? MergeChoice.Theirs : MergeChoice.Mine
                    );
                    var merged = BuildMerge.Of(Origin, mine, theirs, TestBar.Facts, choices);
                    return merged.Clashes.SequenceEqual(open.Clashes)
                        && BuildReader.Read(merged.Build, TestBar.Facts).IsRead;
                }
            );

    [Fact]
    public void Two_lines_of_one_ingredient_clash_each_on_its_own()
    {
        var twice = Origin with { Lines = [.. Origin.Lines, TestBar.Line("milk", 50, "ml") with { Id = "more" }] };
        var merged = BuildMerge.Of(
            twice,
            Amounts(220, 60),
            Amounts(230, 70),
            TestBar.Facts,
            new Dictionary<string, MergeChoice> { ["Lines/more/Amount"] = MergeChoice.Theirs }
        );

        Assert.Equal(["Lines/milk/Amount", "Lines/more/Amount"], merged.Clashes.Select(clash => clash.Key));
        Assert.Equal([220, 70], merged.Build.Lines.Skip(2).Select(line => line.Amount));

        BuildDocument Amounts(double milk, double more) =>
            twice with
            {
                Lines =
                [
                    .. twice.Lines.Select(line =>
                        line.Id == "milk" ? line with { Amount = milk }
                        : line.Id == "more" ? line with { Amount = more }
                        : line
                    ),
                ],
            };
    }

    private static Func<BuildDocument, BuildDocument> Line(int at, Func<LineDocument, LineDocument> change) =>
        build => build with { Lines = [.. build.Lines.Select((line, i) => i == at ? change(line) : line)] };

    private static Func<BuildDocument, BuildDocument> Letting(string reason) =>
        build =>
            build with
            {
                Waivers =
                [
                    new()
                    {
                        Check = "overfull",
                        Size = "m",
                        Reason = reason,
                    },
                ],
            };
}
