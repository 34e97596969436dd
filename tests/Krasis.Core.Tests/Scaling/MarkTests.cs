using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Room;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Tests.Scaling;

/// <summary>Lines that fill the cup to a mark: the mark is the standard, in every size by its own, and the millilitres
/// follow.</summary>
public class MarkTests
{
    // The cups are cylinders of 100 mm that hold 200, 400 and 600 ml; the small one has no second line.
    private static readonly BarFacts Bar = FullBar.Read(
        FullBar.Document with
        {
            Cups =
            [
                FullBar.Document.Cups[0] with
                {
                    PrintedLines = [new() { Label = "milk", HeightMm = 40 }],
                },
                FullBar.Document.Cups[1] with
                {
                    PrintedLines = [new() { Label = "milk", HeightMm = 50 }, new() { Label = "top", HeightMm = 80 }],
                },
                FullBar.Document.Cups[2] with
                {
                    PrintedLines = [new() { Label = "milk", HeightMm = 60 }, new() { Label = "top", HeightMm = 90 }],
                },
            ],
        }
    );

    private static readonly LineDocument Syrup = TestBar.Line("syrup", 2, "stroke") with
    {
        Scale = new() { By = "fixed" },
    };
    private static readonly LineDocument Milk = TestBar.Line("milk", 100, "ml");

    public static TheoryData<string, double, double, double> Marks =>
        new()
        {
            { "to the milk line", 80, 200, 360 },
            { "to line 1", 80, 200, 360 },
            { "to the first line", 80, 200, 360 },
            { "to 62 mm", 124, 248, 372 },
            { "to 120 ml", 120, 120, 120 },
            { "to ¾", 150, 300, 450 },
            { "to three quarters of the cup", 150, 300, 450 },
            { "to 50 %", 100, 200, 300 },
            { "to half full", 100, 200, 300 },
            { "to the top", 180, 360, 540 },
            { "to the brim", 200, 400, 600 },
            { "fill to the brim", 200, 400, 600 },
        };

    [Theory]
    [MemberData(nameof(Marks))]
    public void Each_size_is_filled_to_its_own_mark(string to, double small, double middle, double large)
    {
        // 15 ml of syrup are in the cup already; the reserve is 10 mm.
        var sheet = Mix(TestBar.Build(Syrup, Milk with { To = to }) with { ReserveMm = 10 });
        foreach (var (size, ml) in new[] { ("s", small), ("m", middle), ("l", large) })
        {
            var line = sheet.Cell("milk", size);
            Assert.Equal(ml - 15, line.Amount, 0.01);
            Assert.Equal((Origin.Marked, ml), (line.Origin, Math.Round(line.Mark!.Volume.Value, 6)));
        }
    }

    [Theory]
    [InlineData("to the moon")]
    [InlineData("to 120")]
    [InlineData("to 0 mm")]
    [InlineData("to 120 %")]
    [InlineData("milk")]
    [InlineData("to １２０ ml")]
    public void What_is_no_mark_is_told_by_its_field(string to) =>
        Assert.Equal("lines[0].to", BuildReader.Read(TestBar.Build(Milk with { To = to }), Bar).Problems[0].Field);

    [Fact]
    public void A_mark_s_amount_brings_the_surface_there_and_does_not_mind_what_goes_in_later() =>
        Gen.Select(Gen.Int[0, 4], Gen.Int[0, 2], Gen.Double[0, 80], Gen.Double[45, 95], Gen.Double[0, 150], Gen.Bool)
            .Seeded()
            .Sample(
                (strokes, shots, before, mm, later, steamed) =>
                {
                    LineDocument[] first =
                    [
                        TestBar.Line("syrup", strokes, "stroke"),
                        TestBar.Line("espresso", shots, "shot"),
                        TestBar.Line("ice", before, "g"),
                        Milk with
                        {
                            To = $"to {mm.ToString("0.##", System.Globalization.CultureInfo.InvariantCulture)} mm",
                            Technique = steamed ? "steam" : null,
                            Foam = steamed ? "low" : null,
                        },
                    ];
                    var alone = Mix(TestBar.Build(first));
                    var followed = Mix(
                        TestBar.Build([
                            .. first,
                            TestBar.Line("coffee-ice", later, "g"),
                            TestBar.Line("coffee", later, "ml"),
                        ])
                    );
                    return alone.Sizes.All(size =>
                        (
                            alone.Findings.Any(finding =>
                                finding.Check == new MarkNotKept().Name && finding.Size == size.Size
                            )
                            || Math.Abs(
                                (size.Fill.FillHeight.Value - size.Lines[3].Mark!.Height.Value)
                                    * size.Cup.BrimCapacity.Value
                                    / 100
                            ) < 0.01
                        )
                        && Math.Abs(followed.Size(size.Size.Value).Lines[3].Amount - size.Lines[3].Amount) < 1e-6
                    );
                }
            );

    [Fact]
    public void Ice_is_filled_to_where_it_reaches()
    {
        var size = Mix(
                TestBar.Build(
                    TestBar.Line("coffee", 200, "ml"),
                    TestBar.Line("ice", 50, "g") with
                    {
                        To = "to the top",
                    }
                )
            )
            .Size("m");

        Assert.Equal(400, size.Fill.OccupiedVolume.Value, 0.01);
    }

    [Fact]
    public void A_cup_that_lacks_the_mark_says_so_and_gets_its_share_by_size()
    {
        var sheet = Mix(TestBar.Build(Syrup, Milk with { To = "to the top line" }));
        var finding = sheet.Findings.Single(finding => finding.Check == new MarkNotKept().Name);

        Assert.Equal(("s", Severity.Warning), (finding.Size.Value, finding.Severity));
        Assert.StartsWith("Small: Small has no such printed line.", finding.Message, StringComparison.Ordinal);
        Assert.Null(sheet.Cell("milk", "s").Mark);

        // The middle one takes 320 − 15 ml, half of it by the small cup's size, in steps of 5.
        Assert.Equal(155, sheet.Cell("milk", "s").Amount);
    }

    [Fact]
    public void A_mark_below_the_liquid_gets_nothing_and_says_so()
    {
        var sheet = Mix(
            TestBar.Build(TestBar.Line("coffee", 210, "ml"), Milk with { To = "to the milk line" }) with
            {
                Sizes = ["m"],
            }
        );

        Assert.Equal(0, sheet.Cell("milk", "m").Amount);
        Assert.Contains(
            "stands above the mark already",
            Assert.Single(sheet.Findings, finding => finding.Check == new MarkNotKept().Name).Message,
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(
            Mix(
                TestBar.Build(TestBar.Line("coffee", 200, "ml"), Milk with { To = "to the milk line" }) with
                {
                    Sizes = ["m"],
                }
            ).Findings,
            finding => finding.Check == new MarkNotKept().Name
        );
    }

    [Fact]
    public void One_size_may_have_a_mark_or_an_amount_of_its_own()
    {
        var sheet = Mix(
            TestBar.Build(
                Syrup,
                Milk with
                {
                    To = "to the milk line",
                    Pins = [new() { Size = "l", To = "to the top line" }, new() { Size = "s", Amount = 33 }],
                }
            )
        );

        Assert.Equal((33, Origin.Pinned), (sheet.Cell("milk", "s").Amount, sheet.Cell("milk", "s").Origin));
        Assert.Equal(200 - 15, sheet.Cell("milk", "m").Amount, 0.01);
        Assert.Equal(540 - 15, sheet.Cell("milk", "l").Amount, 0.01);
    }

    private static BuildSheet Mix(BuildDocument build) => FullBar.Mix(build, Bar);
}
