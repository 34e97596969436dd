using CsCheck;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Mixing.RandomDrinks;

namespace Krasis.Core.Tests.Mixing;

/// <summary>Layers in a whole drink.</summary>
public class DrinkLayerTests
{
    [Fact]
    public void A_layer_holds_on_a_denser_one_if_it_is_poured_slowly()
    {
        var build = TestBar.Build(
            TestBar.Line("ice", 80, "g"),
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("milk", 150, "ml") with
            {
                Technique = "float",
            },
            TestBar.Line("espresso", 2, "shot") with
            {
                Technique = "float",
            }
        ) with
        {
            Serve = "layered",
        };

        Assert.All(FullBar.Mix(build).Size("m").Drawing.Boundaries, boundary =>
            Assert.True(boundary.Holds, boundary.Why)
        );
        Assert.Equal(
            [("syrup", "milk"), ("milk", "espresso")],
            FullBar
                .Mix(build)
                .Size("m")
                .Drawing.Boundaries.Select(boundary => (boundary.Lower.Value, boundary.Upper.Value))
        );
    }

    [Theory]
    [InlineData("pour", "if it were poured slowly")]
    [InlineData("stir", "mixed")]
    public void A_layer_that_is_poured_or_stirred_does_not_hold(string technique, string why)
    {
        var build = TestBar.Build(
            TestBar.Line("milk", 150, "ml"),
            TestBar.Line("espresso", 2, "shot") with
            {
                Technique = technique,
            }
        );
        var boundary = Assert.Single(FullBar.Mix(build).Size("m").Drawing.Boundaries);

        Assert.False(boundary.Holds);
        Assert.Contains(why, boundary.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_lighter_one_below_does_not_carry() =>
        Assert.False(
            Assert
                .Single(
                    FullBar
                        .Mix(
                            TestBar.Build(
                                TestBar.Line("espresso", 2, "shot"),
                                TestBar.Line("milk", 150, "ml") with
                                {
                                    Technique = "float",
                                }
                            )
                        )
                        .Size("m")
                        .Drawing.Boundaries
                )
                .Holds
        );

    [Fact]
    public void Layers_are_drawn_from_the_bottom_up_without_gaps_and_within_the_cup() =>
        Drinks
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                        size.Drawing.Poured.Layers.Zip(size.Drawing.Poured.Layers.Skip(1))
                            .All(pair => Math.Abs(pair.First.To.Value - pair.Second.From.Value) < 1e-9)
                        && size.Drawing.Poured.Layers.All(layer =>
                            layer.From <= layer.To && layer.To <= size.Cup.Height
                        )
                        && (
                            size.Drawing.Poured.Layers.Count == 0
                            || Math.Abs(
                                (size.Drawing.Poured.Foam ?? size.Drawing.Poured.Layers[^1]).To.Value
                                    - size.Fill.FillHeight.Value
                            ) < 0.5
                        )
                    )
            );
}
