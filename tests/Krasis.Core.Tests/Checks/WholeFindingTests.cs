using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>Every check in two sizes, word for word: how grave, in which size, of which line, what is said, and what
/// the mend would do. Whatever is the same in every size is told once, of the reference size, which is the middle one
/// here.</summary>
public class WholeFindingTests
{
    private static readonly DateOnly Today = new(2026, 11, 25);
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");
    private static readonly LineDocument Syrup = TestBar.Line("syrup", 2, "stroke");

    public static TheoryData<string, BuildDocument, BarFacts, string[]> Findings =>
        new()
        {
            {
                "allergen-by-one",
                Build(Espresso, TestBar.Line("water", 100, "ml"), TestBar.Line("whip", 20, "g")),
                FullBar.Facts,
                [
                    "Note m whip | Middle: only Whip brings in milk. Shared equipment still carries traces. | Leave Whip out | whip Remove ",
                ]
            },
            {
                "allergen-by-one",
                Build(Espresso, Milk),
                FullBar.Facts,
                ["Note m milk | Middle: only Milk brings in milk. Shared equipment still carries traces."]
            },
            {
                "allergen-by-one",
                Build(TestBar.Line("sweet-milk", 100, "ml"), TestBar.Line("sauce", 10, "g")),
                FullBar.Facts,
                []
            },
            {
                "bottle-overshoots",
                Build(TestBar.Line("sauce", 18, "g"), Espresso),
                Bottle(ml: 12),
                [
                    "Warning m sauce | Middle: Bottle gives 20 % more a squeeze than it is to; the house allows 10 %. Squeeze Dark sauce into the cup on the scale.",
                ]
            },
            {
                "bottle-overshoots",
                Build(TestBar.Line("sauce", 18, "g"), Espresso),
                Bottle(10, 13, 16),
                [
                    "Warning m sauce | Middle: Bottle spreads by 23.1 % from squeeze to squeeze; the house allows 10 %. Squeeze Dark sauce into the cup on the scale.",
                ]
            },
            {
                "claim",
                Build(Syrup, TestBar.Line("sauce", 10, "g"), Milk) with
                {
                    Claims = ["noAddedSugar", "withoutMilk"],
                },
                FullBar.Facts,
                [
                    "Fault m | Middle: \"no added sugar\" is not so: Syrup and Dark sauce bring sugar.",
                    "Fault m | Middle: \"made without milk\" is not so: Milk brings milk.",
                ]
            },
            {
                "claim",
                Build(Syrup, TestBar.Line("water", 100, "ml"), TestBar.Line("smoke", 0.1, "g")) with
                {
                    Claims = ["noAddedSugar", "withoutMilk"],
                },
                FullBar.Facts,
                [
                    "Fault m | Middle: \"no added sugar\" is not so: Syrup brings sugar.",
                    "Warning m | Middle: whether \"made without milk\" is so is not known of Smoke.",
                ]
            },
            {
                "cold-foam-too-warm",
                Build(Espresso, Ice, Milk with { Technique = "foam", Foam = "tepid" }),
                Foam("tepid", 90, cold: true, from: 6),
                [
                    "Warning m milk | Middle: Milk is foamed cold from 6 °C; it foams well at 3 °C and below. | Foam it to Cold | milk Foam cold",
                ]
            },
            {
                "colour-drift",
                Build(TestBar.Line("espresso", 4, "shot"), TestBar.Line("milk", 200, "ml", ("l", 450))),
                House(strength: 90, colour: 1),
                [
                    "Note l | Large does not look like the reference size: its colour is 3.4 ΔE off, and the house allows 1.",
                ]
            },
            {
                "dosed-like-another",
                Build(TestBar.Line("white", 31.25, "g", ("l", 46.875)), Milk),
                FullBar.Facts,
                [
                    "Warning m white | Middle: 12.5 ml of White sauce to 100 ml of milk, where 25 ml is usual. That is the dose of Dark sauce. | Make it 63 g | white m 63",
                    "Warning l white | Large: 12.5 ml of White sauce to 100 ml of milk, where 25 ml is usual. That is the dose of Dark sauce. | Make it 94 g | white l 94",
                ]
            },
            {
                "dosed-like-another",
                Build(TestBar.Line("sauce", 62.5, "g"), Milk),
                FullBar.Facts,
                [
                    "Warning m sauce | Middle: 25 ml of Dark sauce to 100 ml of milk, where 12.5 ml is usual. That is the dose of White sauce. | Make it 31 g | sauce m 31",
                ]
            },
            {
                "foam-third",
                Build(Espresso, Milk with { Technique = "steam", Foam = "thick" }),
                Foam("thick", 30, thirds: 1),
                [
                    "Warning m milk | Middle: Thick is to be one third of foam, but grows by 30 %, which is two thirds of the house's 45 %. | Foam it to Low | milk Foam low",
                ]
            },
            {
                "foam-will-not-stand",
                Build(Espresso, Milk with { Technique = "steam", Foam = "whisked" }),
                Foam("whisked", 20, tool: "whisk"),
                [
                    "Warning m milk | Middle: The weak whisk does not foam Milk with 3 g of fat in 100 g; it manages up to 1 g. | Foam it to Low | milk Foam low",
                ]
            },
            {
                "foam-will-not-stand",
                Build(TestBar.Line("coffee", 200, "ml"), Milk with { Amount = 40, Technique = "foam", Foam = "thin" }),
                Foam("thin", 40, cold: true, from: 2),
                [
                    "Warning m milk | Middle: Milk foamed to Thin drips through the drink: it grows by 40 % and has 3 g of fat in 100 g. Foam it longer, or take more cream. | Foam it to Cold | milk Foam cold",
                ]
            },
            {
                "hot-on-the-ice",
                Build(TestBar.Line("espresso", 4, "shot"), TestBar.Line("milk", 60, "ml"), Ice),
                FullBar.Facts,
                [
                    "Warning m espresso | Middle is watery: Espresso goes on the ice at 70 °C, and 66.2 g of ice melt before the drink is cold. Cooled in a chilled jug first, 34.5 g melt, and it is 18.8 % stronger. | Cool it in a chilled jug | espresso Technique cool | espresso Cooling chilledJug",
                    "Warning l espresso | Large is watery: Espresso goes on the ice at 70 °C, and 99.3 g of ice melt before the drink is cold. Cooled in a chilled jug first, 51.8 g melt, and it is 18.8 % stronger. | Cool it in a chilled jug | espresso Technique cool | espresso Cooling chilledJug",
                ]
            },
            {
                "label-capacity",
                Build(Milk),
                FullBar.Read(
                    FullBar.Document with
                    {
                        Cups = [.. FullBar.Document.Cups.Select(cup => cup with { LabelMl = 450 })],
                    }
                ),
                [
                    "Note m | Middle holds 400 ml as weighed, not the 450 ml of its label. The sheet goes by the weighing.",
                    "Note l | Large holds 600 ml as weighed, not the 450 ml of its label. The sheet goes by the weighing.",
                ]
            },
            {
                "layer-will-mix",
                Build(Ice, Syrup, Milk) with
                {
                    Serve = "layered",
                },
                FullBar.Facts,
                [
                    "Warning m milk | Middle: a layer will not hold. Milk would stay on Syrup if it were poured slowly. | Pour it slowly | milk Technique float",
                ]
            },
            {
                "layer-will-mix",
                Build(Ice, Milk, Syrup with { Technique = "float" }) with
                {
                    Serve = "layered",
                },
                FullBar.Facts,
                [
                    "Warning m syrup | Middle: a layer will not hold. Syrup is too heavy to stay on Milk: it would have to be 0.01 g/ml lighter, and is 0.27 g/ml heavier. | Pour Syrup first, and Milk slowly on it | syrup Before milk | syrup Technique  | milk Technique float",
                ]
            },
            {
                "lukewarm",
                Build(Espresso, TestBar.Line("milk", 100, "ml")) with
                {
                    Serve = "hot",
                },
                FullBar.Facts,
                [
                    "Warning m milk | Middle is served hot and is 21.9 °C when it is handed over; the house wants 55 °C at least: Milk goes in at 4 °C.",
                    "Warning l milk | Large is served hot and is 21.9 °C when it is handed over; the house wants 55 °C at least: Milk goes in at 4 °C.",
                ]
            },
            {
                "mark",
                Build(Espresso, Milk with { To = "to the line" }),
                Lined(),
                [
                    "Warning l milk | Large: Large has no such printed line. Milk is to be filled to line 1 and gets 305 ml by the cup's size. Say another mark or an amount for Large.",
                ]
            },
            {
                "mark",
                Build(Espresso, Milk with { To = "to the milk line" }),
                Lined(),
                [
                    "Warning m milk | Middle: Middle has no such printed line. Milk is to be filled to the milk line and gets 200 ml by the cup's size. Say another mark or an amount for Middle.",
                    "Warning l milk | Large: Large has no such printed line. Milk is to be filled to the milk line and gets 300 ml by the cup's size. Say another mark or an amount for Large.",
                ]
            },
            { "mark", Build(Espresso, Milk with { To = "to 70 mm" }, Ice with { To = "to 80 mm" }), FullBar.Facts, [] },
            {
                "mark",
                Build(TestBar.Line("coffee", 300, "ml"), Milk with { To = "to 50 mm" }),
                FullBar.Facts,
                [
                    "Warning m milk | Middle: what goes in before stands above the mark already, so that no Milk goes in (to 50 mm).",
                    "Warning l milk | Large: what goes in before stands above the mark already, so that no Milk goes in (to 50 mm).",
                ]
            },
            {
                "milk-temperature",
                Build(Espresso, Milk with { Technique = "steam", Foam = "scalding" }),
                Foam("scalding", 15, to: 72),
                [
                    "Fault m milk | Middle: Milk is steamed to 72 °C; above 70 °C it scalds. | Steam it to Low | milk Technique steam | milk Foam low",
                ]
            },
            {
                "milk-temperature",
                Build(Espresso, Milk with { Technique = "steam", Foam = "hotter" }),
                Foam("hotter", 15, to: 67),
                [
                    "Warning m milk | Middle: Milk is steamed to 67 °C, hotter than the house's 65 °C. | Steam it to Low | milk Technique steam | milk Foam low",
                ]
            },
            {
                "milk-temperature",
                Build(Espresso, Milk with { Technique = "steam", Foam = "cooler" }),
                Foam("cooler", 15, to: 50),
                [
                    "Warning m milk | Middle: Milk is steamed to 50 °C only, and the house wants 55 °C at least. | Steam it to Low | milk Technique steam | milk Foam low",
                ]
            },
            {
                "milk-temperature",
                Build(Espresso, Milk with { Technique = "steam", Foam = "again" }),
                Foam("again", 15, from: 40, to: 60),
                [
                    "Warning m milk | Middle: Milk is 40 °C before it is steamed. Milk is steamed once, from the fridge. | Steam it to Low | milk Technique steam | milk Foam low",
                ]
            },
            {
                "milk-temperature",
                Build(Espresso, Milk with { Technique = "steam" }),
                FullBar.Facts,
                [
                    "Warning m milk | Middle: Milk is to be steamed, and it is not said to which foam level. | Steam it to Low | milk Technique steam | milk Foam low",
                ]
            },
            {
                "milk-temperature",
                Build(Espresso, Milk),
                FullBar.Facts,
                [
                    "Note m milk | Middle: Milk goes into a hot drink at 4 °C. Say that it is steamed. | Steam it to Low | milk Technique steam | milk Foam low",
                ]
            },
            {
                "no-room-for-top",
                Build(TestBar.Line("coffee", 395, "ml"), TestBar.Line("whip", 30, "g")),
                Lidded(),
                [
                    "Warning m | Middle: the lid does not close; what stands on top reaches 113.8 mm and the lid leaves 110 mm. | Take out 15 ml of Iced coffee | coffee m 380",
                    "Warning l | Large: the lid does not close; what stands on top reaches 114.2 mm and the lid leaves 110 mm. | Take out 25 ml of Iced coffee | coffee l 570",
                ]
            },
            {
                "no-room-for-top",
                Build(TestBar.Line("espresso", 380, "g"), TestBar.Line("whip", 60, "g")),
                Lidded(),
                [
                    "Warning m | Middle: the lid does not close; what stands on top reaches 125 mm and the lid leaves 110 mm. Put less on top, or use another lid.",
                    "Warning l | Large: the lid does not close; what stands on top reaches 125 mm and the lid leaves 110 mm. Put less on top, or use another lid.",
                ]
            },
            {
                "no-room-for-top",
                Build(TestBar.Line("coffee", 60, "ml"), TestBar.Line("ice", 240, "g")),
                Lidded(),
                [
                    "Warning m | Middle: the lid does not close; the ice reaches 112.8 mm and the lid leaves 110 mm. | Take out 10 g of Ice | ice m 230",
                    "Warning l | Large: the lid does not close; the ice reaches 112.8 mm and the lid leaves 110 mm. | Take out 10 g of Ice | ice l 350",
                ]
            },
            {
                "no-room-for-top",
                Build(TestBar.Line("coffee", 380, "ml"), TestBar.Line("whip", 30.02, "g")) with
                {
                    Sizes = ["m"],
                },
                Lidded(),
                [
                    "Warning m | Middle: the lid does not close; what stands on top reaches 110.1 mm and the lid leaves 110 mm. | Take out 5 ml of Iced coffee | coffee m 375",
                ]
            },
            {
                "not-pourable",
                Build(TestBar.Line("syrup", 2.5, "stroke", ("l", 3.5)), Milk),
                FullBar.Facts,
                [
                    "Fault m syrup | Middle: 2.5 strokes of Syrup cannot be poured; this bar gives whole strokes only. | Make it 3 strokes | syrup m 3",
                    "Fault l syrup | Large: 3.5 strokes of Syrup cannot be poured; this bar gives whole strokes only. | Make it 4 strokes | syrup l 4",
                ]
            },
            {
                "not-pourable",
                Build(TestBar.Line("syrup", 2.25, "stroke"), Milk) with
                {
                    Sizes = ["m"],
                },
                Halves(),
                [
                    "Fault m syrup | Middle: 2.25 strokes of Syrup cannot be poured; this bar gives half strokes only. | Make it 2.5 strokes | syrup m 2.5",
                ]
            },
            {
                "ounces-for-tablespoons",
                Build(TestBar.Line("syrup", 2, "us-fl-oz", ("l", 3)), Milk),
                FullBar.Facts,
                [
                    "Warning m syrup | Middle: 2 US fl oz of Syrup is 29.6 ml to 100 ml of milk, where 7.5 ml is usual. Were tablespoons meant? 2 US tbsp is 38.4 g. | Make it 2 US tbsp, 38.4 g | syrup Unit us-tbsp",
                    "Warning l syrup | Large: 3 US fl oz of Syrup is 29.6 ml to 100 ml of milk, where 7.5 ml is usual. Were tablespoons meant? 3 US tbsp is 57.7 g.",
                ]
            },
            {
                "ounces-for-tablespoons",
                Build(TestBar.Line("syrup", 1, "us-fl-oz"), Milk) with
                {
                    Sizes = ["m"],
                },
                FullBar.Facts,
                [
                    "Warning m syrup | Middle: 1 US fl oz of Syrup is 14.8 ml to 100 ml of milk, where 7.5 ml is usual. Were tablespoons meant? 1 US tbsp is 19.2 g. | Make it 1 US tbsp, 19.2 g | syrup Unit us-tbsp",
                ]
            },
            {
                "out-of-season",
                Build(Milk) with
                {
                    Season = new() { From = "05-01", To = "09-30" },
                },
                FullBar.Facts,
                [
                    "Warning m | Middle and every other size are out of season: this drink is sold from 1 May to 30 September. Take it off the board.",
                ]
            },
            {
                "overfull",
                Build(Espresso, TestBar.Line("milk", 380, "ml", ("l", 500))),
                FullBar.Facts,
                [
                    "Fault m | Middle runs over: 416 ml in a cup of 400 ml spills 16 ml, and is 16 ml more than fits below the reserve. | Take out 20 ml of Milk | milk m 360",
                ]
            },
            {
                "overfull",
                Build(TestBar.Line("coffee", 370, "ml")) with
                {
                    ReserveMm = 10,
                },
                FullBar.Facts,
                [
                    "Warning m | Middle is overfull by 10 ml: 370 ml reaches into the reserve above 360 ml. | Take out 10 ml of Iced coffee | coffee m 360",
                    "Warning l | Large is overfull by 15 ml: 555 ml reaches into the reserve above 540 ml. | Take out 15 ml of Iced coffee | coffee l 540",
                ]
            },
            {
                "overfull",
                Build(
                    TestBar.Line("espresso", 10, "shot"),
                    TestBar.Line("milk", 10, "ml"),
                    TestBar.Line("ice", 240, "g")
                ) with
                {
                    Sizes = ["m"],
                },
                FullBar.Facts,
                [
                    "Fault m | Middle runs over: 468 ml in a cup of 400 ml spills 30 ml, and is 68 ml more than fits below the reserve. | Take out 60 g of Ice | ice m 180",
                ]
            },
            {
                "overfull",
                Build(TestBar.Line("espresso", 430, "g")) with
                {
                    Sizes = ["m"],
                },
                FullBar.Facts,
                [
                    "Fault m | Middle runs over: 430 ml in a cup of 400 ml spills 30 ml, and is 30 ml more than fits below the reserve. Use a larger cup, or less of the rest.",
                ]
            },
            {
                "past-use-by",
                Build(Milk),
                FullBar.With("milk", milk => milk with { OpenedOn = "2026-11-20", OpenedDays = 3 }),
                ["Fault m milk | Middle: Milk was to be used by 22 November 2026. Discard it and open a new one."]
            },
            {
                "powder-in-the-cold",
                Build(TestBar.Line("cocoa", 20, "g"), Milk, Ice),
                FullBar.Facts,
                [
                    "Warning m cocoa | Middle: Cocoa does not dissolve in the cold. Dissolve it first in a splash of hot water or in the hot coffee. | Dissolve it first | cocoa Technique dissolve",
                ]
            },
            {
                "rounded-away",
                Build(TestBar.Line("syrup", 1, "stroke"), Milk) with
                {
                    ReferenceSize = "l",
                    Sizes = ["s", "l"],
                },
                FullBar.Facts,
                [
                    "Warning s syrup | Small gets no Syrup: its share is 0.33 strokes, and the least this bar pours is 1 stroke. | Pin 1 stroke | syrup s 1",
                ]
            },
            {
                "same-shot",
                Build(TestBar.Line("espresso", 4, "shot"), TestBar.Line("milk", 250, "ml")) with
                {
                    School = "same-shot",
                },
                FullBar.Facts,
                [
                    "Warning l | Large is a bigger cup with the reference's coffee: 28 % weaker, and sold as the same drink. | Pin 6 shots of Espresso | espresso l 6",
                ]
            },
            {
                "same-shot",
                Build(TestBar.Line("espresso", 4, "shot", ("l", 4)), TestBar.Line("milk", 250, "ml", ("l", 480))),
                FullBar.Facts,
                [
                    "Warning l | Large is a bigger cup with the reference's coffee: 42 % weaker, and sold as the same drink. | Pin 250 ml of Milk | milk l 250",
                ]
            },
            {
                "sauce-on-the-bottom",
                Build(TestBar.Line("sauce", 20, "g"), Milk, Espresso, Ice),
                FullBar.Facts,
                [
                    "Warning m sauce | Middle: Dark sauce stays on the bottom, because Milk goes on it before the hot Espresso. | Pour Espresso before Milk | espresso Before milk",
                ]
            },
            {
                "sauce-on-the-bottom",
                Build(TestBar.Line("sauce", 20, "g"), Milk, Ice),
                FullBar.Facts,
                [
                    "Warning m sauce | Middle: Dark sauce stays on the bottom, because Milk goes on it cold and nothing stirs it. | Stir Milk in | milk Technique stir",
                ]
            },
            {
                "shot-window",
                Build(Espresso, Milk),
                FullBar.Read(
                    FullBar.Document with
                    {
                        Espresso = [FullBar.Document.Espresso[0] with { PulledGrams = 36, PulledSeconds = 20 }],
                    }
                ),
                [
                    "Warning m espresso | Middle: the last checked pull of Espresso was off. 36 g in 20 s is 1.80 g a second; 36 g in 25 to 30 s are 1.20 to 1.44: it runs too fast and will taste sour. Grind finer.",
                ]
            },
            {
                "stated-pair",
                Build(Syrup with { Stated = "50 ml" }, Milk),
                FullBar.Facts,
                [
                    "Warning m syrup | Middle: 2 strokes of Syrup are said to be 50 ml, but at this bar they are 15 ml. | Say 15 ml | syrup Stated 15 ml",
                ]
            },
            {
                "stroke-off-nominal",
                Build(Syrup, Milk),
                FullBar.Read(
                    FullBar.Document with
                    {
                        Dispensers = [FullBar.Document.Dispensers[0] with { NominalMl = 8 }],
                    }
                ),
                [
                    "Note m syrup | Middle: a stroke of Pump measures 7.5 ml, not the 8 ml that its maker says. The sheet goes by the measured stroke.",
                ]
            },
            {
                "sweetened-milk",
                Build(TestBar.Line("syrup", 4, "stroke"), Espresso, TestBar.Line("sweet-milk", 200, "ml")),
                FullBar.Facts,
                [
                    "Warning m syrup | Middle: Milk mix is sweetened, and 4 strokes of Syrup are a full dose. A sweet drink takes less. | Make it 1 stroke | syrup m 1",
                ]
            },
            {
                "sweetened-milk",
                Build(TestBar.Line("syrup", 2, "stroke"), Espresso, TestBar.Line("sweet-milk", 200, "ml")),
                Halves(),
                [
                    "Warning m syrup | Middle: Milk mix is sweetened, and 2 strokes of Syrup are a full dose. A sweet drink takes less. | Make it 1.5 strokes | syrup m 1.5",
                ]
            },
            {
                "taste-drift",
                Build(Syrup, Espresso, TestBar.Line("milk", 150, "ml", ("s", 40))) with
                {
                    Sizes = ["s", "m"],
                },
                FullBar.Facts,
                [
                    "Warning s | Small is 52 % stronger than the reference size (2.61 % coffee solids); the house allows 15 %. | Pin 75 ml of Milk | milk s 75",
                    "Warning s | Small is 46 % sweeter than the reference size (9.7 g/100 g); the house allows 15 %. | Pin 75 ml of Milk | milk s 75",
                ]
            },
            {
                "taste-drift",
                Build(TestBar.Line("syrup", 2, "stroke", ("l", 6)), Espresso, Milk),
                FullBar.Facts,
                [
                    "Warning l | Large is 75 % sweeter than the reference size (9.6 g/100 g); the house allows 15 %. | Pin 3 strokes of Syrup | syrup l 3",
                ]
            },
            {
                "taste-drift",
                Build(
                    TestBar.Line("syrup", 8, "stroke", ("l", 8)),
                    TestBar.Line("espresso", 2, "shot", ("l", 5)),
                    TestBar.Line("milk", 200, "ml", ("l", 300))
                ),
                FullBar.Facts,
                [
                    "Warning l | Large is 68 % stronger than the reference size (1.89 % coffee solids); the house allows 15 %. | Pin 3 shots of Espresso | espresso l 3",
                    "Warning l | Large is 32 % less sweet than the reference size (11.1 g/100 g); the house allows 15 %. | Pin 13 strokes of Syrup | syrup l 13",
                ]
            },
            {
                "potent",
                Build(TestBar.Line("smoke", 1.3, "g"), Milk),
                FullBar.Facts,
                [
                    "Fault m smoke | Middle: 1.3 g of Smoke is more than the 1 g that a drink bears. | Make it 1 g | smoke m 1",
                    "Fault l smoke | Large: 1.95 g of Smoke is more than the 1 g that a drink bears. | Make it 1 g | smoke l 1",
                ]
            },
            {
                "weighed-long-ago",
                Build(Syrup, Milk),
                FullBar.Read(
                    FullBar.Document with
                    {
                        Dispensers =
                        [
                            FullBar.Document.Dispensers[0] with
                            {
                                StrokeMl = null,
                                StrokesGrams = [9.75],
                                WeighedOn = "2026-08-01",
                            },
                        ],
                    }
                ),
                [
                    "Note m syrup | Middle: the strokes of Pump were weighed 116 days ago. The house weighs them again after 90.",
                ]
            },
        };

