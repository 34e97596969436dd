using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Mixing;

/// <summary>The cups as they are drawn: to the sums, at every moment of the drink's life.</summary>
public class DrawingTests
{
    private static readonly LineDocument Syrup = TestBar.Line("syrup", 3, "stroke");
    private static readonly LineDocument Shots = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");

    private static readonly Gen<BuildDocument> Iced = Gen.Select(
        Gen.Int[0, 5],
        Gen.Int[1, 3],
        Gen.Double[60, 200],
        Gen.Double[20, 140],
        Gen.OneOfConst("iced", "layered", "shaken", "blended"),
        (strokes, shots, milk, ice, serve) =>
            TestBar.Build(
                TestBar.Line("syrup", strokes, "stroke"),
                TestBar.Line("espresso", shots, "shot"),
                TestBar.Line("milk", milk, "ml"),
                TestBar.Line("ice", ice, "g")
            ) with
            {
                Serve = serve,
            }
    );

    [Fact]
    public void Layers_lie_on_one_another_without_a_gap_up_to_the_surface() =>
        Iced.Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                        Drawings(size)
                            .All(drawing =>
                                drawing.Layers[0].From.Value == 0
                                && drawing
                                    .Layers.Zip(drawing.Layers.Skip(1))
                                    .All(pair => pair.First.To == pair.Second.From)
                                && Math.Abs((drawing.Foam ?? drawing.Layers[^1]).To.Value - drawing.FillHeight.Value)
                                    < 0.01
                                && (drawing.Foam is null || drawing.Foam.From == drawing.Layers[^1].To)
                            )
                    )
            );

    // Archimedes: floating ice displaces its own mass of the drink, and its water fills a little more than that where
    // the drink is denser than water. By hand, for drinks of up to 1.15 g/ml: 1 - 1 ÷ 1.15 = 0.13 ml for each gram.
    [Fact]
    public void Melting_ice_hardly_moves_the_surface_unless_it_stands_in_a_heap() =>
        Iced.Where(build => build.Serve != "blended")
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                    {
                        // The test bar's cups are cylinders. A heap that stands on the bottom takes up more than the
                        // liquid fills.
                        var area = size.Cup.BrimCapacity.Value / size.Cup.Height.Value;
                        var isFloating =
                            Math.Abs((size.Drawing.Poured.FillHeight.Value * area) - size.Fill.OccupiedVolume.Value)
                            < 1e-6;
                        return !isFloating
                            || size.Fill.Spilt.Value > 0
                            || size.Life.Moments.All(moment =>
                                Math.Abs(moment.Drawing.FillHeight.Value - size.Drawing.Poured.FillHeight.Value)
                                <= size.Fill.IceMass.Value * 0.15 / area
                            );
                    })
            );

    [Fact]
    public void The_ice_in_the_drawing_never_grows() =>
        Iced.Where(build => build.Serve != "blended")
            .Seeded()
            .Sample(build =>
                FullBar
                    .Mix(build)
                    .Sizes.All(size =>
                    {
                        var sides = Drawings(size).Select(drawing => drawing.Ice?.PieceSide.Value ?? 0).ToList();
                        return sides.Zip(sides.Skip(1)).All(pair => pair.Second <= pair.First + 1e-9);
                    })
            );

    [Fact]
    public void What_has_melted_is_gone_from_the_drawing_and_thins_a_clear_drink()
    {
        var size = FullBar.Mix(TestBar.Build(Shots, Ice with { Amount = 5 })).Size("m");
        Assert.NotNull(size.Drawing.Poured.Ice);
        Assert.Null(size.Life.Moments[^1].Drawing.Ice);
        Assert.Equal("#3d2314", size.Drawing.Poured.Layers[^1].Colour);

        // By hand, by Beer and Lambert in linear light: 36 g with 5 g of water; red 61 is 0.04667, to the power of 36 ÷
        // 41 it is 0.0678, which is 74.
        Assert.StartsWith("#4a", size.Life.Moments[^1].Drawing.Layers[^1].Colour, StringComparison.Ordinal);
    }

    [Fact]
    public void A_drink_that_is_poured_is_one_colour_when_it_is_handed_over_and_a_layered_one_is_not()
    {
        var latte = FullBar
            .Mix(TestBar.Build(Syrup, Shots, Milk with { Technique = "steam", Foam = "high" }) with { Serve = "hot" })
            .Size("m");
        Assert.Equal(3, latte.Drawing.Poured.Layers.Count);
        var served = latte.Life.Moments[0].Drawing;
        Assert.Equal(latte.Taste.Colour, Assert.Single(served.Layers).Colour);
        Assert.Equal(served.Layers[0].To, served.Foam!.From);
        Assert.Equal(served.FillHeight, served.Foam.To);
        Assert.Equal(latte.Fill.FoamCap.Value, (served.Foam.To - served.Foam.From).Value, 1e-9);

        var layered = FullBar
            .Mix(
                TestBar.Build(Ice, Syrup, Milk with { Technique = "float" }, Shots with { Technique = "float" }) with
                {
                    Serve = "layered",
                }
            )
            .Size("m");
        Assert.Equal(3, layered.Life.Moments[0].Drawing.Layers.Count);
    }

    [Fact]
    public void Edges_are_sharp_where_a_layer_holds_and_soft_where_it_does_not()
    {
        var layered = FullBar
            .Mix(
                TestBar.Build(Ice, Syrup, Milk with { Technique = "float" }, Shots with { Technique = "float" }) with
                {
                    Serve = "layered",
                }
            )
            .Size("m");
        Assert.Equal([false, false, false], layered.Drawing.Poured.Layers.Select(layer => layer.MixesAbove));

        var poured = FullBar.Mix(TestBar.Build(Syrup, Shots, Milk)).Size("m");
        Assert.Equal([true, true, false], poured.Drawing.Poured.Layers.Select(layer => layer.MixesAbove));
    }

    [Fact]
    public void Finishes_are_drawn_where_they_are_put()
    {
        var sauce = TestBar.Line("sauce", 5, "g");
        var size = FullBar
            .Mix(
                TestBar.Build(
                    sauce with
                    {
                        Id = "wall",
                        Technique = "wall",
                    },
                    Milk,
                    sauce with
                    {
                        Id = "rim",
                        Technique = "rim",
                    },
                    sauce with
                    {
                        Id = "bars",
                        Technique = "top",
                    },
                    TestBar.Line("cocoa", 1, "g") with
                    {
                        Technique = "dust",
                    }
                )
            )
            .Size("m");

        Assert.Equal(
            [
                ("wall", TrimPlace.Wall),
                ("rim", TrimPlace.Rim),
                ("bars", TrimPlace.Drizzle),
                ("cocoa", TrimPlace.Dusting),
            ],
            size.Drawing.Poured.Trims.Select(trim => (trim.Line.Value, trim.Place))
        );
    }

    [Fact]
    public void The_fill_line_is_the_milk_s_or_else_the_coffee_s()
    {
        Assert.Equal("milk", FullBar.Mix(TestBar.Build(Syrup, Shots, Milk, Ice)).Size("m").Fill.FillLine?.Value);
        Assert.Equal(
            "coffee",
            FullBar.Mix(TestBar.Build(Syrup, TestBar.Line("coffee", 200, "ml"), Ice)).Size("m").Fill.FillLine?.Value
        );
        Assert.Null(FullBar.Mix(TestBar.Build(Syrup, Shots)).Size("m").Fill.FillLine);
    }

    [Fact]
    public void The_lid_and_the_printed_lines_stand_where_they_were_measured()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups =
                [
                    .. FullBar.Document.Cups.Select(cup =>
                        cup with
                        {
                            LidClearanceMm = -4,
                            PrintedLines = [new() { Label = "milk", HeightMm = 60 }],
                        }
                    ),
                ],
            }
        );
        var cup = FullBar.Mix(TestBar.Build(Milk), bar).Size("m").Cup;

        // The cup is 100 mm high and a cylinder of 400 ml.
        Assert.Equal(96, cup.LidHeight!.Value.Value, 1e-9);
        Assert.Equal(
            ("milk", 60.0, 240.0),
            (
                cup.PrintedLines[0].Label,
                cup.PrintedLines[0].Height.Value,
                Math.Round(cup.PrintedLines[0].Volume.Value, 6)
            )
        );
        Assert.Null(FullBar.Mix(TestBar.Build(Milk)).Size("m").Cup.LidHeight);
    }

    private static IEnumerable<CupDrawing> Drawings(SizeSheet size) =>
        [size.Drawing.Poured, .. size.Life.Moments.Select(moment => moment.Drawing)];
}
