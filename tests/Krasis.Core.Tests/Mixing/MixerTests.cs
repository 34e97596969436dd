using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Tests.Mixing;

public class MixerTests
{
    private static readonly BuildDocument IcedLatte = TestBar.Build(
        TestBar.Line("syrup", 2, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 150, "ml"),
        TestBar.Line("ice", 100, "g")
    );

    private static readonly Gen<BuildDocument> Builds = Gen.Select(
        Gen.Int[0, 8],
        Gen.Int[0, 6],
        Gen.Double[0, 400],
        Gen.Double[0, 300],
        Gen.Double[0, 50],
        (strokes, shots, milk, ice, reserve) =>
            TestBar.Build(
                TestBar.Line("syrup", strokes, "stroke"),
                TestBar.Line("espresso", shots, "shot"),
                TestBar.Line("milk", milk, "ml"),
                TestBar.Line("ice", ice, "g")
            ) with
            {
                ReserveMm = reserve,
            }
    );

    [Fact]
    public void The_worked_example_comes_out_as_worked()
    {
        // By hand: syrup 2 × 7.5 ml = 15 ml = 19.5 g; espresso 36 g = 36 ml; milk 150 ml = 154.5 g. Liquid 201 ml and
        // 210 g, so 1.0448 g/ml; 100 g of ice displace 95.71 ml; 296.71 ml stand 74.18 mm high in 400 ml over 100 mm.
        // The ice heaps to 100 ÷ (0.9167 × 0.58) = 188.08 ml, of which 95.71 ÷ 0.58 = 165.02 are under: 23.06 ml of
        // heap stick out.
        var size = TestBar.Mix(IcedLatte).Size("m");

        Assert.Equal(201, size.Fill.LiquidVolume.Value, 1e-9);
        Assert.Equal(100, size.Fill.IceMass.Value, 1e-9);
        Assert.Equal(
            201 + (100 * 201.0 / 210) + (100 / (0.9167 * 0.58)) - (100 * 201.0 / 210 / 0.58),
            size.Fill.OccupiedVolume.Value,
            1e-9
        );
        Assert.Equal((201 + (100 * 201.0 / 210)) / 4, size.Fill.FillHeight.Value, 1e-9);
        Assert.Equal(400 - size.Fill.OccupiedVolume.Value, size.Fill.RoomLeft.Value, 1e-9);
        Assert.Equal(0, size.Fill.Spilt.Value);
    }

    [Fact]
    public void The_reference_size_is_left_as_it_was_set() =>
        Builds
            .Seeded()
            .Sample(document =>
            {
                var cells = TestBar.Mix(document).Size("m").Lines;
                return cells
                    .Zip(document.Lines)
                    .All(pair =>
                        pair.First.Amount == pair.Second.Amount
                        && pair.First.Exact == pair.Second.Amount
                        && pair.First.Origin == Origin.Set
                    );
            });

    [Fact]
    public void What_is_in_the_cup_is_what_went_into_it() =>
        Builds
            .Seeded()
            .Sample(document =>
                TestBar
                    .Mix(document)
                    .Sizes.All(size =>
                    {
                        var ice = size.Lines.Where(line => line.Ingredient.Value == "ice").Sum(line => line.Mass.Value);
                        var liquid = size
                            .Lines.Where(line => line.Ingredient.Value != "ice")
                            .Sum(line => line.Volume.Value);
                        return Math.Abs(ice - size.Fill.IceMass.Value) < 1e-9
                            && Math.Abs(liquid - size.Fill.LiquidVolume.Value) < 1e-9;
                    })
            );

    [Fact]
    public void Every_scaled_cell_is_within_half_a_step_of_what_was_asked() =>
        Builds
            .Seeded()
            .Sample(document =>
                TestBar
                    .Mix(document)
                    .Sizes.All(size =>
                        size.Lines.All(line => Math.Abs(line.Amount - line.Exact) <= (line.Step / 2) + 1e-9)
                    )
            );

    [Fact]
    public void More_ice_never_takes_up_less_room() =>
        Gen.Select(Builds, Gen.Double[0, 200])
            .Seeded()
            .Sample(
                (document, more) =>
                {
                    var iced = document with
                    {
                        Lines =
                        [
                            .. document.Lines.Take(3),
                            document.Lines[3] with
                            {
                                Amount = document.Lines[3].Amount + more,
                            },
                        ],
                    };
                    return TestBar.Mix(iced).Size("m").Fill.OccupiedVolume.Value
                        >= TestBar.Mix(document).Size("m").Fill.OccupiedVolume.Value - 1e-9;
                }
            );

    [Fact]
    public void Floating_ice_that_melts_leaves_the_surface_where_it_was()
    {
        // Archimedes: in water of 1 g/ml, ice takes up just the water that it will become.
        var iced = TestBar
            .Mix(TestBar.Build(TestBar.Line("coffee", 200, "ml"), TestBar.Line("ice", 100, "g")))
            .Size("m");
        var melted = TestBar.Mix(TestBar.Build(TestBar.Line("coffee", 300, "ml"))).Size("m");

        Assert.Equal(melted.Fill.FillHeight.Value, iced.Fill.FillHeight.Value, 1e-9);
    }