    [Theory]
    [MemberData(nameof(Findings))]
    public void It_is_said_so(string check, BuildDocument build, BarFacts bar, string[] said) =>
        Assert.Equal(
            said,
            FullBar.Mix(build, bar, Today).Findings.Where(finding => finding.Check == check).Select(Whole)
        );

    private static string Whole(Finding finding) =>
        string.Join(
            " | ",
            new[]
            {
                $"{finding.Severity} {finding.Size} {finding.Line}".TrimEnd(),
                finding.Mend is null && finding.Otherwise is { } otherwise
                    ? $"{finding.Message} {otherwise}"
                    : finding.Message,
            }.Concat(
                finding.Mend is { } mend
                    ?
                    [
                        mend.Label,
                        .. mend.Edits.Select(edit =>
                            string.Create(CultureInfo.InvariantCulture, $"{edit.Line} {edit.Size} {edit.Amount:0.####}")
                        ),
                        .. mend.Changes.Select(change => $"{change.Line} {change.Field} {change.Value}"),
                    ]
                    : []
            )
        );

    private static BuildDocument Build(params LineDocument[] lines) => TestBar.Build(lines) with { Sizes = ["m", "l"] };

    private static BarFacts Bottle(double? ml = null) => Bottle(ml, []);

    private static BarFacts Bottle(params double[] grams) => Bottle(null, grams);

