using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Judging.Checks.Room;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Comparing;

/// <summary>How two versions differ, in plain words; what the lead lets be; when a season changes the board.</summary>
public class BuildDiffTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml")
    ) with
    {
        Name = "Latte",
    };

    [Fact]
    public void What_is_the_same_has_no_differences() => Assert.Empty(Diff(Latte, Latte));

    [Fact]
    public void A_stroke_less_is_said_for_every_size()
    {
        var differences = Diff(
            Latte,
            Latte with
            {
                Lines = [TestBar.Line("syrup", 3, "stroke"), .. Latte.Lines.Skip(1)],
            }
        );

        Assert.Contains(new Difference("Middle, Syrup", "4 strokes", "3 strokes"), differences);
        Assert.Contains(new Difference("Large, Syrup", "6 strokes", "5 strokes"), differences);
        Assert.Contains(differences, difference => difference.Where == "Middle, sweetness");
        Assert.DoesNotContain(differences, difference => difference.Where == "Middle, Milk");
    }

    [Fact]
    public void What_is_changed_about_the_whole_is_said_first()
    {
        var changed = Latte with
        {
            Name = "Big latte",
            ReserveMm = 12,
            Sizes = ["m", "l"],
            Season = new() { From = "10-01", To = "02-28" },
            Lines =
            [
                Latte.Lines[1],
                Latte.Lines[0],
                Latte.Lines[2] with
                {
                    Technique = "steam",
                    Foam = "low",
                    Note = "Slowly.",
                },
            ],
        };
        var differences = Diff(Latte, changed);

        Assert.Equal(
            ["Name", "Sizes", "Reserve", "On the board", "Pour order", "Milk, how it goes in", "Milk, note"],
            differences.Take(7).Select(difference => difference.Where)
        );
        Assert.Contains(new Difference("Sizes", "Small, Middle, Large", "Middle, Large"), differences);
        Assert.Contains(new Difference("Pour order", "Syrup, Espresso, Milk", "Espresso, Syrup, Milk"), differences);
        Assert.Contains(new Difference("Milk, how it goes in", "poured in", "steamed, Low"), differences);
    }

    public static TheoryData<string, Func<BuildDocument, BuildDocument>, string, string> Said =>
        new()
        {
            { "Name", build => build with { Name = "Other" }, "Latte", "Other" },
            { "Served", build => build with { Serve = "iced" }, "hot", "iced" },
            { "Reference size", build => build with { ReferenceSize = "l" }, "Middle", "Large" },
            { "Other sizes follow", build => build with { School = "same-shot" }, "With the cup", "Same shot" },
            { "Reserve", build => build with { ReserveMm = 7.5 }, "0 mm", "7.5 mm" },
            {
                "On the board",
                build =>
                    build with
                    {
                        Season = new() { From = "05-01", To = "09-30" },
                    },
                "all year",
                "1 May to 30 September"
            },
            { "Prices", build => build with { Prices = [new() { Size = "m", Price = 3.5 }] }, "–", "Middle 3.50" },
            { "Tags", build => build with { Tags = ["new", "fair"] }, "–", "new, fair" },
            { "Claims", build => build with { Claims = ["noAddedSugar"] }, "–", "no added sugar" },
            { "Claims", build => build with { Claims = ["withoutMilk"] }, "–", "made without milk" },
            { "Colour as seen", build => build with { SeenColour = "#aa8866" }, "–", "#aa8866" },
            {
                "Variant of",
                build =>
                    build with
                    {
                        Parent = new() { Build = "p", How = "Iced" },
                    },
                "–",
                "Iced"
            },
            {
                "Let be",
                build =>
                    build with
                    {
                        Waivers =
                        [
                            new()
                            {
                                Check = "overfull",
                                Size = "m",
                                Reason = "A saucer.",
                            },
                        ],
                    },
                "–",
                "overfull in Middle: A saucer."
            },
            {
                "Espresso, recipe",
                build => Line(build, 1, line => line with { Recipe = "long" }),
                "the bar's first",
                "Long"
            },
            {
                "Milk, what it is",
                build => Line(build, 2, line => line with { Ingredient = "oat" }),
                "Milk",
                "Oat drink"
            },
            { "Milk, measure", build => Line(build, 2, line => line with { Measure = "g" }), "ml", "g" },
            { "Milk, filled", build => Line(build, 2, line => line with { To = "to 60 mm" }), "by amount", "to 60 mm" },
            {
                "Milk, how it goes in",
                build => Line(build, 2, line => line with { Technique = "steam", Foam = "low", FoamCapMm = 13 }),
                "poured in",
                "steamed, Low, 13 mm of foam"
            },
            {
                "Milk, how it goes in",
                build => Line(build, 2, line => line with { Technique = "cool", CooledCelsius = 9 }),
                "poured in",
                "cooled first, cooled over ice, to 9 °C"
            },
            {
                "Milk, how it goes in",
                build => Line(build, 2, line => line with { Technique = "cool", Cooling = "fridge" }),
                "poured in",
                "cooled first, cooled in the fridge"
            },
            {
                "Syrup, how it scales",
                build => Line(build, 0, line => line with { Scale = new() { By = "fixed" } }),
                "as the build",
                "the same in every size"
            },
            { "Milk, how it scales", build => Line(build, 2, line => line with { Measure = "g", Scale = new()
                            {
                                By = "share",
                                Of = "espresso",
                            } }), "as the build", "a share of Espresso" },
            { "Syrup, how it scales", build => Line(build, 0, line => line with { Scale = new()
                            {
                                By = "ladder",
                                Ladder = [new() { Size = "s", Amount = 3 }, new() { Size = "l", Amount = 5 }],
                            } }), "as the build", "one step a size (Small 3, Large 5)" },
            {
                "Milk, set by hand",
                build =>
                    Line(build, 2, line =>
                        line with
                        {
                            Pins = [new() { Size = "l", Amount = 260 }, new() { Size = "s", To = "to 50 mm" }],
                        }
                    ),
                "–",
                "Large 260, Small to 50 mm"
            },
            { "Milk, said again as", build => Line(build, 2, line => line with { Stated = "200 ml" }), "–", "200 ml" },
            { "Milk, note", build => Line(build, 2, line => line with { Note = "Slowly." }), "–", "Slowly." },
        };

    [Theory]
    [MemberData(nameof(Said))]
    public void Each_change_is_said_in_words(
        string where,
        Func<BuildDocument, BuildDocument> change,
        string before,
        string after
    )
    {
        var changed = change(Latte);

        Assert.Contains(new Difference(where, before, after), Diff(Latte, changed));
        Assert.Contains(
            new Difference(where, after, before),
            Diff(changed, Latte)
                .Select(difference =>
                    where.EndsWith("what it is", StringComparison.Ordinal)
                        ? difference with
                        {
                            Where = where,
                        }
                        : difference
                )
        );
    }

    [Fact]
    public void What_is_gone_from_the_bar_is_said_to_be_gone()
    {
        // Worked out with the bar as it was, and told with a bar that has neither the recipe nor the foam level any
        // more.
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Foams = [.. FullBar.Document.Foams.Where(foam => foam.Id != "low")],
            }
        );
        var changed = Line(Line(Latte, 1, line => line with { Recipe = "long" }), 2, line =>
            line with
            {
                Technique = "steam",
                Foam = "low",
            }
        );
        var differences = BuildDiff.Between(Latte, Mix(Latte), changed, Mix(changed), bar);

        Assert.Contains(new Difference("Espresso, recipe", "the bar's first", "a recipe that is gone"), differences);
        Assert.Contains(
            new Difference("Milk, how it goes in", "poured in", "steamed, a foam level that is gone"),
            differences
        );
    }

    [Fact]
    public void A_line_that_comes_or_goes_is_said_once()
    {
        var without = Latte with { Lines = [.. Latte.Lines.Skip(1)] };
        Assert.Equal(
            new Difference("Syrup", "in it", "not in it"),
            Assert.Single(Diff(Latte, without), difference => difference.Where == "Syrup")
        );
        Assert.Equal(
            new Difference("Syrup", "not in it", "in it"),
            Assert.Single(Diff(without, Latte), difference => difference.Where == "Syrup")
        );
    }

    [Fact]
    public void The_same_strokes_of_another_pump_differ_by_their_grams()
    {
        var bigger = FullBar.Read(
            FullBar.Document with
            {
                Dispensers = [FullBar.Document.Dispensers[0] with { StrokeMl = 10 }, FullBar.Document.Dispensers[1]],
            }
        );
        var differences = BuildDiff.Between(Latte, FullBar.Mix(Latte), Latte, FullBar.Mix(Latte, bigger), bigger);

        // By hand: 4 · 7.5 · 1.3 = 39 g and 4 · 10 · 1.3 = 52 g.
        Assert.Contains(new Difference("Middle, Syrup", "4 strokes of 39 g", "4 strokes of 52 g"), differences);
    }

    [Fact]
    public void A_finding_that_is_let_be_keeps_its_reason_and_goes_to_the_end()
    {
        var full = TestBar.Build(TestBar.Line("milk", 398, "ml"), TestBar.Line("syrup", 2, "stroke")) with
        {
            Name = "Full",
            Sizes = ["m"],
        };
        var finding = FullBar.Mix(full).Findings.First(finding => finding.Check == new Overfull().Name);
        Assert.Null(finding.Waived);

        var waived = full with
        {
            Waivers =
            [
                new()
                {
                    Check = new Overfull().Name,
                    Size = "m",
                    Line = finding.Line?.Value,
                    Reason = "A saucer under it.",
                },
            ],
        };
        var findings = FullBar.Mix(waived).Findings;
        Assert.Equal("A saucer under it.", findings.Single(finding => finding.Check == new Overfull().Name).Waived);
        Assert.True(findings[^1].Waived is not null);

        // It lets be that one and no other.
        Assert.Null(
            FullBar
                .Mix(
                    full with
                    {
                        Waivers =
                        [
                            new()
                            {
                                Check = new Overfull().Name,
                                Size = "l",
                                Reason = "x",
                            },
                        ],
                    }
                )
                .Findings.First(finding => finding.Check == new Overfull().Name)
                .Waived
        );
        Assert.Equal(
            "waivers[0].reason",
            Assert
                .Single(
                    BuildReader
                        .Read(full with { Waivers = [new() { Check = "overfull", Size = "m" }] }, FullBar.Facts)
                        .Problems
                )
                .Field
        );
    }

    [Theory]
    [InlineData("05-01", "09-30", "2026-11-25", false, "2027-05-01")]
    [InlineData("05-01", "09-30", "2026-09-30", true, "2026-10-01")]
    [InlineData("11-01", "02-28", "2026-12-31", true, "2027-03-01")]
    [InlineData("11-01", "02-28", "2026-10-31", false, "2026-11-01")]
    public void A_season_says_when_the_board_changes_next(string from, string to, string today, bool isOn, string on)
    {
        var season = new Season(MonthDay.Read(from)!.Value, MonthDay.Read(to)!.Value);
        var day = BoardDay.Next(season, DateOnly.Parse(today, System.Globalization.CultureInfo.InvariantCulture))!;

        Assert.Equal((isOn, DateOnly.Parse(on, System.Globalization.CultureInfo.InvariantCulture)), (day.IsOn, day.On));
        Assert.Equal(
            day.On,
            DateOnly.Parse(today, System.Globalization.CultureInfo.InvariantCulture).AddDays(day.InDays)
        );
    }

    [Fact]
    public void A_season_of_the_whole_year_never_changes_the_board() =>
        Assert.Null(
            BoardDay.Next(
                new Season(MonthDay.Read("01-01")!.Value, MonthDay.Read("12-31")!.Value),
                new DateOnly(2026, 11, 25)
            )
        );

    private static readonly BarFacts Bar = FullBar.Read(
        FullBar.Document with
        {
            Espresso =
            [
                .. FullBar.Document.Espresso,
                FullBar.Document.Espresso[0] with
                {
                    Id = "long",
                    Name = "Long",
                    YieldGrams = 50,
                },
            ],
        }
    );

    private static BuildDocument Line(BuildDocument build, int at, Func<LineDocument, LineDocument> change) =>
        build with
        {
            Lines = [.. build.Lines.Select((line, i) => i == at ? change(line) : line)],
        };

    private static BuildSheet Mix(BuildDocument build) => FullBar.Mix(build, Bar);

    private static IReadOnlyList<Difference> Diff(BuildDocument before, BuildDocument after) =>
        BuildDiff.Between(before, Mix(before), after, Mix(after), Bar);
}
