using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Making.Complaining;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Making.Complaining;

/// <summary>For every complaint, a drink in which each cause leads.</summary>
public class DiagnosisTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        Line("syrup", 2, "stroke"),
        Line("espresso", 2, "shot"),
        Line("milk", 200, "ml") with
        {
            Technique = "steam",
            Foam = "low",
        }
    ) with
    {
        Serve = "hot",
        ReserveMm = 10,
    };

    private static readonly BuildDocument Iced = TestBar.Build(
        Line("syrup", 2, "stroke"),
        Line("espresso", 2, "shot") with
        {
            Technique = "cool",
            Cooling = "chilledJug",
        },
        Line("milk", 120, "ml"),
        Line("ice", 120, "g")
    ) with
    {
        Serve = "iced",
    };

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
    public void Not_cold() =>
        Leads(
            Complaint.NotCold,
            (
                Iced with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 120, "ml"), Line("ice", 200, "g")],
                },
                FullBar.Facts,
                [],
                "goes-in-hot"
            ),
            (Iced with { Lines = [Line("milk", 250, "ml"), Line("ice", 20, "g")] }, FullBar.Facts, [], "little-ice"),
            (
                Iced with
                {
                    Lines = [Line("milk", 150, "ml"), Line("ice", 150, "g")],
                },
                FullBar.With("milk", milk => milk with { ServedCelsius = 18 }),
                [],
                "warm-milk"
            ),
            (
                Iced with
                {
                    Lines = [Line("milk", 100, "ml"), Line("ice", 180, "g")],
                },
                FullBar.With("milk", milk => milk with { ServedCelsius = 4 }),
                [],
                "stir-it"
            )
        );

    [Fact]
    public void An_iced_drink_that_is_called_lukewarm_is_not_cold() =>
        Leads(
            Complaint.Lukewarm,
            (
                Iced with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 120, "ml"), Line("ice", 200, "g")],
                },
                FullBar.Facts,
                [],
                "goes-in-hot"
            )
        );

    [Fact]
    public void Lukewarm() =>
        Leads(
            Complaint.Lukewarm,
            (Latte, Foamed("low", foam => foam with { ToCelsius = 45 }), [], "milk-too-cool"),
            (
                Latte,
                FullBar.Read(
                    FullBar.Document with
                    {
                        Cups =
                        [
                            .. FullBar.Document.Cups.Select(cup => cup with { Material = "ceramic", EmptyGrams = 320 }),
                        ],
                    }
                ),
                [],
                "cold-cup"
            ),
            (
                Latte with
                {
                    Lines =
                    [
                        Line("espresso", 2, "shot"),
                        Line("milk", 200, "ml") with
                        {
                            Technique = "steam",
                            Foam = "low",
                        },
                        Line("oat", 60, "ml"),
                    ],
                },
                FullBar.Facts,
                [],
                "goes-in-cold"
            ),
            (
                Latte with
                {
                    Lines =
                    [
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
                "stands-too-long"
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

    // Tried: whatever is complained of a random drink, something is answered, the likeliest first, and every edit can
    // be applied and leaves a build.
    [Fact]
    public void Every_answer_can_be_acted_on()
    {
        var (asked, edits) = (0, 0);
        Gen.Select(RandomBuilds.Any, Gen.OneOfConst("s", "m", "l"), Gen.Enum<Complaint>())
            .Seeded()
            .Sample(
                (build, size, complaint) =>
                {
                    var found = Diagnosis.Of(build, FullBar.Facts, new CupId(size), complaint, []);
                    if (!found.IsRead)
                    {
                        return;
                    }

                    asked++;
                    var causes = found.Value.Causes;
                    Assert.InRange(causes.Count, 0, Diagnosis.Most);
                    Assert.Equal(
                        causes.OrderByDescending(cause => cause.Weight).Select(cause => cause.Code),
                        causes.Select(cause => cause.Code)
                    );
                    Assert.All(causes, cause => Assert.True(cause.Says.Length > 0 && cause.Do.Length > 0));
                    foreach (var mend in causes.Select(cause => cause.Mend).OfType<Judging.Mends.Mend>())
                    {
                        edits++;
                        Assert.True(
                            BuildReader.Read(BuildEdits.Apply(build, mend, FullBar.Facts), FullBar.Facts).IsRead,
                            mend.Label
                        );
                    }
                },
                iter: 600
            );
        Assert.True(asked > 100 && edits > 30, $"{asked} asked, {edits} edits");
    }

    [Fact]
    public void A_size_that_it_has_not_is_refused() =>
        Assert.Equal(
            "size",
            Assert.Single(Diagnosis.Of(Latte, FullBar.Facts, new CupId("none"), Complaint.Sour, []).Problems).Field
        );

    private static void Leads(
        Complaint complaint,
        params (BuildDocument Build, BarFacts Bar, PourFinding[] Poured, string Cause)[] cases
    )
    {
        var wrong = new List<string>();
        foreach (var (build, bar, poured, cause) in cases)
        {
            var size = build.Lines.Any(line => line.Pins.Count > 0) ? "s" : "m";
            // What is asked because no number shows it has a table of its own.
            var causes = Diagnosis
                .Of(build, bar, new CupId(size), complaint, poured)
                .Value.Causes.Where(each => !each.IsAsked)
                .ToList();
            if (causes.Count == 0 || causes[0].Code != cause)
            {
                wrong.Add(
                    $"{cause}: {string.Join("; ", causes.Select(each => $"{each.Code} {each.Weight:0.0} {each.Says}"))}"
                );
            }
        }

        Assert.Empty(wrong);
    }

    private static LineDocument Line(string ingredient, double amount, string measure) =>
        TestBar.Line(ingredient, amount, measure);

    private static BuildDocument Pin(
        BuildDocument build,
        string line,
        string reference,
        double set,
        string size,
        double amount
    ) =>
        build with
        {
            ReferenceSize = reference,
            Lines =
            [
                .. build.Lines.Select(each =>
                    each.Id == line ? each with { Amount = set, Pins = [new() { Size = size, Amount = amount }] } : each
                ),
            ],
        };

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

    private static BarFacts Pulled(Func<EspressoDocument, EspressoDocument> make) =>
        FullBar.Read(
            FullBar.Document with
            {
                Espresso = [.. FullBar.Document.Espresso.Select(recipe => make(recipe!))],
            }
        );

    private static BarFacts Foamed(string id, Func<FoamDocument, FoamDocument> make) =>
        FullBar.Read(
            FullBar.Document with
            {
                Foams = [.. FullBar.Document.Foams.Select(foam => foam!.Id == id ? make(foam) : foam)],
            }
        );
}