    private static BarFacts Bottle(double? ml, double[] grams) =>
        FullBar.Read(
            FullBar.Document with
            {
                Dispensers =
                [
                    .. FullBar.Document.Dispensers,
                    new()
                    {
                        Id = "b",
                        Name = "Bottle",
                        Kind = "bottle",
                        Ingredient = "sauce",
                        StrokeMl = ml,
                        NominalMl = ml is null ? null : 10,
                        StrokesGrams = grams,
                    },
                ],
            }
        );

    private static BarFacts Foam(
        string id,
        double overrun,
        bool cold = false,
        double from = 5,
        double? to = null,
        int? thirds = null,
        string? tool = null
    ) =>
        FullBar.Read(
            FullBar.Document with
            {
                Foams =
                [
                    .. FullBar.Document.Foams,
                    new()
                    {
                        Id = id,
                        Name = char.ToUpperInvariant(id[0]) + id[1..],
                        OverrunPercent = overrun,
                        Cold = cold,
                        FromCelsius = from,
                        ToCelsius = cold ? null : to ?? 62,
                        Thirds = thirds,
                        Tool = tool,
                    },
                ],
            }
        );

    private static BarFacts House(double strength, double colour) =>
        FullBar.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House with { StrengthDriftPercent = strength, ColourDrift = colour },
            }
        );

    private static BarFacts Lidded() =>
        FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { LidClearanceMm = 10 })],
            }
        );

    private static BarFacts Lined() =>
        FullBar.Read(
            FullBar.Document with
            {
                Cups =
                [
                    .. FullBar.Document.Cups.Select(cup =>
                        cup.Id == "m" ? cup with { PrintedLines = [new() { Label = "line", HeightMm = 60 }] } : cup
                    ),
                ],
            }
        );

    private static BarFacts Halves() =>
        FullBar.Read(
            FullBar.Document with
            {
                Dispensers = [FullBar.Document.Dispensers[0] with { HalfStrokes = true }],
            }
        );
}
