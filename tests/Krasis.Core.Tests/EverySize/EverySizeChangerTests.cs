using CsCheck;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.EverySize;
using Krasis.Core.Input;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.EverySize;

/// <summary>Changing one thing in every size changes only that, and the sentences agree with the changed
/// build.</summary>
public class EverySizeChangerTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml")
    );

    [Fact]
    public void A_stroke_less_is_one_less_in_every_size()
    {
        var before = FullBar.Mix(Latte);
        var after = FullBar.Mix(Line(Latte, "syrup", -1).Value.Build);
        Assert.All(before.Sizes.Zip(after.Sizes), pair =>
            Assert.Equal(pair.First.Lines[0].Amount - 1, pair.Second.Lines[0].Amount)
        );
    }

    [Fact]
    public void The_last_stroke_stays_and_that_is_told()
    {
        var few = Latte with { Lines = [TestBar.Line("syrup", 2, "stroke", ("s", 1)), .. Latte.Lines.Skip(1)] };
        var changed = Line(few, "syrup", -1).Value;
        Assert.Equal(1, FullBar.Mix(changed.Build).Size("s").Lines[0].Amount);
        Assert.Equal(1, FullBar.Mix(changed.Build).Size("m").Lines[0].Amount);
        Assert.Contains(changed.Said, says =>
            says.StartsWith("Small cannot change that much", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_cup_that_gets_too_full_is_told()
    {
        var full = TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 370, "ml"));
        var changed = Line(full, "milk", 20).Value;
        Assert.Contains(changed.Troubles, trouble => trouble.StartsWith("Middle", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_a_share_of_the_line_stays_as_it_is()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("sauce", 20, "g") with
            {
                Scale = new ScaleDocument { By = "share", Of = "espresso" },
            },
            TestBar.Line("milk", 150, "ml")
        );
        var changed = Line(build, "espresso", 1).Value;
        Assert.All(changed.Sizes, size => Assert.Equal("espresso", Assert.Single(size.Amounts).Line.Value));
    }

    [Fact]
    public void A_change_smaller_than_the_bar_pours_is_refused() =>
        Assert.Equal("line.by", Assert.Single(Line(Latte, "syrup", 0.2).Problems).Field);

    [Fact]
    public void A_line_that_is_filled_to_a_mark_is_refused() =>
        Assert.Equal(
            "line.line",
            Assert
                .Single(
                    Line(
                        TestBar.Build(
                            TestBar.Line("espresso", 2, "shot"),
                            TestBar.Line("milk", 200, "ml") with
                            {
                                To = "to the top",
                            }
                        ),
                        "milk",
                        10
                    ).Problems
                )
                .Field
        );

    [Fact]
    public void Half_as_sweet_halves_the_syrup()
    {
        var changed = Change(Latte, new EverySizeWish { Sweet = 50 }).Value;
        Assert.Equal(2, FullBar.Mix(changed.Build).Size("m").Lines[0].Amount);
        Assert.All(changed.Sizes, size => Assert.InRange(size.Sweeter!.Value.Value, -55, -20));
    }

    [Fact]
    public void As_strong_as_another_changes_coffee_and_milk_only()
    {
        var strong = TestBar.Build(TestBar.Line("espresso", 3, "shot"), TestBar.Line("milk", 150, "ml"));
        var changed = Change(Latte, new EverySizeWish { StrongAs = strong }).Value;
        var (wanted, now) = (FullBar.Mix(strong), FullBar.Mix(changed.Build));
        foreach (var size in now.Sizes)
        {
            var drift = (size.Taste.Poured.Strength!.Value.Value / Strength(wanted, size) - 1) * 100;
            Assert.InRange(drift, -15, 15);
            Assert.True(size.Fill.RoomLeft.Value >= -1e-6);
        }

        Assert.DoesNotContain(changed.Sizes.SelectMany(size => size.Amounts), amount => amount.Line.Value == "syrup");

        static double Strength(BuildSheet sheet, SizeSheet size) =>
            sheet.Sizes.Single(each => each.Size == size.Size).Taste.Poured.Strength!.Value.Value;
    }

    // Whatever the other drink is: a size that comes out noticeably stronger or weaker than it has its sentence, and no
    // other has one.
    [Theory]
    [InlineData(60)]
    [InlineData(100)]
    [InlineData(150)]
    [InlineData(200)]
    [InlineData(300)]
    public void What_is_not_as_strong_as_the_other_is_told(double milk)
    {
        var other = TestBar.Build(TestBar.Line("espresso", 3, "shot"), TestBar.Line("milk", milk, "ml"));
        var changed = Change(Latte, new EverySizeWish { StrongAs = other }).Value;
        var (wanted, now) = (FullBar.Mix(other), FullBar.Mix(changed.Build));
        var off = now.Sizes.Where(size =>
            Math.Abs((Strength(now, size.Size) / Strength(wanted, size.Size)) - 1) > 0.05
        );
        Assert.Equal(
            off.Select(size => size.Name).Order(),
            changed
                .Said.Where(said => said.Contains(" comes to ", StringComparison.Ordinal))
                .Select(said => said.Split(' ')[0])
                .Order()
        );

        static double Strength(BuildSheet sheet, CupId size) =>
            sheet.Sizes.Single(each => each.Size == size).Taste.Poured.Strength!.Value.Value;
    }

    [Fact]
    public void A_drink_without_coffee_has_no_strength_to_take() =>
        Assert.Equal(
            "strongAs",
            Assert
                .Single(
                    Change(
                        Latte,
                        new EverySizeWish { StrongAs = TestBar.Build(TestBar.Line("milk", 150, "ml")) }
                    ).Problems
                )
                .Field
        );

    [Fact]
    public void One_thing_is_asked_for_and_not_two_or_none()
    {
        Assert.Equal("wish", Assert.Single(Change(Latte, new()).Problems).Field);
        Assert.Equal("wish", Assert.Single(Change(Latte, new() { Sweet = 50, StrongAs = Latte }).Problems).Field);
    }

    // Over random builds: every size gets as many steps more, or a sentence says why not. Every other line keeps its
    // amount.
    [Fact]
    public void Only_the_line_changes()
    {
        var tried = 0;
        Gen.Select(RandomBuilds.Any, Gen.Int[0, 5], Gen.Int[-3, 3])
            .Seeded()
            .Sample(
                (document, at, steps) =>
                {
                    if (
                        BuildReader.Read(document, FullBar.Facts) is not { IsRead: true }
                        || FullBar.Mix(document) is not { } before
                        || before.Sizes[0].Lines.ElementAtOrDefault(at) is not { } cell
                        || Line(document, cell.Line.Value, steps * cell.Step) is not { IsRead: true } changed
                    )
                    {
                        return;
                    }

                    tried++;
                    var after = FullBar.Mix(changed.Value.Build);
                    foreach (var (was, will) in before.Sizes.Zip(after.Sizes))
                    {
                        foreach (var (one, other) in was.Lines.Zip(will.Lines))
                        {
                            if (one.Line != cell.Line)
                            {
                                Assert.Equal(one.Amount, other.Amount, 6);
                            }
                            else if (changed.Value.Said.Count == 0)
                            {
                                Assert.Equal(one.Amount + (steps * cell.Step), other.Amount, 6);
                            }
                        }
                    }
                },
                iter: 400
            );
        Assert.True(tried > 100, $"Only {tried} were tried.");
    }

    private static Reading<EverySizeChanged> Line(BuildDocument build, string line, double by) =>
        Change(build, new EverySizeWish { Line = new MoreOfLine(line, by) });

    private static Reading<EverySizeChanged> Change(BuildDocument build, EverySizeWish wish) =>
        EverySizeChanger.Change(build, wish, FullBar.Facts);
}
