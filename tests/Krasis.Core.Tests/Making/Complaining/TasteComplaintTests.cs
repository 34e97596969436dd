using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Making.Complaining;
using Krasis.Core.Making.Pouring;
using static Krasis.Core.Tests.Making.Complaining.ComplaintBar;

namespace Krasis.Core.Tests.Making.Complaining;

/// <summary>What may be behind a drink that tastes wrong.</summary>
public class TasteComplaintTests
{
    [Fact]
    public void Sour() =>
        Leads(
            Complaint.Sour,
            (
                Latte,
                FullBar.Facts,
                [
                    new PourFinding(
                        SeriesOf.Pull,
                        "Double",
                        null,
                        null,
                        "Double runs 4 s fast since Monday: grind finer.",
                        -4
                    ),
                ],
                "pulls-run-fast"
            ),
            (Latte, Pulled(recipe => recipe with { PulledGrams = 36, PulledSeconds = 18 }), [], "last-pull"),
            (Latte, Pulled(recipe => recipe with { YieldGrams = 24, ExtractionPercent = 19 }), [], "short-ratio"),
            (Latte, Pulled(recipe => recipe with { ExtractionPercent = 15 }), [], "little-extracted"),
            (Latte, FullBar.Facts, [], "taste-it-alone")
        );

    [Fact]
    public void Bitter() =>
        Leads(
            Complaint.Bitter,
            (
                Latte,
                FullBar.Facts,
                [
                    new PourFinding(
                        SeriesOf.Pull,
                        "Double",
                        null,
                        null,
                        "Double runs 5 s slow since Monday: grind coarser.",
                        5
                    ),
                ],
                "pulls-run-slow"
            ),
            (Latte, Pulled(recipe => recipe with { PulledGrams = 36, PulledSeconds = 45 }), [], "last-pull"),
            (Latte, Pulled(recipe => recipe with { YieldGrams = 60 }), [], "long-ratio"),
            (Latte, Pulled(recipe => recipe with { ExtractionPercent = 25 }), [], "much-extracted"),
            (Latte, Foamed("low", foam => foam with { ToCelsius = 76 }), [], "scalded-milk"),
            (Pin(Latte, "espresso", "m", 2, "s", 3), FullBar.Facts, [], "stronger-than-the-reference")
        );

    [Fact]
    public void Watery() =>
        Leads(
            Complaint.Watery,
            (Pin(Latte, "espresso", "m", 2, "s", 0.5), FullBar.Facts, [], "weaker-than-the-reference"),
            (
                Iced with
                {
                    Lines =
                    [
                        .. Iced.Lines.Select(line =>
                            line.Ingredient == "espresso" ? line with { Technique = null, Cooling = null } : line
                        ),
                    ],
                },
                FullBar.Facts,
                [],
                "hot-on-the-ice"
            ),
            (Iced with { Serve = "shaken" }, FullBar.Facts, [], "ice-melts"),
            (
                Iced with
                {
                    Lines =
                    [
                        .. Iced
                            .Lines.Where(line => line.Ingredient != "ice")
                            .Select(line => line.Ingredient == "espresso" ? line with { Cooling = "overIce" } : line),
                    ],
                },
                FullBar.Facts,
                [],
                "cooled-over-ice"
            ),
            (Latte, FullBar.Facts, [], "steam"),
            (
                Latte,
                FullBar.Facts,
                [
                    new PourFinding(
                        SeriesOf.Drink,
                        "Trial",
                        null,
                        null,
                        "Trial comes out 12 % weaker than its standard in the last 20: look at its shots and its milk.",
                        -12
                    ),
                ],
                "comes-out-weak"
            ),
            (
                Latte,
                FullBar.Facts,
                [
                    new PourFinding(
                        SeriesOf.Hand,
                        "Milk",
                        null,
                        null,
                        "Milk is poured 14 % over in the last 20: look at the mark.",
                        14
                    ),
                ],
                "milk-poured-over"
            )
        );

    [Fact]
    public void Too_sweet() =>
        Leads(
            Complaint.TooSweet,
            (Pin(Latte, "syrup", "m", 2, "s", 3), FullBar.Facts, [], "sweeter-than-the-reference"),
            (
                Latte,
                FullBar.Facts,
                [
                    new PourFinding(
                        SeriesOf.Dispenser,
                        "pump",
                        null,
                        null,
                        "Pump pours 9 % over in the last 20: weigh it.",
                        9
                    ),
                ],
                "flavour-poured-over"
            ),
            (
                Latte with
                {
                    Lines = [Line("syrup", 4, "stroke"), Line("espresso", 2, "shot"), Line("sweet-milk", 120, "ml")],
                },
                FullBar.Facts,
                [],
                "sweetened-milk"
            ),
            (Latte, FullBar.Facts, [], "full-dose")
        );

    [Fact]
    public void Flat() =>
        Leads(
            Complaint.Flat,
            (Latte with { Lines = [Line("espresso", 1, "shot"), Line("milk", 300, "ml")] }, FullBar.Facts, [], "milky"),
            (Latte with { Lines = [Line("coffee", 100, "ml"), Line("milk", 250, "ml")] }, FullBar.Facts, [], "faint"),
            (
                Iced with
                {
                    Lines =
                    [
                        Line("espresso", 3, "shot") with
                        {
                            Technique = "cool",
                            Cooling = "chilledJug",
                        },
                        Line("milk", 60, "ml"),
                        Line("ice", 150, "g"),
                    ],
                },
                FullBar.Facts,
                [],
                "cold-dulls"
            ),
            (
                Latte with
                {
                    Lines =
                    [
                        Line("espresso", 3, "shot"),
                        Line("milk", 150, "ml") with
                        {
                            Technique = "steam",
                            Foam = "low",
                        },
                    ],
                },
                FullBar.Facts,
                [],
                "taste-it-alone"
            )
        );

    [Fact]
    public void Different_every_time() =>
        Leads(
            Complaint.DifferentEveryTime,
            (
                Latte,
                FullBar.Facts,
                [
                    new PourFinding(
                        SeriesOf.Dispenser,
                        "pump",
                        null,
                        null,
                        "Pump pours 9 % over in the last 20: weigh it.",
                        9
                    ),
                ],
                "pump-drifts"
            ),
            (
                Latte,
                FullBar.Facts,
                [new PourFinding(SeriesOf.Pull, "Double", null, null, "Double runs 4 s fast.", -4)],
                "pulls-differ"
            ),
            (
                Latte,
                FullBar.Facts,
                [new PourFinding(SeriesOf.Person, "Milk", null, "RB", "RB pours Milk 6 % over.", 6)],
                "hands-differ"
            ),
            (
                Latte,
                FullBar.Facts,
                [new PourFinding(SeriesOf.Hand, "Milk", null, null, "Milk is poured 6 % over.", 6)],
                "poured-by-eye"
            ),
            (
                Latte,
                FullBar.Facts,
                [new PourFinding(SeriesOf.Drink, "Trial", null, null, "Trial comes out 9 % weaker.", -9)],
                "drink-drifts"
            ),
            (Latte, FullBar.Facts, [], "no-mark"),
            (
                Latte with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 200, "g")],
                },
                FullBar.Facts,
                [],
                "weigh-some"
            )
        );

    private static BarFacts Pulled(Func<EspressoDocument, EspressoDocument> make) =>
        FullBar.Read(
            FullBar.Document with
            {
                Espresso = [.. FullBar.Document.Espresso.Select(recipe => make(recipe!))],
            }
        );
}
