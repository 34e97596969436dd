using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Stations;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Stations;

/// <summary>A bar and a kiosk with other pumps, another grinder and fewer cups.</summary>
public class StationTests
{
    private static readonly BarDocument Document = FullBar.Document with
    {
        Stations = [new() { Id = "bar", Name = "Bar" }, new() { Id = "kiosk", Name = "Kiosk" }],
        Cups = [.. FullBar.Document.Cups.Select(cup => cup.Id == "l" ? cup with { Stations = ["bar"] } : cup)],
        Dispensers =
        [
            .. FullBar.Document.Dispensers,
            new()
            {
                Id = "kp",
                Name = "Kiosk pump",
                Ingredient = "syrup",
                StrokeMl = 5,
                Station = "kiosk",
            },
        ],
        Espresso =
        [
            .. FullBar.Document.Espresso,
            FullBar.Document.Espresso[0] with
            {
                Id = "kd",
                Name = "Kiosk double",
                YieldGrams = 40,
                Station = "kiosk",
            },
        ],
    };

    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 2, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml")
    );

    [Fact]
    public void Each_station_has_its_own_pump_and_recipe()
    {
        var bar = FullBar.Read(Document);
        var kiosk = bar.At(bar.Stations[1]);

        Assert.Equal(7.5, bar.DispenserOf(new("syrup"))!.YieldPerStroke.Value);
        Assert.Equal(5, kiosk.DispenserOf(new("syrup"))!.YieldPerStroke.Value);
        Assert.Equal(
            (18.0, 20.0),
            (bar.EspressoOf(new("espresso"))!.PerShot.Value, kiosk.EspressoOf(new("espresso"))!.PerShot.Value)
        );
        // What serves every station serves the kiosk.
        Assert.Equal("scoop", kiosk.DispenserOf(new("cocoa"))!.Id);
    }

    [Fact]
    public void A_build_says_how_it_is_poured_there()
    {
        var kiosk = Assert.Single(Pour(Latte, Document));

        Assert.Equal(["Large"], kiosk.Elsewhere);
        Assert.Equal(["Small", "Middle"], kiosk.Sizes.Select(size => size.Name));
        var middle = kiosk.Sizes[1];
        // 2 strokes of 7.5 ml are 3 of 5; 36 g of espresso are 1.8 shots of 20 g, which pours 2; milk is milk.
        Assert.Equal(
            [(3.0, "strokes"), (2.0, "shots"), (200.0, "ml")],
            middle.Lines.Select(line => (line.Amount, line.Unit))
        );
        Assert.Equal(
            [(2.0, 19.5), (2.0, 36.0), (200.0, 206.0)],
            middle.Lines.Select(line => (line.SetAmount, Math.Round(line.SetMass.Value, 6)))
        );
        Assert.NotEqual(0, middle.Drift.Sweetness!.Value.Value);
    }

    [Fact]
    public void Where_a_pump_is_missing_it_is_weighed()
    {
        var without = Document with
        {
            Dispensers = [FullBar.Document.Dispensers[0] with { Station = "bar" }, FullBar.Document.Dispensers[1]],
        };
        var line = Pour(Latte, without)[0].Sizes[1].Lines[0];

        // 19.5 g, which the house's scale shows to a gram.
        Assert.Equal((20.0, "g"), (line.Amount, line.Unit));
    }

    [Fact]
    public void A_scoop_stands_in_for_a_pump_and_the_scale_for_anything_else()
    {
        // Cocoa is scooped at the bar and comes out of a pump at the kiosk: 20 ml are 10 g, two of 10 ml.
        var cocoa = TestBar.Build(TestBar.Line("cocoa", 1, "scoop"), TestBar.Line("milk", 200, "ml"));
        var pumped = Document with
        {
            Dispensers =
            [
                .. FullBar.Document.Dispensers.Select(one => one with { Station = "bar" }),
                new()
                {
                    Id = "kp",
                    Name = "Kiosk pump",
                    Ingredient = "cocoa",
                    StrokeMl = 10,
                    Station = "kiosk",
                },
            ],
        };
        Assert.Equal((2.0, "strokes"), Amount(cocoa, pumped));

        // Without a grinder there is no shot: 36 g, to the gram.
        var brewless = Document with { Espresso = [FullBar.Document.Espresso[0] with { Station = "bar" }] };
        Assert.Equal(
            (36.0, "g"),
            Amount(TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 200, "ml")), brewless)
        );

        static (double, string) Amount(BuildDocument build, BarDocument document) =>
            Pour(build, document)[0].Sizes[1].Lines[0] is var line ? (line.Amount, line.Unit) : default;
    }

    [Fact]
    public void A_station_without_the_reference_cup_or_without_any()
    {
        var small = Document with
        {
            Cups = [.. FullBar.Document.Cups.Select(cup => cup.Id == "s" ? cup : cup with { Stations = ["bar"] })],
        };
        var kiosk = Pour(Latte, small)[0];
        Assert.Equal(["Small"], kiosk.Sizes.Select(size => size.Name));
        Assert.Equal(["Middle", "Large"], kiosk.Elsewhere);
        Assert.Equal(100, kiosk.Sizes[0].Lines[2].Amount);

        var none = Pour(
            Latte,
            Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { Stations = ["bar"] })],
            }
        )[0];
        Assert.Empty(none.Sizes);
        Assert.Equal(["Small", "Middle", "Large"], none.Elsewhere);
    }

    [Fact]
    public void The_same_pumps_pour_the_same() =>
        Assert.All(
            Pour(
                Latte,
                Document with
                {
                    Dispensers = FullBar.Document.Dispensers,
                    Espresso = FullBar.Document.Espresso,
                }
            )[0].Sizes,
            size =>
                Assert.All(size.Lines, line => Assert.Equal((line.SetAmount, line.SetUnit), (line.Amount, line.Unit)))
        );

    [Fact]
    public void Rounding_to_another_pump_moves_by_at_most_half_a_stroke() =>
        Gen.Select(Gen.Double[2, 30], Gen.Int[1, 6])
            .Seeded()
            .Sample(
                (stroke, strokes) =>
                {
                    var document = Document with
                    {
                        Dispensers =
                        [
                            FullBar.Document.Dispensers[0],
                            new()
                            {
                                Id = "kp",
                                Name = "Kiosk pump",
                                Ingredient = "syrup",
                                StrokeMl = stroke,
                                Station = "kiosk",
                            },
                        ],
                    };
                    var latte = TestBar.Build(
                        TestBar.Line("syrup", strokes, "stroke"),
                        TestBar.Line("milk", 200, "ml")
                    );
                    return Pour(latte, document)[0]
                        .Sizes.All(size =>
                            Math.Abs(size.Lines[0].Mass.Value - size.Lines[0].SetMass.Value)
                            <= (stroke * 1.3 / 2) + 1e-9
                        );
                }
            );

    [Fact]
    public void A_bar_that_is_one_place_has_no_other_stations() => Assert.Empty(Pour(Latte, FullBar.Document));

    [Fact]
    public void Two_pumps_of_one_syrup_at_one_station_are_refused_and_at_two_they_are_not()
    {
        Assert.True(BarReader.Read(Document).IsRead);
        var twice = Document with
        {
            Dispensers =
            [
                .. Document.Dispensers,
                new DispenserDocument
                {
                    Id = "kp2",
                    Name = "Second",
                    Ingredient = "syrup",
                    StrokeMl = 6,
                    Station = "kiosk",
                },
            ],
        };
        Assert.Equal("dispensers[3].ingredient", Assert.Single(BarReader.Read(twice).Problems).Field);
    }

    [Fact]
    public void A_station_that_is_not_there_is_named()
    {
        Assert.Equal(
            "dispensers[2].station",
            Assert
                .Single(
                    BarReader
                        .Read(
                            Document with
                            {
                                Dispensers =
                                [
                                    .. FullBar.Document.Dispensers,
                                    Document.Dispensers[2] with
                                    {
                                        Station = "boat",
                                    },
                                ],
                            }
                        )
                        .Problems
                )
                .Field
        );
        Assert.Equal(
            "cups[0].stations",
            Assert
                .Single(
                    BarReader
                        .Read(
                            Document with
                            {
                                Cups = [Document.Cups[0] with { Stations = ["boat"] }, .. Document.Cups.Skip(1)],
                            }
                        )
                        .Problems
                )
                .Field
        );
    }

    private static IReadOnlyList<StationSheet> Pour(BuildDocument build, BarDocument document)
    {
        var bar = FullBar.Read(document);
        return StationPour.Everywhere(BuildReader.Read(build, bar).Value, bar);
    }
}
