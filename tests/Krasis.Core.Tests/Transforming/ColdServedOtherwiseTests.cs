using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using static Krasis.Core.Tests.Transforming.WholeChange;

namespace Krasis.Core.Tests.Transforming;

/// <summary>A cold drink that is served hot or cold in another way, whole.</summary>
public class ColdServedOtherwiseTests
{
    public static TheoryData<string, Func<Reading<Transformed>>, string[]> Made =>
        new()
        {
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
                            WholeChange.Espresso with
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
                            WholeChange.Espresso with
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
        };

    [Theory]
    [MemberData(nameof(Made))]
    public void It_is_made_and_told_so(string name, Func<Reading<Transformed>> make, string[] told)
    {
        Assert.NotEmpty(name);
        Assert.Equal(told, Whole(make()));
    }
}
