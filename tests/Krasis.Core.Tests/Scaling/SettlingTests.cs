using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Scaling;

/// <summary>Lines that follow one another: what each rule promises holds of all of them together, before rounding to a
/// millionth and after it to the bar's steps. All in grams, so that a line's mass is its amount.</summary>
public class SettlingTests
{
    // g/ml and grams of sucrose that a gram sweetens as, from the test bar's labels: lactose counts 0.16.
    private static readonly Dictionary<string, (double Density, double Sweet)> Things = new()
    {
        ["syrup"] = (1.3, 0.65),
        ["sweet-milk"] = (1.1, 0.20 + (0.10 * 0.16)),
        ["espresso"] = (1, 0),
        ["milk"] = (1.03, 0.05 * 0.16),
        ["water"] = (1, 0),
    };

    // Half of the drinks have their share of the rest, the others of the coffee.
    private static readonly Gen<(BuildDocument Build, string Of)> Drinks = Gen.Select(
        Gen.Double[5, 40],
        Gen.Double[5, 60],
        Gen.Double[20, 60],
        Gen.Double[80, 200],
        Gen.Bool,
        (syrup, sweet, espresso, milk, ofRest) =>
            (
                TestBar.Build(
                    By("syrup", syrup, "sweetness"),
                    By("sweet-milk", sweet, "share", ofRest ? "milk" : "espresso"),
                    By("espresso", espresso, "cup"),
                    By("milk", milk, "rest")
                ),
                ofRest ? "milk" : "espresso"
            )
    );

    [Fact]
    public void Before_rounding_every_rule_holds() =>
        Drinks
            .Seeded()
            .Sample(
                (build, of) =>
                {
                    var sheet = FullBar.Mix(build);
                    return sheet.Sizes.All(size =>
                        Near(
                            Exact(size, "sweet-milk") / Exact(size, of),
                            Exact(sheet.Size("m"), "sweet-milk") / Exact(sheet.Size("m"), of)
                        )
                        && Near(Sweetness(size, line => line.Exact), Sweetness(sheet.Size("m"), line => line.Exact))
                        && Near(
                            Volume(size, line => line.Exact) / size.Fill.WorkingVolume.Value,
                            Volume(sheet.Size("m"), line => line.Exact) / sheet.Size("m").Fill.WorkingVolume.Value
                        )
                    );
                }
            );

    [Fact]
    public void After_rounding_every_rule_holds_of_what_is_poured_and_no_size_is_fuller() =>
        Drinks
            .Seeded()
            .Sample(
                (build, of) =>
                {
                    var sheet = FullBar.Mix(build);
                    var (share, fullness) = (
                        Exact(sheet.Size("m"), "sweet-milk") / Exact(sheet.Size("m"), of),
                        sheet.Size("m").Fill.OccupiedVolume.Value / sheet.Size("m").Fill.WorkingVolume.Value
                    );
                    return sheet
                        .Sizes.Where(size => !size.IsReference)
                        .All(size =>
                        {
                            // The bar weighs to 1 g. The rest goes down, and what is a share of it is rounded after it.
                            var short_ = (fullness * size.Fill.WorkingVolume.Value) - size.Fill.OccupiedVolume.Value;
                            var afterwards = of == "milk" ? 0.5 / 1.1 : 0;
                            return Math.Abs(Poured(size, "sweet-milk") - (share * Poured(size, of))) <= 0.5 + 1e-6
                                && Math.Abs(
                                    Sweetness(size, line => line.Amount)
                                        - Sweetness(sheet.Size("m"), line => line.Amount)
                                )
                                    <= ((0.5 * 0.65) + (0.5 * 0.216) + 0.3) / size.Lines.Sum(line => line.Amount)
                                && size.Lines.All(line => Math.Abs(line.Amount - Math.Round(line.Amount)) < 1e-6)
                                && short_ >= -afterwards - 1e-6
                                && short_ <= (1 / 1.03) + (share / 1.1) + afterwards + 1e-6;
                        });
                }
            );

    // The mark is of what is poured before it: rounded syrup, and not what scaling would have liked.
    [Fact]
    public void A_mark_and_the_rest_stand_on_what_was_rounded_before_them() =>
        Gen.Select(Gen.Double[5, 40], Gen.Double[20, 60], Gen.Double[10, 60])
            .Seeded()
            .Sample(
                (syrup, espresso, water) =>
                {
                    var sheet = FullBar.Mix(
                        TestBar.Build(
                            By("syrup", syrup, "sweetness"),
                            By("espresso", espresso, "cup"),
                            TestBar.Line("milk", 100, "g") with
                            {
                                To = "to ½",
                            },
                            By("water", water, "rest")
                        )
                    );
                    var fullness = sheet.Size("m").Fill.OccupiedVolume.Value / sheet.Size("m").Fill.WorkingVolume.Value;
                    return sheet
                        .Sizes.Where(size => !size.IsReference)
                        .All(size =>
                        {
                            var toMark = Volume(size, line => line.Ingredient.Value == "water" ? 0 : line.Amount);
                            var left = (fullness * size.Fill.WorkingVolume.Value) - size.Fill.OccupiedVolume.Value;
                            return Math.Abs(toMark - (size.Cup.BrimCapacity.Value / 2)) < 0.01
                                && left is >= -1e-6 and <= 1 + 1e-6;
                        });
                }
            );

