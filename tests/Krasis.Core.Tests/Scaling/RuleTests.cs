using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Scaling;

public class RuleTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 2, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 150, "ml"),
        TestBar.Line("ice", 80, "g")
    );

    [Fact]
    public void Shots_are_stepped_one_for_each_size()
    {
        var sheet = FullBar.Mix(Latte with { School = "step-the-shots" });

        Assert.Equal([1, 2, 3], Row(sheet, "espresso"));
        Assert.Equal([75, 150, 225], Row(sheet, "milk"));
    }

    [Fact]
    public void The_smallest_size_still_gets_a_shot() =>
        Assert.Equal(
            [1, 1, 2],
            Row(
                FullBar.Mix(Latte with { School = "step-the-shots", Lines = [TestBar.Line("espresso", 1, "shot")] }),
                "espresso"
            )
        );

    [Fact]
    public void A_stretched_shot_grows_as_far_as_the_basket_takes_it()
    {
        // The basket takes 16 to 21 g: 0.5 and 1.5 times 18 g are cut there, and the yield keeps 1 : 2.
        var sheet = FullBar.Mix(Latte with { School = "stretch-the-shot" });

        Assert.Equal([2, 2, 2], Row(sheet, "espresso"));
        Assert.Equal([16, 18, 21], sheet.Sizes.Select(size => Math.Round(Cell(size, "espresso").Pull!.Dose.Value, 9)));
        Assert.Equal([32, 36, 42], sheet.Sizes.Select(size => Math.Round(Cell(size, "espresso").Pull!.Yield.Value, 9)));
        Assert.Equal([32, 36, 42], sheet.Sizes.Select(size => Math.Round(Cell(size, "espresso").Mass.Value, 9)));
        Assert.Equal([1, 1, 1], sheet.Sizes.Select(size => Cell(size, "espresso").Pull!.Pulls));
        Assert.Equal([1, 1, 1], sheet.Sizes.Select(size => Cell(size, "espresso").Pull!.WholePulls));
        Assert.Equal([0, 0, 0], sheet.Sizes.Select(size => Cell(size, "espresso").Pull!.PouredAway.Value));

        // One shot of a stretched double leaves the other.
        var single = FullBar.Mix(
            Latte with
            {
                School = "stretch-the-shot",
                Lines = [TestBar.Line("espresso", 1, "shot")],
            }
        );
        Assert.Equal(
            [16, 18, 21],
            single.Sizes.Select(size => Math.Round(Cell(size, "espresso").Pull!.PouredAway.Value, 9))
        );
    }

    [Fact]
    public void A_stretched_shot_is_never_outside_the_basket() =>
        Gen.Select(Gen.Double[16, 21], Gen.Double[0, 15])
            .Seeded()
            .Sample(
                (dose, reserve) =>
                {
                    var bar = FullBar.Read(
                        FullBar.Document with
                        {
                            Espresso = [FullBar.Document.Espresso[0] with { DoseGrams = dose, YieldGrams = dose * 2 }],
                        }
                    );
                    return FullBar
                        .Mix(Latte with { School = "stretch-the-shot", ReserveMm = reserve }, bar)
                        .Sizes.All(size => Cell(size, "espresso").Pull!.Dose.Value is >= 16 - 1e-9 and <= 21 + 1e-9);
                }
            );

    [Fact]
    public void A_fixed_line_is_the_same_in_every_size() =>
        Assert.Equal([2, 2, 2], Row(With("syrup", "fixed"), "syrup"));

    [Fact]
    public void A_ladder_says_its_amounts_and_goes_by_steps_where_it_says_none()
    {
        var ladder = new ScaleDocument { By = "ladder", Ladder = [new() { Size = "l", Amount = 5 }] };
        var sheet = FullBar.Mix(
            Latte with
            {
                Lines = [Latte.Lines[0] with { Scale = ladder }, .. Latte.Lines.Skip(1)],
            }
        );

        Assert.Equal([1, 2, 5], Row(sheet, "syrup"));
    }

    [Fact]
    public void What_the_lead_has_said_to_the_gram_is_poured_to_the_gram()
    {
        var ladder = new ScaleDocument { By = "ladder", Ladder = [new() { Size = "s", Amount = 7.5 }] };
        var sheet = FullBar.Mix(
            TestBar.Build(
                TestBar.Line("sauce", 12.5, "g") with
                {
                    Scale = ladder,
                },
                TestBar.Line("whip", 2.4, "g") with
                {
                    Scale = new() { By = "fixed" },
                }
            )
        );

        Assert.Equal([7.5, 12.5, 14], Row(sheet, "sauce"));
        Assert.Equal([2.4, 2.4, 2.4], Row(sheet, "whip"));
    }

    [Fact]
    public void A_line_with_the_coffee_follows_what_the_bar_pours_of_it()
    {
        var sheet = FullBar.Mix(
            Latte with
            {
                Lines =
                [
                    TestBar.Line("syrup", 3, "stroke") with
                    {
                        Scale = new() { By = "coffee" },
                    },
                    TestBar.Line("espresso", 3, "shot"),
                    TestBar.Line("milk", 150, "ml"),
                ],
            }
        );

        // 3 shots become 1.5, poured as 2, and 4.5, poured as 5.
        Assert.Equal([2, 3, 5], Row(sheet, "espresso"));
        Assert.Equal([2, 3, 5], Row(sheet, "syrup"));
    }

    [Fact]
    public void For_sweetness_every_size_is_as_sweet_before_rounding() =>
        Gen.Select(Gen.Int[1, 4], Gen.Double[20, 250], Gen.Double[0.5, 6], Gen.Double[0, 120])
            .Seeded()
            .Sample(
                (shots, milk, strokes, ice) =>
                {
                    var build = TestBar.Build(
                        TestBar.Line("syrup", strokes, "stroke") with
                        {
                            Scale = new() { By = "sweetness" },
                        },
                        TestBar.Line("espresso", shots, "shot"),
                        TestBar.Line("milk", milk, "ml"),
                        TestBar.Line("ice", ice, "g")
                    );
                    var sheet = FullBar.Mix(build with { School = "same-shot" });
                    var target = sheet.Size("m").Taste.Poured.Sweetness!.Value.Value;

                    // Everything as the rules ask for it, before any rounding.
                    return sheet
                        .Sizes.Where(size => !size.IsReference)
                        .All(size =>
                        {
                            var (syrup, coffee, poured) = (
                                Cell(size, "syrup").Exact * 7.5 * 1.3,
                                Cell(size, "espresso").Exact * 18,
                                Cell(size, "milk").Exact * 1.03
                            );
                            return Math.Abs(
                                    (((syrup * 0.65) + (poured * 0.05 * 0.16)) / (syrup + coffee + poured) * 100)
                                        - target
                                ) < 1e-9;
                        });
                }
            );

    [Fact]
    public void The_rest_of_the_cup_fills_every_size_as_full_and_never_over() =>
        Gen.Select(Gen.Int[0, 3], Gen.Double[50, 250], Gen.Int[0, 4], Gen.Double[0, 120], Gen.Double[0, 30])
            .Seeded()
            .Sample(
                (shots, milk, strokes, ice, reserve) =>
                {
                    var build = TestBar.Build(
                        TestBar.Line("syrup", strokes, "stroke"),
                        TestBar.Line("espresso", shots, "shot"),
                        TestBar.Line("milk", milk, "ml") with
                        {
                            Scale = new() { By = "rest" },
                        },
                        TestBar.Line("ice", ice, "g")
                    ) with
                    {
                        ReserveMm = reserve,
                    };
                    var sheet = FullBar.Mix(build);
                    var fullness = Math.Min(
                        1,
                        sheet.Size("m").Fill.OccupiedVolume / sheet.Size("m").Fill.WorkingVolume
                    );

                    // A step is 5 ml of milk, and with it the ice floats a little higher or lower: as much as a tenth
                    // of the step more.
                    return sheet
                        .Sizes.Where(size => !size.IsReference && Cell(size, "milk").Amount > 0)
                        .All(size =>
                            size.Fill.RoomLeft.Value >= -1e-6
                            && size.Fill.WorkingVolume.Value * fullness - size.Fill.OccupiedVolume.Value
                                is > -1e-6
                                    and < 5.5
                        );
                }
            );

    [Fact]
    public void A_share_is_the_same_share_of_what_is_poured()
    {
        var sheet = FullBar.Mix(
            TestBar.Build(
                TestBar.Line("syrup", 20, "g") with
                {
                    Scale = new() { By = "share", Of = "milk" },
                },
                TestBar.Line("milk", 100, "g", ("l", 160))
            )
        );

        Assert.Equal([10, 20, 32], Row(sheet, "syrup"));
    }

    [Fact]
    public void A_share_of_the_rest_and_sweetness_settle_together()
    {
        var sheet = FullBar.Mix(
            TestBar.Build(
                TestBar.Line("syrup", 20, "g") with
                {
                    Scale = new() { By = "sweetness" },
                },
                TestBar.Line("sauce", 10, "g") with
                {
                    Scale = new() { By = "share", Of = "milk" },
                },
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("milk", 200, "ml") with
                {
                    Scale = new() { By = "rest" },
                }
            )
        );

        Assert.All(sheet.Sizes, size => Assert.InRange(size.Fill.RoomLeft.Value, -1e-6, double.MaxValue));
        Assert.All(sheet.Sizes, size => Assert.InRange(Math.Abs(size.Taste.Drift.Sweetness!.Value.Value), 0, 3));
        Assert.All(sheet.Sizes, size =>
            Assert.InRange(Cell(size, "sauce").Mass / Cell(size, "milk").Mass, 0.045, 0.0525)
        );
    }

    [Theory]
    [InlineData("milk", "milk")]
    [InlineData("nobody", null)]
    public void A_share_that_leads_nowhere_or_back_is_refused(string of, string? also)
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 20, "g") with
            {
                Scale = new() { By = "share", Of = of },
            },
            TestBar.Line("milk", 100, "g") with
            {
                Scale = also is null ? null : new() { By = "share", Of = "syrup" },
            }
        );

        Assert.Contains(BuildReader.Read(build, FullBar.Facts).Problems, problem =>
            problem.Field == "lines[0].scale.of"
        );
    }

    [Fact]
    public void Half_shots_and_half_strokes_are_poured_where_the_house_gives_them()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Dispensers = [FullBar.Document.Dispensers[0] with { HalfStrokes = true }],
                Espresso = [FullBar.Document.Espresso[0] with { HalfShots = true }],
            }
        );
        var sheet = FullBar.Mix(
            Latte with
            {
                Lines = [TestBar.Line("syrup", 3, "stroke"), TestBar.Line("espresso", 3, "shot")],
            },
            bar
        );

        Assert.Equal([1.5, 3, 4.5], Row(sheet, "syrup"));
        Assert.Equal([1.5, 3, 4.5], Row(sheet, "espresso"));
    }

    [Fact]
    public void A_pin_outranks_every_rule() =>
        Gen.OneOfConst([.. Enum.GetValues<ScaleBy>().Where(by => by != ScaleBy.Share)])
            .Seeded()
            .Sample(by =>
            {
                var build = Latte with
                {
                    Lines =
                    [
                        TestBar.Line("syrup", 2, "stroke", ("l", 7)) with
                        {
                            Scale = new() { By = Core.Input.Choice.Word(by) },
                        },
                        .. Latte.Lines.Skip(1),
                    ],
                };
                return Cell(FullBar.Mix(build).Size("l"), "syrup") is { Amount: 7, Origin: Origin.Pinned };
            });

    // What rounding did, by hand: half of 3 shots is 1.5, poured as 2: 36 g instead of 27 g of 10 % in 75 ml of milk.
    [Fact]
    public void Rounding_says_what_it_did_to_the_taste()
    {
        var size = FullBar
            .Mix(TestBar.Build(TestBar.Line("espresso", 3, "shot"), TestBar.Line("milk", 150, "ml")))
            .Size("s");
        var change = ((36 / (36 + 77.25)) / (27 / (27 + 77.25)) - 1) * 100;

        Assert.Equal(change, size.Taste.Rounding.Strength!.Value.Value, 1e-9);
        Assert.Equal("Rounding makes it 23 % stronger and 8 % less sweet.", size.Taste.Rounding.Says);
        Assert.Equal("", FullBar.Mix(TestBar.Build(TestBar.Line("espresso", 3, "shot"))).Size("m").Taste.Rounding.Says);
    }

    private static BuildSheet With(string line, string by) =>
        FullBar.Mix(
            Latte with
            {
                Lines =
                [
                    .. Latte.Lines.Select(each => each.Id == line ? each with { Scale = new() { By = by } } : each),
                ],
            }
        );

    private static SheetLine Cell(SizeSheet size, string line) => size.Lines.Single(cell => cell.Line.Value == line);

    private static double[] Row(BuildSheet sheet, string line) =>
        [.. sheet.Sizes.Select(size => Cell(size, line).Amount)];
}
