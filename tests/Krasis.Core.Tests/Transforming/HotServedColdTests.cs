using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using static Krasis.Core.Tests.Transforming.WholeChange;

namespace Krasis.Core.Tests.Transforming;

/// <summary>A hot drink that is served iced, shaken, blended or layered, whole.</summary>
public class HotServedColdTests
{
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
                            WholeChange.Espresso,
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
                            Lines = [Syrup, TestBar.Line("cocoa", 10, "g"), WholeChange.Espresso, Steamed],
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
                        TestBar.Build(WholeChange.Espresso, TestBar.Line("water", 200, "ml")) with
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
                                WholeChange.Espresso,
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
                                WholeChange.Espresso,
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
                "hot to iced, where a line is called ice",
                () =>
                    Transformer.ServeAs(
                        Hot with
                        {
                            Lines = [WholeChange.Espresso with { Id = "ice" }, Syrup with { Id = "ice-2" }, Steamed],
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
        };

    [Theory]
    [MemberData(nameof(Made))]
    public void It_is_made_and_told_so(string name, Func<Reading<Transformed>> make, string[] told)
    {
        Assert.NotEmpty(name);
        Assert.Equal(told, Whole(make()));
    }
}
