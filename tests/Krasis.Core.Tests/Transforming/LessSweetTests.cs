using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using static Krasis.Core.Tests.Transforming.WholeChange;

namespace Krasis.Core.Tests.Transforming;

/// <summary>A drink that is less sweet, whole.</summary>
public class LessSweetTests
{
    public static TheoryData<string, Func<Reading<Transformed>>, string[]> Made =>
        new()
        {
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
                                WholeChange.Espresso,
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
                "half as sweet, of nothing to halve",
                () =>
                    Transformer.LessSweet(
                        Hot with
                        {
                            Lines = [Syrup with { Amount = 1 }, WholeChange.Espresso, Steamed],
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
                                WholeChange.Espresso,
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
        };

    [Theory]
    [MemberData(nameof(Made))]
    public void It_is_made_and_told_so(string name, Func<Reading<Transformed>> make, string[] told)
    {
        Assert.NotEmpty(name);
        Assert.Equal(told, Whole(make()));
    }
}