    [Fact]
    public void The_same_build_mixes_to_the_same_sheet() =>
        Builds
            .Seeded()
            .Sample(document =>
                System.Text.Json.JsonSerializer.Serialize(TestBar.Mix(document))
                == System.Text.Json.JsonSerializer.Serialize(TestBar.Mix(document))
            );

    [Fact]
    public void A_pin_holds_and_tells_that_it_is_one()
    {
        var sheet = TestBar.Mix(TestBar.Build(TestBar.Line("milk", 150, "ml", ("l", 183))));

        Assert.Equal((183, Origin.Pinned), (sheet.Cell("milk", "l").Amount, sheet.Cell("milk", "l").Origin));
        Assert.Equal((75, Origin.Scaled), (sheet.Cell("milk", "s").Amount, sheet.Cell("milk", "s").Origin));
    }

    [Fact]
    public void The_reserve_is_kept_in_every_size()
    {
        var sheet = TestBar.Mix(IcedLatte with { ReserveMm = 20 });

        Assert.All(sheet.Sizes, size =>
            Assert.Equal(size.Cup.BrimCapacity.Value * 0.8, size.Fill.WorkingVolume.Value, 1e-6)
        );
        Assert.All(sheet.Sizes, size => Assert.Equal(80, size.Cup.WorkingHeight.Value, 1e-9));
    }

    [Fact]
    public void What_does_not_fit_below_the_brim_is_spilt()
    {
        var size = TestBar.Mix(TestBar.Build(TestBar.Line("coffee", 425, "ml"))).Size("m");

        Assert.Equal(25, size.Fill.Spilt.Value, 1e-9);
        Assert.Equal(100, size.Fill.FillHeight.Value, 1e-9);
    }

    [Fact]
    public void Layers_stand_on_one_another_up_to_the_surface() =>
        Builds
            .Seeded()
            .Sample(document =>
                TestBar
                    .Mix(document)
                    .Sizes.All(size =>
                    {
                        var layers = size.Drawing.Poured.Layers;
                        var joined = layers
                            .Zip(layers.Skip(1))
                            .All(pair => Math.Abs(pair.First.To.Value - pair.Second.From.Value) < 1e-9);
                        return size.Fill.LiquidVolume.Value < 1
                            || (
                                joined
                                && layers[0].From.Value == 0
                                && Math.Abs(layers[^1].To.Value - size.Fill.FillHeight.Value) < 1e-6
                            );
                    })
            );

    [Fact]
    public void A_build_of_nothing_is_an_empty_cup()
    {
        var size = TestBar.Mix(TestBar.Build()).Size("m");

        Assert.Equal(0, size.Fill.FillHeight.Value);
        Assert.Empty(size.Drawing.Poured.Layers);
        Assert.Null(size.Drawing.Poured.Ice);
    }

    [Theory]
    [InlineData(1e-9)]
    public void Less_than_a_drop_is_worked_out_like_anything_else(double millilitres)
    {
        var size = TestBar
            .Mix(TestBar.Build(TestBar.Line("syrup", millilitres, "ml"), TestBar.Line("ice", 100, "g")))
            .Size("m");

        Assert.Equal(100 / (0.9167 * 0.58), size.Fill.OccupiedVolume.Value, 1e-6);
    }

    [Fact]
    public void Ice_without_a_liquid_lies_there_as_a_heap()
    {
        var size = TestBar.Mix(TestBar.Build(TestBar.Line("ice", 100, "g"))).Size("m");

        // A heap of cubes is 55 to 60 % ice (common practice, no source); 0.58 is taken.
        Assert.Equal(100 / (0.9167 * 0.58), size.Fill.OccupiedVolume.Value, 1e-9);
        Assert.Equal(5, size.Drawing.Poured.Ice!.Pieces, 1e-9);
    }

    [Fact]
    public void The_edge_is_marked_every_fifty_millilitres_and_numbered_every_hundred()
    {
        var marks = TestBar.Mix(IcedLatte).Size("s").Cup.Graduations;

        Assert.Equal([50, 100, 150], marks.Select(mark => mark.Volume.Value));
        Assert.Equal([false, true, false], marks.Select(mark => mark.IsMajor));
        Assert.Equal(50, marks[1].Height.Value, 1e-9);
    }

    [Fact]
    public void A_build_read_against_another_bar_is_a_defect_that_is_told()
    {
        var build = BuildReader.Read(IcedLatte, TestBar.Facts).Value;
        var other = Core.Bar.Kinds.BarReader.Read(TestBar.Document with { Cups = [] }).Value;

        Assert.Throws<ArgumentException>(() => Mixer.Mix(build, other));
    }
}
