using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using static Krasis.Core.Tests.Transforming.WholeChange;

namespace Krasis.Core.Tests.Transforming;

/// <summary>What is refused, with its sentence, and what is made of a drink without a name.</summary>
public class RefusedChangeTests
{
    public static TheoryData<string, Func<Reading<Transformed>>, string[]> Made =>
        new()
        {
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
                () =>
                    Transformer.DairyFree(
                        TestBar.Build(WholeChange.Espresso, Steamed) with
                        {
                            Name = null,
                        },
                        FullBar.Facts
                    ),
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
}