    // 3 strokes a size up and not 2.5: a rung is a whole stroke also where the bar gives halves, of milk it is the
    // bar's 5 ml.
    [Fact]
    public void A_rung_is_a_whole_stroke_and_nothing_stays_nothing()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Dispensers = [FullBar.Document.Dispensers[0] with { HalfStrokes = true }],
                Espresso = [FullBar.Document.Espresso[0] with { HalfShots = true }],
            }
        );
        var ladder = new ScaleDocument { By = "ladder" };
        var sheet = FullBar.Mix(
            TestBar.Build(
                TestBar.Line("syrup", 2, "stroke") with
                {
                    Scale = ladder,
                },
                TestBar.Line("espresso", 2, "shot") with
                {
                    Scale = ladder,
                },
                TestBar.Line("milk", 100, "ml") with
                {
                    Scale = ladder,
                },
                TestBar.Line("cocoa", 0, "g") with
                {
                    Scale = ladder,
                },
                TestBar.Line("water", 3, "ml") with
                {
                    Scale = ladder,
                }
            ),
            bar
        );

        Assert.Equal([1, 2, 3], Row(sheet, "syrup"));
        Assert.Equal([1, 2, 3], Row(sheet, "espresso"));
        Assert.Equal([95, 100, 105], Row(sheet, "milk"));
        Assert.Equal([0, 0, 0], Row(sheet, "cocoa"));

        // The least is a rung, or what the reference has where that is less; it is poured in the bar's 5 ml.
        Assert.Equal([5, 3, 10], Row(sheet, "water"));
    }

    [Fact]
    public void What_is_said_of_a_count_is_poured_as_the_bar_gives_it_and_anything_else_to_the_gram()
    {
        var said = new ScaleDocument { By = "fixed" };
        var sheet = FullBar.Mix(
            TestBar.Build(
                TestBar.Line("syrup", 1.4, "stroke") with
                {
                    Scale = said,
                },
                TestBar.Line("milk", 101.3, "g") with
                {
                    Scale = said,
                }
            )
        );

        Assert.Equal([1, 1.4, 1], Row(sheet, "syrup"));
        Assert.Equal([101.3, 101.3, 101.3], Row(sheet, "milk"));
    }

    // The reference has none of the milk that the syrup is a share of: there is nothing to be a share of, and it grows
    // with the cup.
    [Fact]
    public void A_share_of_nothing_grows_with_the_cup()
    {
        var sheet = FullBar.Mix(
            TestBar.Build(By("syrup", 20, "share", "milk"), By("milk", 0, "cup"), By("espresso", 36, "cup"))
        );

        Assert.Equal([10, 20, 30], Row(sheet, "syrup"));
    }

    [Fact]
    public void Alone_in_the_cup_the_sweet_line_still_grows()
    {
        var sheet = FullBar.Mix(TestBar.Build(By("syrup", 20, "sweetness")));

        Assert.Equal([10, 20, 30], Row(sheet, "syrup"));
    }

    private static LineDocument By(string ingredient, double grams, string by, string? of = null) =>
        TestBar.Line(ingredient, grams, "g") with
        {
            Scale = new() { By = by, Of = of },
        };

    private static bool Near(double one, double other) => Math.Abs(one - other) <= 1e-6 * Math.Max(1, Math.Abs(other));

    private static double Exact(SizeSheet size, string ingredient) =>
        size.Lines.Single(line => line.Ingredient.Value == ingredient).Exact;

    private static double Poured(SizeSheet size, string ingredient) =>
        size.Lines.Single(line => line.Ingredient.Value == ingredient).Amount;

    private static double Sweetness(SizeSheet size, Func<SheetLine, double> grams) =>
        size.Lines.Sum(line => grams(line) * Things[line.Ingredient.Value].Sweet) / size.Lines.Sum(grams);

    private static double Volume(SizeSheet size, Func<SheetLine, double> grams) =>
        size.Lines.Sum(line => grams(line) / Things[line.Ingredient.Value].Density);

    private static IEnumerable<double> Row(Judging.Findings.BuildSheet sheet, string ingredient) =>
        sheet.Sizes.Select(size => Math.Round(Poured(size, ingredient), 6));
}
