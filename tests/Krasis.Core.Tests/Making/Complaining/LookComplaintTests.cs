using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Making.Complaining;
using Krasis.Core.Making.Pouring;
using static Krasis.Core.Tests.Making.Complaining.ComplaintBar;

namespace Krasis.Core.Tests.Making.Complaining;

/// <summary>What may be behind a drink that looks wrong or runs over.</summary>
public class LookComplaintTests
{
    [Fact]
    public void Sauce_on_the_bottom() =>
        Leads(
            Complaint.SauceOnTheBottom,
            (
                Latte with
                {
                    Lines = [Line("sauce", 20, "g"), Line("milk", 200, "ml"), Line("espresso", 2, "shot")],
                },
                FullBar.Facts,
                [],
                "sauce-on-the-bottom"
            ),
            (
                Latte with
                {
                    Lines = [Line("cocoa", 20, "g"), Line("milk", 200, "ml")],
                    Serve = "iced",
                },
                FullBar.Facts,
                [],
                "powder-in-the-cold"
            ),
            (
                Latte with
                {
                    Lines = [Line("sauce", 20, "g"), Line("milk", 200, "ml") with { Technique = "stir" }],
                    Serve = "iced",
                },
                FullBar.Facts,
                [],
                "poured-on-cold"
            ),
            (
                Latte with
                {
                    Lines =
                    [
                        Line("sauce", 20, "g"),
                        Line("espresso", 2, "shot"),
                        Line("milk", 200, "ml") with
                        {
                            Technique = "steam",
                            Foam = "low",
                        },
                    ],
                },
                FullBar.Facts,
                [],
                "nobody-stirs"
            ),
            (
                Latte with
                {
                    Lines =
                    [
                        Line("sauce", 20, "g"),
                        Line("espresso", 2, "shot") with
                        {
                            Technique = "stir",
                        },
                        Line("milk", 200, "ml"),
                    ],
                },
                FullBar.Facts,
                [],
                "stir-longer"
            )
        );

    [Fact]
    public void Foam_that_drips() =>
        Leads(
            Complaint.FoamDripsThrough,
            (Capped("milk", "thin"), Thin(20), [], "foam-will-not-stand"),
            (
                Capped("milk", "cold"),
                FullBar.With("milk", milk => milk with { FoamsColdBelowCelsius = 1 }),
                [],
                "cold-foam-too-warm"
            ),
            (Capped("milk", "cold"), FullBar.Facts, [], "little-cream"),
            (Capped("cream", "thin"), Thin(20), [], "little-air"),
            (Capped("cream", "cold"), Thin(20), [], "pour-slower")
        );

    [Fact]
    public void Foam_that_stands_stiff() =>
        Leads(
            Complaint.FoamStandsStiff,
            (Capped("milk", "cold"), Foamed("cold", foam => foam with { OverrunPercent = 180 }), [], "much-air"),
            (Capped("cream", "thin"), Thin(20, fat: 36), [], "much-cream"),
            (Capped("cream", "thin"), Thin(20), [], "stood-too-long")
        );

    [Fact]
    public void Layers_that_ran_together() =>
        Leads(
            Complaint.LayersRanTogether,
            (
                Layered(
                    Line("syrup", 3, "stroke"),
                    Line("milk", 150, "ml") with
                    {
                        Technique = "stir",
                    },
                    Line("espresso", 2, "shot") with
                    {
                        Technique = "float",
                    }
                ),
                FullBar.Facts,
                [],
                "stirred"
            ),
            (Layered(Line("milk", 150, "ml"), Line("espresso", 2, "shot")), FullBar.Facts, [], "poured-fast"),
            (
                Layered(Line("espresso", 2, "shot"), Line("syrup", 3, "stroke") with { Technique = "float" }),
                FullBar.Facts,
                [],
                "not-lighter-enough"
            ),
            (
                Layered(Line("milk", 150, "ml"), Line("espresso", 2, "shot") with { Technique = "float" }),
                FullBar.Facts,
                [],
                "hands"
            )
        );

    [Fact]
    public void Runs_over() =>
        Leads(
            Complaint.RunsOver,
            (
                Latte with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 380, "ml")],
                },
                FullBar.Facts,
                [],
                "overfull"
            ),
            (
                Latte with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 300, "ml")],
                    ReserveMm = 0,
                },
                FullBar.Facts,
                [new PourFinding(SeriesOf.Hand, "Milk", null, null, "Milk is poured 14 % over in the last 20.", 14)],
                "poured-over"
            ),
            (
                Latte with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 325, "ml")],
                    ReserveMm = 9,
                },
                FullBar.Facts,
                [],
                "tight"
            ),
            (
                Latte with
                {
                    Lines =
                    [
                        Line("espresso", 2, "shot"),
                        Line("milk", 220, "ml") with
                        {
                            Technique = "steam",
                            Foam = "high",
                        },
                    ],
                    ReserveMm = 0,
                },
                FullBar.Facts,
                [],
                "foamed-higher"
            ),
            (
                Latte with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 100, "ml")],
                },
                FullBar.Facts,
                [],
                "cup-holds-less"
            )
        );

    [Fact]
    public void Wrong_colour() =>
        Leads(
            Complaint.WrongColour,
            (Pin(Latte, "espresso", "m", 2, "s", 6), FullBar.Facts, [], "colour-drift"),
            (
                Latte,
                FullBar.Facts,
                [new PourFinding(SeriesOf.Drink, "Trial", null, null, "Trial comes out 9 % weaker.", -9)],
                "poured-otherwise"
            ),
            (
                Layered(Line("milk", 150, "ml"), Line("espresso", 2, "shot") with { Technique = "float" }),
                FullBar.Facts,
                [],
                "stands-in-layers"
            ),
            (Latte, FullBar.Facts, [], "not-looked-at"),
            (Latte with { SeenColour = "#c8a878" }, FullBar.Facts, [], "another-milk")
        );

    private static BuildDocument Layered(params LineDocument[] lines) =>
        TestBar.Build([Line("ice", 120, "g"), .. lines]) with
        {
            Serve = "layered",
        };

    private static BuildDocument Capped(string foamed, string level) =>
        TestBar.Build(
            Line("coffee", 150, "ml"),
            Line("ice", 100, "g"),
            Line(foamed, 60, "ml") with
            {
                Technique = "foam",
                Foam = level,
            }
        ) with
        {
            Serve = "iced",
            School = "with-the-cup",
        };

    // A cream, and a foam level with little air.
    private static BarFacts Thin(double overrun, double fat = 19)
    {
        var milk = FullBar.Document.Ingredients.Single(ingredient => ingredient!.Id == "milk")!;
        return FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients,
                    milk with
                    {
                        Id = "cream",
                        Name = "Cream",
                        Per100g = milk.Per100g! with { Fat = fat, Saturates = 10, EnergyKcal = null },
                    },
                ],
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = "thin",
                        Name = "Thin",
                        OverrunPercent = overrun,
                        Cold = true,
                        FromCelsius = 2,
                    },
                ],
            }
        );
    }
}
