using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Speaking;
using static Krasis.Core.Tests.Speaking.SpokenBar;

namespace Krasis.Core.Tests.Speaking;

/// <summary>An amount that is said as a ratio of milk to coffee.</summary>
public class SpokenRatioTests
{
    // Source: 20 g of espresso with 120 g of milk is 1 : 6 (common practice, no source).
    [Fact]
    public void A_ratio_is_milk_to_coffee_by_mass_from_either_side()
    {
        Assert.Equal(36 * 6 / 1.03, Resolve("1:6", "m", "milk").Value.Amount, 1e-9);
        Assert.Equal(150 * 1.03 / 6 / 18, Resolve("1:6", "m", "espresso").Value.Amount, 1e-9);
        Assert.Equal(
            6,
            FullBar.Mix(With("milk", 36 * 6 / 1.03), SpokenBar.Bar).Size("m").Taste.Poured.MilkPerCoffee!.Value,
            1e-9
        );
    }

    [Fact]
    public void A_ratio_counts_what_is_in_the_cup_and_not_on_it()
    {
        // Water has the coffee's ratio to itself; milk on top is no milk in it; milk that is there already counts.
        var drink = Build(
            TestBar.Build(
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("water", 10, "ml"),
                TestBar.Line("milk", 50, "ml"),
                TestBar.Line("oat", 10, "g"),
                TestBar.Line("whip", 30, "g")
            )
        );
        Assert.Equal(36 * 4, Ratio("1:4", "water").Value.Amount, 1e-9);
        Assert.Equal(((36 * 4) - 10) / 1.03, Ratio("1:4", "milk").Value.Amount, 1e-9);
        Assert.Equal((51.5 + 10) / 4 / 18, Ratio("1:4", "espresso").Value.Amount, 1e-9);

        var none = AmountInPlace
            .Resolve(
                Read("1:6").Value,
                Build(TestBar.Build(TestBar.Line("espresso", 2, "shot"))),
                SpokenBar.Bar,
                new("m"),
                new("espresso")
            )
            .Problems[0];
        Assert.Equal(
            ("1:6", "There is no milk in Middle yet that 1 : 6 could be to, or there is more than enough."),
            (none.Value, none.Message)
        );

        Reading<Quantity> Ratio(string text, string line) =>
            AmountInPlace.Resolve(Read(text).Value, drink, SpokenBar.Bar, new("m"), new(line));
    }

    [Fact]
    public void Milk_on_top_is_no_milk_of_a_ratio()
    {
        var drink = Build(
            TestBar.Build(
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("milk", 50, "ml"),
                TestBar.Line("oat", 10, "g") with
                {
                    Technique = "top",
                }
            )
        );

        Assert.Equal(
            51.5 / 4 / 18,
            AmountInPlace.Resolve(Read("1:4").Value, drink, SpokenBar.Bar, new("m"), new("espresso")).Value.Amount,
            1e-9
        );
    }
}
