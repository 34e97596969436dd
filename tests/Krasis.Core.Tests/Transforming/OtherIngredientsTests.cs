using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using static Krasis.Core.Tests.Transforming.WholeChange;

namespace Krasis.Core.Tests.Transforming;

/// <summary>A drink with another milk or syrup, or without milk, whole.</summary>
public class OtherIngredientsTests
{
    public static TheoryData<string, Func<Reading<Transformed>>, string[]> Made =>
        new()
        {
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
                        TestBar.Build(TestBar.Line("light", 50, "ml"), WholeChange.Espresso, Steamed),
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
                        TestBar.Build(TestBar.Line("light", 20, "ml"), WholeChange.Espresso, Steamed),
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
                        TestBar.Build(TestBar.Line("light", 2, "stroke"), WholeChange.Espresso, Steamed),
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
                        TestBar.Build(
                            WholeChange.Espresso,
                            TestBar.Line("mix", 100, "ml"),
                            TestBar.Line("whip", 20, "g")
                        ),
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
                () =>
                    Transformer.DairyFree(
                        TestBar.Build(WholeChange.Espresso, TestBar.Line("mix", 100, "ml")),
                        Own(free: false)
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 2 shot espresso; 100 ml oat",
                    "mix: Bar mix → Oat drink: 100 ml → 100 ml. The volume stays, so that the cup is as full. What Bar mix brought besides is lost: Syrup.",
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
                                WholeChange.Espresso,
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
                        TestBar.Build(TestBar.Line("light", 1, "stroke"), WholeChange.Espresso, Steamed),
                        new("light"),
                        new("syrup"),
                        Pumped()
                    ),
                [
                    " in s m l by m, 0 mm, 0 prices: 1 stroke syrup; 2 shot espresso; 200 ml milk steam low",
                    "light: Light syrup → Syrup: 1 stroke → 1 stroke. The dose changes so that it sweetens as much; the bar pours no nearer than 50 % sweeter.",
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
