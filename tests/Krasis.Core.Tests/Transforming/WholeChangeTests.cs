using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;

namespace Krasis.Core.Tests.Transforming;

/// <summary>Every transformation whole: what the new build is, and what is said of each change and why. Figures are
/// reckoned where a comment says so; the rest follows from the house's steps.</summary>
public class WholeChangeTests
{
    private static readonly LineDocument Syrup = TestBar.Line("syrup", 4, "stroke");
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Steamed = TestBar.Line("milk", 200, "ml") with
    {
        Technique = "steam",
        Foam = "low",
    };
    private static readonly BuildDocument Hot = TestBar.Build(Syrup, Espresso, Steamed);
    private static readonly BuildDocument Iced = TestBar.Build(
        Syrup,
        Espresso with
        {
            Technique = "cool",
        },
        TestBar.Line("milk", 150, "ml"),
        TestBar.Line("ice", 100, "g"),
        TestBar.Line("coffee-ice", 20, "g"),
        TestBar.Line("whip", 10, "g")
    );

    public static TheoryData<string, Func<Reading<Transformed>>, string[]> Made =>
        new()
        {
            {
                "hot to iced",
                () => Transformer.ServeAs(Hot, Serve.Iced, FullBar.Facts),
                [
                    "iced in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso cool; 75 ml milk stir; 130 g ice",
                    ": Served iced instead of hot. That is what was asked for.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold, and stirred. A cold drink's milk is not steamed.",
                    "ice: Ice: 130 g. A third of the cup, as a beginning.",
                    "milk: Milk: 200 ml → 70 ml. Ice takes that room, and melts into the drink.",
                    "milk: Milk: 70 ml → 75 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "hot to iced, with powder, whip and cold foam",
                () =>
                    Transformer.ServeAs(
                        TestBar.Build(
                            TestBar.Line("cocoa", 20, "g"),
                            Espresso,
                            Steamed,
                            TestBar.Line("oat", 20, "ml") with
                            {
                                Technique = "foam",
                                Foam = "cold",
                            },
                            TestBar.Line("whip", 10, "g")
                        ),
                        Serve.Iced,
                        FullBar.Facts
                    ),
                [
                    "iced in s m l by m, 0 mm, 0 prices: 20 g cocoa dissolve; 2 shot espresso cool; 90 ml milk pour; 130 g ice; 20 ml oat foam cold; 10 g whip",
                    ": Served iced instead of hot. That is what was asked for.",
                    "cocoa: Cocoa: dissolved in a splash of hot water first. Powder does not dissolve in the cold.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold. A cold drink's milk is not steamed.",
                    "ice: Ice: 130 g. A third of the cup, as a beginning.",
                    "milk: Milk: 200 ml → 70 ml. Ice takes that room, and melts into the drink.",
                    "milk: Milk: 70 ml → 90 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                    ": Poured in this order: Cocoa, Espresso, Milk, Ice, Oat drink, Whip. Nothing goes under what is on top already.",
                ]
            },
            {
                "hot to shaken",
                () => Transformer.ServeAs(Hot, Serve.Shaken, FullBar.Facts),
                [
                    "shaken in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso cool; 75 ml milk pour; 130 g ice",
                    ": Served shaken instead of hot. That is what was asked for.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold. A cold drink's milk is not steamed.",
                    "ice: Ice: 130 g. A third of the cup, as a beginning.",
                    "milk: Milk: 200 ml → 70 ml. Ice takes that room, and melts into the drink.",
                    "milk: Milk: 70 ml → 75 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "hot to blended",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            Lines = [Syrup, TestBar.Line("cocoa", 10, "g"), Espresso, Steamed],
                        },
                        Serve.Blended,
                        FullBar.Facts
                    ),
                [
                    "blended in s m l by m, 0 mm, 0 prices: 5 stroke syrup; 13 g cocoa dissolve; 2 shot espresso cool; 25 ml milk blend; 140 g ice",
                    ": Served blended instead of hot. That is what was asked for.",
                    "cocoa: Cocoa: dissolved in a splash of hot water first. Powder does not dissolve in the cold.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: blended with the rest. A cold drink's milk is not steamed.",
                    "ice: Ice: 140 g. About as much ice as liquid blends well.",
                    "milk: Milk: 200 ml → 55 ml. Ice takes that room, and melts into the drink.",
                    "syrup: Syrup: 4 strokes → 5 strokes. Blended tastes more dilute than the same drink over ice.",
                    "cocoa: Cocoa: 10 g → 13 g. Blended tastes more dilute than the same drink over ice.",
                    "milk: Milk: 55 ml → 25 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "hot to layered",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            Lines = [TestBar.Line("whip", 10, "g"), .. Hot.Lines, TestBar.Line("water", 20, "ml")],
                        },
                        Serve.Layered,
                        FullBar.Facts
                    ),
                [
                    "layered in s m l by m, 0 mm, 0 prices: 130 g ice; 4 stroke syrup; 95 ml milk float; 20 ml water float; 2 shot espresso float; 10 g whip",
                    ": Served layered instead of hot. That is what was asked for.",
                    "espresso: Espresso: poured slowly over the ice. Poured last and slowly it stays on top.",
                    "milk: Milk: poured in cold. A cold drink's milk is not steamed.",
                    "ice: Ice: 130 g. A third of the cup, as a beginning.",
                    "milk: Milk: 200 ml → 70 ml. Ice takes that room, and melts into the drink.",
                    ": Poured in this order: Ice, Syrup, Milk, Water, Espresso, Whip. Ice first, then the heaviest liquid, espresso last and slowly.",
                    "milk: Milk: 70 ml → 95 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "hot to iced, black",
                () =>
                    Transformer.ServeAs(
                        TestBar.Build(Espresso, TestBar.Line("water", 200, "ml")) with
                        {
                            Serve = "hot",
                        },
                        Serve.Iced,
                        FullBar.Facts
                    ),
                [
                    "iced in s m l by m, 0 mm, 0 prices: 2 shot espresso cool; 5 ml water; 130 g ice",
                    ": Served iced instead of hot. That is what was asked for.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "ice: Ice: 130 g. A third of the cup, as a beginning.",
                    "water: Water: 200 ml → 5 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "iced to hot",
                () => Transformer.ServeAs(Iced, Serve.Hot, FullBar.Facts),
                [
                    "hot in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso; 245 ml milk steam low; 10 g whip",
                    ": Served hot instead of iced. That is what was asked for.",
                    "ice: Ice is left out. The drink is hot.",
                    "coffee-ice: Coffee ice is left out. The drink is hot.",
                    "espresso: Espresso is poured in. Nothing is cooled, shaken, blended or laid on ice in a hot drink.",
                    "milk: Milk: 150 ml → 270 ml, steamed to Low. It takes the room that the ice had.",
                    "milk: Milk: 270 ml → 245 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "layered to hot",
                () =>
                    Transformer.ServeAs(
                        TestBar.Build(
                            TestBar.Line("ice", 100, "g"),
                            Syrup,
                            TestBar.Line("milk", 150, "ml") with
                            {
                                Technique = "float",
                            },
                            Espresso with
                            {
                                Technique = "float",
                            }
                        ) with
                        {
                            Serve = "layered",
                        },
                        Serve.Hot,
                        FullBar.Facts
                    ),
                [
                    "hot in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 210 ml milk steam low; 2 shot espresso",
                    ": Served hot instead of layered. That is what was asked for.",
                    "ice: Ice is left out. The drink is hot.",
                    "milk: Milk is poured in. Nothing is cooled, shaken, blended or laid on ice in a hot drink.",
                    "espresso: Espresso is poured in. Nothing is cooled, shaken, blended or laid on ice in a hot drink.",
                    "milk: Milk: 150 ml → 250 ml, steamed to Low. It takes the room that the ice had.",
                    "milk: Milk: 250 ml → 210 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "iced to hot, nothing to steam",
                () =>
                    Transformer.ServeAs(
                        TestBar.Build(TestBar.Line("coffee", 200, "ml"), TestBar.Line("ice", 100, "g")),
                        Serve.Hot,
                        FullBar.Facts
                    ),
                [
                    "hot in s m l by m, 0 mm, 0 prices: 315 ml coffee",
                    ": Served hot instead of iced. That is what was asked for.",
                    "ice: Ice is left out. The drink is hot.",
                    "coffee: Iced coffee: 200 ml → 315 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "iced to hot, no level",
                () =>
                    Transformer.ServeAs(
                        Iced,
                        Serve.Hot,
                        FullBar.Read(
                            FullBar.Document with
                            {
                                Foams = [.. FullBar.Document.Foams.Where(foam => foam.Cold == true)],
                            }
                        )
                    ),
                [
                    "hot in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso; 310 ml milk steam; 10 g whip",
                    ": Served hot instead of iced. That is what was asked for.",
                    "ice: Ice is left out. The drink is hot.",
                    "coffee-ice: Coffee ice is left out. The drink is hot.",
                    "espresso: Espresso is poured in. Nothing is cooled, shaken, blended or laid on ice in a hot drink.",
                    "milk: Milk: 150 ml → 270 ml, steamed. It takes the room that the ice had.",
                    "milk: Milk: 270 ml → 310 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "iced to blended",
                () => Transformer.ServeAs(Iced, Serve.Blended, FullBar.Facts),
                [
                    "blended in s m l by m, 0 mm, 0 prices: 5 stroke syrup; 2 shot espresso cool; 105 ml milk; 150 g ice; 20 g coffee-ice; 10 g whip",
                    ": Served blended instead of iced. That is what was asked for.",
                    "ice: Ice: 100 g → 150 g. About as much ice as liquid blends well.",
                    "milk: Milk: 150 ml → 105 ml. Ice takes that room, and melts into the drink.",
                    "syrup: Syrup: 4 strokes → 5 strokes. Blended tastes more dilute than the same drink over ice.",
                ]
            },
            {
                "iced to layered",
                () => Transformer.ServeAs(Iced, Serve.Layered, FullBar.Facts),
                [
                    "layered in s m l by m, 0 mm, 0 prices: 100 g ice; 20 g coffee-ice; 4 stroke syrup; 150 ml milk float; 2 shot espresso float; 10 g whip",
                    ": Served layered instead of iced. That is what was asked for.",
                    "espresso: Espresso: poured slowly over the ice. Poured last and slowly it stays on top.",
                    ": Poured in this order: Ice, Coffee ice, Syrup, Milk, Espresso, Whip. Ice first, then the heaviest liquid, espresso last and slowly.",
                ]
            },
            {
                "hot to iced in other cups",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            Sizes = ["s", "m"],
                        },
                        Serve.Iced,
                        FullBar.Facts,
                        [new("m"), new("l")]
                    ),
                [
                    "iced in m l by l, 0 mm, 0 prices: 6 stroke syrup; 3 shot espresso cool; 225 ml milk stir; 200 g ice",
                    ": Served iced instead of hot. That is what was asked for.",
                    ": Sold in Middle, Large, set in Large. Amounts are carried over in proportion to the cup.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold, and stirred. A cold drink's milk is not steamed.",
                    "ice: Ice: 200 g. A third of the cup, as a beginning.",
                    "milk: Milk: 300 ml → 100 ml. Ice takes that room, and melts into the drink.",
                    "milk: Milk: 100 ml → 225 ml. It fills the cup to the reserve: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "hot to iced in one other cup, with pins, a ladder and prices",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            Sizes = ["s", "m"],
                            ReserveMm = 5,
                            Prices = [new() { Size = "m", Price = 4 }],
                            Lines =
                            [
                                Syrup with
                                {
                                    Scale = new() { By = "ladder", Ladder = [new() { Size = "s", Amount = 3 }] },
                                },
                                Espresso,
                                Steamed with
                                {
                                    Pins = [new() { Size = "s", Amount = 100 }],
                                },
                            ],
                        },
                        Serve.Iced,
                        FullBar.Facts,
                        [new("l")]
                    ),
                [
                    "iced in l by l, 5 mm, 0 prices: 6 stroke syrup   ladder; 3 shot espresso cool; 215 ml milk stir; 190 g ice",
                    ": Served iced instead of hot. That is what was asked for.",
                    ": Sold in Large, set in Large. Amounts are carried over in proportion to the cup.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold, and stirred. A cold drink's milk is not steamed.",
                    "ice: Ice: 190 g. A third of the cup, as a beginning.",
                    "milk: Milk: 300 ml → 110 ml. Ice takes that room, and melts into the drink.",
                    "milk: Milk: 110 ml → 215 ml. It fills the cup to the reserve: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "iced to hot in other cups",
                () => Transformer.ServeAs(Iced, Serve.Hot, FullBar.Facts, [new("s")]),
                [
                    "hot in s by s, 0 mm, 0 prices: 2 stroke syrup; 1 shot espresso; 135 ml milk steam low; 5 g whip",
                    ": Served hot instead of iced. That is what was asked for.",
                    ": Sold in Small, set in Small. Amounts are carried over in proportion to the cup.",
                    "ice: Ice is left out. The drink is hot.",
                    "coffee-ice: Coffee ice is left out. The drink is hot.",
                    "espresso: Espresso is poured in. Nothing is cooled, shaken, blended or laid on ice in a hot drink.",
                    "milk: Milk: 75 ml → 135 ml, steamed to Low. It takes the room that the ice had.",
                ]
            },
            {
                "another milk",
                () =>
                    Transformer.SwapMilk(
                        Hot with
                        {
                            Lines = [.. Hot.Lines, TestBar.Line("oat", 20, "g")],
                        },
                        new("oat"),
                        FullBar.Facts
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso; 200 ml oat steam low; 20 g oat",
                    "milk: Milk → Oat drink: 200 ml → 200 ml. The volume stays, so that the cup is as full.",
                ]
            },
            {
                "another syrup, half as sweet",
                () => Transformer.SwapSyrup(Hot, new("syrup"), new("light"), FullBar.Facts),
                [
                    " in s m l by m, 0 mm, 0 prices: 60 ml light; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup → Light syrup: 4 strokes → 60 ml. The dose changes so that it sweetens as much.",
                ]
            },
            {
                "a syrup for a light one, with a pump",
                () =>
                    Transformer.SwapSyrup(
                        TestBar.Build(TestBar.Line("light", 50, "ml"), Espresso, Steamed),
                        new("light"),
                        new("syrup"),
                        FullBar.Facts
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 25 ml syrup; 2 shot espresso; 200 ml milk steam low",
                    "light: Light syrup → Syrup: 50 ml → 25 ml. The dose changes so that it sweetens as much.",
                ]
            },
            {
                "a syrup that the bar pours coarsely",
                () =>
                    Transformer.SwapSyrup(
                        TestBar.Build(TestBar.Line("light", 20, "ml"), Espresso, Steamed),
                        new("light"),
                        new("syrup"),
                        Pumped()
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 10 ml syrup; 2 shot espresso; 200 ml milk steam low",
                    "light: Light syrup → Syrup: 20 ml → 10 ml. The dose changes so that it sweetens as much.",
                ]
            },
            {
                "a syrup that the bar pours coarsely, the other way",
                () =>
                    Transformer.SwapSyrup(
                        TestBar.Build(TestBar.Line("light", 2, "stroke"), Espresso, Steamed),
                        new("light"),
                        new("syrup"),
                        Pumped()
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 1 stroke syrup; 2 shot espresso; 200 ml milk steam low",
                    "light: Light syrup → Syrup: 2 strokes → 1 stroke. The dose changes so that it sweetens as much; the bar pours no nearer than 25 % less sweet.",
                ]
            },
            {
                "a syrup that is not known",
                () =>
                    Transformer.SwapSyrup(
                        Hot,
                        new("syrup"),
                        new("light"),
                        FullBar.With("light", light => light with { Per100g = null })
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 30 ml light; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup → Light syrup: 4 strokes → 30 ml. How sweet Light syrup is, is not known: the volume stays, and the drink may be sweeter or less sweet.",
                ]
            },
            {
                "a syrup in the place of one that is not known",
                () =>
                    Transformer.SwapSyrup(
                        Hot,
                        new("syrup"),
                        new("light"),
                        FullBar.With("syrup", syrup => syrup with { Per100g = null })
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 30 ml light; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup → Light syrup: 4 strokes → 30 ml. How sweet Syrup is, is not known: the volume stays, and the drink may be sweeter or less sweet.",
                ]
            },
            {
                "a syrup without sugar",
                () =>
                    Transformer.SwapSyrup(
                        Hot,
                        new("syrup"),
                        new("light"),
                        FullBar.With("light", light => light with { Per100g = light.Per100g! with { Sucrose = 0 } })
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 30 ml light; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup → Light syrup: 4 strokes → 30 ml. Light syrup does not sweeten: the volume stays, and the drink is less sweet.",
                ]
            },
            {
                "a syrup in the place of one without sugar",
                () =>
                    Transformer.SwapSyrup(
                        Hot,
                        new("syrup"),
                        new("light"),
                        FullBar.With("syrup", syrup => syrup with { Per100g = syrup.Per100g! with { Sucrose = 0 } })
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 30 ml light; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup → Light syrup: 4 strokes → 30 ml. Syrup did not sweeten; the volume stays.",
                ]
            },
            {
                "three quarters as sweet",
                () =>
                    Transformer.LessSweet(
                        Hot with
                        {
                            Lines =
                            [
                                Syrup with
                                {
                                    Amount = 2,
                                },
                                TestBar.Line("sauce", 0, "g"),
                                TestBar.Line("white", 20, "g"),
                                Espresso,
                                Steamed,
                            ],
                        },
                        75,
                        FullBar.Facts
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 15 g syrup   s=7 l=22; 0 g sauce; 15 g white   s=7 l=22; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup: 2 strokes → 15 g, by weight. Whole strokes cannot give 75 % in every size, so weigh it: 72 % in Small, 77 % in Middle and 75 % in Large.",
                    "white: White sauce: 20 g → 15 g. You asked for 75 % of the full dose. It comes to 70 % in Small, 75 % in Middle and 73 % in Large.",
                ]
            },
            {
                "half as sweet",
                () => Transformer.LessSweet(Hot, 50, FullBar.Facts),
                [
                    " in s m l by m, 0 mm, 0 prices: 2 stroke syrup   s=1 l=3; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup: 4 strokes → 2 strokes. You asked for 50 % of the full dose. It comes to 50 % in every size.",
                ]
            },
            {
                "without milk",
                () =>
                    Transformer.DairyFree(
                        Hot with
                        {
                            Lines =
                            [
                                .. Hot.Lines,
                                TestBar.Line("whip", 20, "g"),
                                TestBar.Line("white", 20, "g"),
                                TestBar.Line("smoke", 0.2, "g"),
                            ],
                        },
                        FullBar.Facts
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso; 200 ml oat steam low; 20 g white; 0.2 g smoke",
                    "milk: Milk → Oat drink: 200 ml → 200 ml. The volume stays, so that the cup is as full.",
                    "whip: Whip is left out. It contains milk.",
                    "white: White sauce stays and contains milk. The bar has nothing of its kind to put in its place; choose one by hand.",
                    "smoke: Smoke stays. Nobody has read its label: unknown is not free from milk.",
                ]
            },
            {
                "without milk, the house's own",
                () =>
                    Transformer.DairyFree(
                        TestBar.Build(Espresso, TestBar.Line("mix", 100, "ml"), TestBar.Line("whip", 20, "g")),
                        Own()
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 2 shot espresso; 100 ml free",
                    "mix: Bar mix → Oat mix: 100 ml → 100 ml. The house's own without milk, in the place of Bar mix. The volume stays.",
                    "whip: Whip is left out. It contains milk.",
                ]
            },
            {
                "without milk, a part that is lost",
                () => Transformer.DairyFree(TestBar.Build(Espresso, TestBar.Line("mix", 100, "ml")), Own(free: false)),
                [
                    " in s m l by m, 0 mm, 0 prices: 2 shot espresso; 100 ml oat",
                    "mix: Bar mix → Oat drink: 100 ml → 100 ml. The volume stays, so that the cup is as full. What Bar mix brought besides is lost: Syrup.",
                ]
            },
            {
                "hot with a cube in it to iced",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            Serve = "hot",
                            Lines = [.. Hot.Lines, TestBar.Line("coffee-ice", 20, "g")],
                        },
                        Serve.Iced,
                        FullBar.Facts
                    ),
                [
                    "iced in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso cool; 230 ml milk stir; 20 g coffee-ice",
                    ": Served iced instead of hot. That is what was asked for.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold, and stirred. A cold drink's milk is not steamed.",
                    "milk: Milk: 200 ml → 230 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "hot to iced, with a foam before the milk",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            Lines =
                            [
                                Espresso,
                                TestBar.Line("oat", 20, "ml") with
                                {
                                    Technique = "foam",
                                    Foam = "cold",
                                },
                                TestBar.Line("sweet-milk", 20, "ml") with
                                {
                                    Technique = "top",
                                },
                                Steamed,
                            ],
                        },
                        Serve.Iced,
                        FullBar.Facts
                    ),
                [
                    "iced in s m l by m, 0 mm, 0 prices: 2 shot espresso cool; 90 ml milk pour; 130 g ice; 20 ml oat foam cold; 20 ml sweet-milk top",
                    ": Served iced instead of hot. That is what was asked for.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold. A cold drink's milk is not steamed.",
                    "ice: Ice: 130 g. A third of the cup, as a beginning.",
                    "milk: Milk: 200 ml → 70 ml. Ice takes that room, and melts into the drink.",
                    "milk: Milk: 70 ml → 90 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                    ": Poured in this order: Espresso, Milk, Ice, Oat drink, Milk mix. Nothing goes under what is on top already.",
                ]
            },
            {
                "blended to hot, with a foam before the milk",
                () =>
                    Transformer.ServeAs(
                        TestBar.Build(
                            TestBar.Line("oat", 20, "ml") with
                            {
                                Technique = "foam",
                                Foam = "cold",
                            },
                            TestBar.Line("sweet-milk", 20, "ml") with
                            {
                                Technique = "top",
                            },
                            Espresso with
                            {
                                Technique = "shake",
                            },
                            TestBar.Line("milk", 100, "ml") with
                            {
                                Technique = "blend",
                            },
                            TestBar.Line("ice", 100, "g")
                        ) with
                        {
                            Serve = "blended",
                        },
                        Serve.Hot,
                        FullBar.Facts
                    ),
                [
                    "hot in s m l by m, 0 mm, 0 prices: 2 shot espresso; 195 ml milk steam low; 20 ml oat foam cold; 20 ml sweet-milk top",
                    ": Served hot instead of blended. That is what was asked for.",
                    "ice: Ice is left out. The drink is hot.",
                    "espresso: Espresso is poured in. Nothing is cooled, shaken, blended or laid on ice in a hot drink.",
                    "milk: Milk is poured in. Nothing is cooled, shaken, blended or laid on ice in a hot drink.",
                    "milk: Milk: 100 ml → 200 ml, steamed to Low. It takes the room that the ice had.",
                    "milk: Milk: 200 ml → 195 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                    ": Poured in this order: Espresso, Milk, Oat drink, Milk mix. Nothing goes under what is on top already.",
                ]
            },
            {
                "hot to iced, where a line is called ice",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            Lines = [Espresso with { Id = "ice" }, Syrup with { Id = "ice-2" }, Steamed],
                        },
                        Serve.Iced,
                        FullBar.Facts
                    ),
                [
                    "iced in s m l by m, 0 mm, 0 prices: 2 shot espresso cool; 4 stroke syrup; 75 ml milk stir; 130 g ice",
                    ": Served iced instead of hot. That is what was asked for.",
                    "ice: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold, and stirred. A cold drink's milk is not steamed.",
                    "ice-3: Ice: 130 g. A third of the cup, as a beginning.",
                    "milk: Milk: 200 ml → 70 ml. Ice takes that room, and melts into the drink.",
                    "milk: Milk: 70 ml → 75 ml. It fills the cup as far as it was filled before: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "hot to iced in three lower cups, with more reserve than they have",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            ReserveMm = 45,
                        },
                        Serve.Iced,
                        Low(),
                        [new("s"), new("low"), new("l")]
                    ),
                [
                    "iced in s low l by low, 40 mm, 0 prices: 3 stroke syrup; 1 shot espresso cool; 35 ml milk stir; 55 g ice",
                    ": Served iced instead of hot. That is what was asked for.",
                    ": Sold in Small, Low, Large, set in Low. Amounts are carried over in proportion to the cup.",
                    "espresso: Espresso: cooled before it meets the ice. Hot coffee on ice makes a watery drink.",
                    "milk: Milk: poured in cold, and stirred. A cold drink's milk is not steamed.",
                    "ice: Ice: 55 g. A third of the cup, as a beginning.",
                    "milk: Milk: 145 ml → 90 ml. Ice takes that room, and melts into the drink.",
                    "milk: Milk: 90 ml → 35 ml. It fills the cup to the reserve: steam, foam and ice take up room that is then free.",
                ]
            },
            {
                "another syrup, with a ladder and a size without",
                () =>
                    Transformer.SwapSyrup(
                        Hot with
                        {
                            Lines =
                            [
                                Syrup with
                                {
                                    Scale = new() { By = "ladder", Ladder = [new() { Size = "s", Amount = 3 }] },
                                    Pins = [new() { Size = "l", Amount = 0 }],
                                },
                                Espresso,
                                Steamed,
                            ],
                        },
                        new("syrup"),
                        new("light"),
                        FullBar.Facts
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 60 ml light   l=0 ladder s=45; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup → Light syrup: 4 strokes → 60 ml. The dose changes so that it sweetens as much.",
                ]
            },
            {
                "a syrup that the bar pours coarsely, sweeter",
                () =>
                    Transformer.SwapSyrup(
                        TestBar.Build(TestBar.Line("light", 1, "stroke"), Espresso, Steamed),
                        new("light"),
                        new("syrup"),
                        Pumped()
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 1 stroke syrup; 2 shot espresso; 200 ml milk steam low",
                    "light: Light syrup → Syrup: 1 stroke → 1 stroke. The dose changes so that it sweetens as much; the bar pours no nearer than 50 % sweeter.",
                ]
            },
            {
                "half as sweet, of nothing to halve",
                () =>
                    Transformer.LessSweet(
                        Hot with
                        {
                            Lines = [Syrup with { Amount = 1 }, Espresso, Steamed],
                        },
                        50,
                        FullBar.Facts
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 5 g syrup   s=5 l=10; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup: 1 stroke → 5 g, by weight. Whole strokes cannot give 50 % in every size, so weigh it: 51 % in every size.",
                ]
            },
            {
                "half as sweet, in one size without",
                () =>
                    Transformer.LessSweet(
                        Hot with
                        {
                            Lines =
                            [
                                Syrup with
                                {
                                    Amount = 1,
                                    Pins = [new() { Size = "s", Amount = 0 }, new() { Size = "l", Amount = 3 }],
                                },
                                Espresso,
                                Steamed,
                            ],
                        },
                        50,
                        FullBar.Facts
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 5 g syrup   s=0 l=15; 2 shot espresso; 200 ml milk steam low",
                    "syrup: Syrup: 1 stroke → 5 g, by weight. Whole strokes cannot give 50 % in every size, so weigh it: 51 % in every size.",
                ]
            },
            {
                "refused: a cup that is not there",
                () => Transformer.ServeAs(Hot, Serve.Iced, FullBar.Facts, [new("s"), new("gone")]),
                ["sizes: gone | The bar has no such cup. | cups of the bar"]
            },
            {
                "refused: no ice",
                () =>
                    Transformer.ServeAs(
                        Hot,
                        Serve.Iced,
                        FullBar.Read(
                            FullBar.Document with
                            {
                                Ingredients =
                                [
                                    .. FullBar.Document.Ingredients.Where(ingredient => ingredient.Kind != "ice"),
                                ],
                            }
                        )
                    ),
                ["serve: iced | The bar has no ice. | an ingredient of the kind ice"]
            },
            {
                "refused: hot already",
                () => Transformer.ServeAs(Hot, Serve.Hot, FullBar.Facts),
                ["serve: hot | The drink is served hot already. | another way of serving it"]
            },
            {
                "refused: no such milk",
                () => Transformer.SwapMilk(Hot, new("nobody"), FullBar.Facts),
                ["ingredient: nobody | The bar has no ingredient 'nobody'. | a milk or plant drink"]
            },
            {
                "refused: a syrup for milk",
                () => Transformer.SwapMilk(Hot, new("syrup"), FullBar.Facts),
                ["ingredient: syrup | Syrup cannot take that place. | a milk or plant drink"]
            },
            {
                "refused: milk for a syrup",
                () => Transformer.SwapSyrup(Hot, new("syrup"), new("milk"), FullBar.Facts),
                ["ingredient: milk | Milk cannot take that place. | a syrup or sauce"]
            },
            {
                "refused: no such line",
                () => Transformer.SwapSyrup(Hot, new("nobody"), new("light"), FullBar.Facts),
                ["line: nobody | The build has no such line. | a line"]
            },
            {
                "refused: no such share",
                () => Transformer.LessSweet(Hot, 60, FullBar.Facts),
                ["percent: 60 | 60 % is not one of the shares. | 75, 50 or 25"]
            },
            {
                "refused: milk is no plant drink",
                () => Transformer.DairyFree(Hot, FullBar.Facts, new("milk")),
                [
                    "milk: milk | Milk is not known to be without milk. | an ingredient of the kind milk whose allergens are entered and do not hold milk",
                ]
            },
            {
                "refused: syrup is no plant drink",
                () => Transformer.DairyFree(Hot, FullBar.Facts, new("syrup")),
                [
                    "milk: syrup | Syrup is not known to be without milk. | an ingredient of the kind milk whose allergens are entered and do not hold milk",
                ]
            },
            {
                "refused: no label read",
                () => Transformer.DairyFree(Hot, FullBar.With("oat", oat => oat with { Allergens = null })),
                [
                    "milk:  | The bar has no plant drink whose label has been read. | an ingredient of the kind milk whose allergens are entered and do not hold milk",
                ]
            },
            {
                "refused: cannot be read, served",
                () => Transformer.ServeAs(Unread(), Serve.Iced, FullBar.Facts),
                ["lines[0].ingredient: nobody | The bar has no ingredient 'nobody'. | an ingredient of the bar"]
            },
            {
                "refused: cannot be read, less sweet",
                () => Transformer.LessSweet(Unread(), 50, FullBar.Facts),
                ["lines[0].ingredient: nobody | The bar has no ingredient 'nobody'. | an ingredient of the bar"]
            },
            {
                "refused: cannot be read, without milk",
                () => Transformer.DairyFree(Unread(), FullBar.Facts),
                ["lines[0].ingredient: nobody | The bar has no ingredient 'nobody'. | an ingredient of the bar"]
            },
            {
                "refused: cannot be read, another milk",
                () => Transformer.SwapMilk(Unread(), new("oat"), FullBar.Facts),
                ["lines[0].ingredient: nobody | The bar has no ingredient 'nobody'. | an ingredient of the bar"]
            },
            {
                "nameless",
                () => Transformer.SwapMilk(Hot with { Name = null }, new("oat"), FullBar.Facts),
                [
                    " in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso; 200 ml oat steam low",
                    "milk: Milk → Oat drink: 200 ml → 200 ml. The volume stays, so that the cup is as full.",
                ]
            },
            {
                "nameless, served",
                () => Transformer.ServeAs(Iced with { Name = null }, Serve.Shaken, FullBar.Facts),
                [
                    "shaken in s m l by m, 0 mm, 0 prices: 4 stroke syrup; 2 shot espresso cool; 150 ml milk; 100 g ice; 20 g coffee-ice; 10 g whip",
                    ": Served shaken instead of iced. That is what was asked for.",
                ]
            },
            {
                "nameless, less sweet",
                () =>
                    Transformer.LessSweet(
                        TestBar.Build(Syrup, Steamed) with
                        {
                            Name = null,
                            Sizes = ["m"],
                        },
                        25,
                        FullBar.Facts
                    ),
                [
                    " in m by m, 0 mm, 0 prices: 1 stroke syrup; 200 ml milk steam low",
                    "syrup: Syrup: 4 strokes → 1 stroke. You asked for 25 % of the full dose. It comes to 25 % in Middle.",
                ]
            },
            {
                "nameless, without milk",
                () => Transformer.DairyFree(TestBar.Build(Espresso, Steamed) with { Name = null }, FullBar.Facts),
                [
                    " in s m l by m, 0 mm, 0 prices: 2 shot espresso; 200 ml oat steam low",
                    "milk: Milk → Oat drink: 200 ml → 200 ml. The volume stays, so that the cup is as full.",
                ]
            },
        };

    [Theory]
    [MemberData(nameof(Made))]
    public void It_is_made_and_told_so(string name, Func<Reading<Transformed>> make, string[] told)
    {
        Assert.NotEmpty(name);
        Assert.Equal(told, Whole(make()));
    }

    private static string[] Whole(Reading<Transformed> made) =>
        made.IsRead
            ?
            [
                Said(made.Value.Build),
                .. made.Value.Changes.Select(change => $"{change.Line}: {change.What} {change.Why}"),
            ]
            :
            [
                .. made.Problems.Select(problem =>
                    $"{problem.Field}: {problem.Value} | {problem.Message} | {problem.Accepted}"
                ),
            ];

    private static string Said(BuildDocument build) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{build.Serve} in {string.Join(' ', build.Sizes)} by {build.ReferenceSize}, {build.ReserveMm} mm, {build.Prices.Count} prices: {string.Join("; ", build.Lines.Select(Said))}"
        );

    private static string Said(LineDocument line) =>
        string.Create(
                CultureInfo.InvariantCulture,
                $"{line.Amount:0.####} {line.Measure} {line.Ingredient} {line.Technique} {line.Foam}{string.Concat(line.Pins.Select(pin => string.Create(CultureInfo.InvariantCulture, $" {pin.Size}={pin.Amount:0.####}")))}{(line.Scale is { } scale ? $" {scale.By}{string.Concat(scale.Ladder.Select(rung => $" {rung.Size}={rung.Amount}"))}" : "")}"
            )
            .Trim();

    private static BuildDocument Unread() => Hot with { Lines = [TestBar.Line("nobody", 1, "g")] };

    private static BarFacts Pumped() =>
        FullBar.Read(
            FullBar.Document with
            {
                Dispensers =
                [
                    .. FullBar.Document.Dispensers,
                    new()
                    {
                        Id = "lp",
                        Name = "Light pump",
                        Ingredient = "light",
                        StrokeMl = 10,
                    },
                ],
            }
        );

    // 80 mm high where the others are 100.
    private static BarFacts Low() =>
        FullBar.Read(
            FullBar.Document with
            {
                Cups =
                [
                    .. FullBar.Document.Cups,
                    FullBar.Document.Cups[1] with
                    {
                        Id = "low",
                        Name = "Low",
                        HeightMm = 80,
                        WaterGrams = FullBar.Document.Cups[1].WaterGrams * 0.8,
                    },
                ],
            }
        );

    private static BarFacts Own(bool free = true) =>
        FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients,
                    new()
                    {
                        Id = "dust",
                        Name = "Dust",
                        Kind = "topping",
                        DensityGramsPerMl = 0.5,
                        Colour = "#331100",
                        Allergens = free ? FullBar.Label() : FullBar.Label(mayContain: ["milk"]),
                    },
                ],
                Parts =
                [
                    new()
                    {
                        Id = "mix",
                        Name = "Bar mix",
                        Kind = "milk",
                        Colour = "#ccbbaa",
                        Lines =
                        [
                            new()
                            {
                                Ingredient = "milk",
                                Amount = 90,
                                Measure = "g",
                            },
                            new()
                            {
                                Ingredient = "syrup",
                                Amount = 10,
                                Measure = "g",
                            },
                        ],
                    },
                    new()
                    {
                        Id = "free",
                        Name = "Oat mix",
                        Kind = "milk",
                        Colour = "#ccbbaa",
                        Lines =
                        [
                            new()
                            {
                                Ingredient = free ? "oat" : "sweet-milk",
                                Amount = 90,
                                Measure = "g",
                            },
                            new()
                            {
                                Ingredient = "syrup",
                                Amount = 10,
                                Measure = "g",
                            },
                        ],
                    },
                ],
            }
        );
}
