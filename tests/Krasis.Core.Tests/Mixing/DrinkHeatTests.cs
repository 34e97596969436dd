using CsCheck;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.SizeSheets;
using static Krasis.Core.Tests.Mixing.RandomDrinks;

namespace Krasis.Core.Tests.Mixing;

/// <summary>Heat, steam and melting ice in a whole drink.</summary>
public class DrinkHeatTests
{
    [Fact]
    public void Steamed_milk_takes_up_steam_and_grows()
    {
        // By hand: 206 g of milk from 5 to 62 °C take up 206 × 3.93 × 57 ÷ (2691.1 − 4.186 × 62) g, and all of it grows
        // by 15 %.
        var size = FullBar
            .Mix(TestBar.Build(TestBar.Line("milk", 200, "ml") with { Technique = "steam", Foam = "low" }))
            .Size("m");
        var steam = 206 * 3.93 * 57 / (2691.1 - (4.186 * 62));

        Assert.Equal(steam, size.Life.Condensate.Value, 1e-9);
        Assert.Equal(200 + steam, size.Fill.LiquidVolume.Value, 1e-9);
        Assert.Equal((200 + steam) * 0.15, size.Fill.FoamVolume.Value, 1e-9);
        Assert.Equal((200 + steam) * 1.15, size.Fill.OccupiedVolume.Value, 1e-9);
        Assert.Equal(62, size.Life.Moments[0].Temperature.Value, 1e-9);
    }

    [Fact]
    public void The_heat_of_the_whole_drink_balances() =>
        Drinks
            .Where(build => build.Serve is "hot" or "shaken" or "blended")
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                    {
                        // Everything before, reckoned from liquid at 0 °C, against everything at hand-over.
                        var (syrup, coffee, milk) = (Mass(size, "syrup"), Mass(size, "espresso"), Mass(size, "milk"));
                        var milkAt = build.Lines[2].Technique == "steam" ? 62 : 4;
                        var before =
                            (build.Serve == "blended" ? 300 * 25 : 0)
                            + (syrup * 2.8 * 20)
                            + (coffee * 4.186 * 70)
                            + (milk * 3.93 * milkAt)
                            + (size.Life.Condensate.Value * 4.186 * milkAt);
                        var moment = size.Life.Moments[0];
                        var capacity =
                            (syrup * 2.8)
                            + (coffee * 4.186)
                            + (milk * 3.93)
                            + (size.Life.Condensate.Value * 4.186)
                            + (moment.Melt.Value * 4.186);
                        return Math.Abs(before - (capacity * moment.Temperature.Value) - (moment.Melt.Value * 333.5))
                            <= 1e-9 * Math.Max(1, before) + 1e-6;
                    })
            );

    [Fact]
    public void Melt_only_grows_and_never_exceeds_the_ice() =>
        Drinks
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                        size.Life.Moments.Zip(size.Life.Moments.Skip(1))
                            .All(pair => pair.First.Melt.Value <= pair.Second.Melt.Value + 1e-9)
                        && size.Life.Moments.All(moment => moment.IceLeft.Value >= -1e-9)
                    )
            );

    [Fact]
    public void Melting_never_makes_it_stronger_and_coffee_ice_weakens_less() =>
        Drinks
            .Where(build => build.Serve is "iced" && build.Lines[1].Amount > 0)
            .Seeded()
            .Sample(build =>
            {
                var plain = FullBar.Mix(build).Size("m");
                var coffee = FullBar
                    .Mix(
                        build with
                        {
                            Lines =
                            [
                                .. build.Lines.Select(line =>
                                    line.Id == "ice" ? line with { Ingredient = "coffee-ice" } : line
                                ),
                            ],
                        }
                    )
                    .Size("m");
                return plain.Life.Moments[0].Strength!.Value.Value <= plain.Taste.Poured.Strength!.Value.Value + 1e-9
                    && coffee.Life.Moments[0].Strength!.Value.Value
                        >= plain.Life.Moments[0].Strength!.Value.Value - 1e-9;
            });

    [Fact]
    public void Technique_decides_how_much_has_melted()
    {
        var build = TestBar.Build(TestBar.Line("espresso", 4, "shot"), TestBar.Line("ice", 200, "g"));
        var all = FullBar.Mix(build).Size("m").Life.Moments[0].Melt.Value;

        // By hand: 72 g × 4.186 × 70 ÷ 333.5; built half of it, layered 40 %.
        var whole = 72 * 4.186 * 70 / 333.5;
        Assert.Equal(whole / 2, all, 1e-9);
        Assert.Equal(
            whole * 0.4,
            FullBar.Mix(build with { Serve = "layered" }).Size("m").Life.Moments[0].Melt.Value,
            1e-9
        );
        Assert.Equal(
            whole,
            FullBar
                .Mix(
                    TestBar.Build(
                        build.Lines[0],
                        build.Lines[1],
                        TestBar.Line("water", 1, "g") with
                        {
                            Technique = "stir",
                        }
                    )
                )
                .Size("m")
                .Life.Moments[0]
                .Melt.Value,
            0.3
        );
        Assert.Equal(whole, FullBar.Mix(build with { Serve = "shaken" }).Size("m").Life.Moments[0].Melt.Value, 1e-9);
    }

    [Fact]
    public void Blended_ice_is_in_the_drink_whole()
    {
        var size = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("espresso", 2, "shot"),
                    TestBar.Line("milk", 100, "g"),
                    TestBar.Line("ice", 100, "g")
                ) with
                {
                    Serve = "blended",
                }
            )
            .Size("m");

        Assert.Equal(3.6 / 236 * 100, size.Taste.Poured.Strength!.Value.Value, 1e-9);
        Assert.Equal((36 + (100 / 1.03) + (100 / 0.9167)) * 1.15, size.Fill.OccupiedVolume.Value, 1e-9);
        Assert.Null(size.Drawing.Poured.Ice);
        Assert.Single(size.Drawing.Poured.Layers);
    }

    private static double Mass(SizeSheet size, string line) =>
        size.Lines.Single(cell => cell.Line.Value == line).Mass.Value;
}
