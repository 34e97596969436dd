using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Moving;

/// <summary>A standard written anew for a bar that has moved.</summary>
public class AdjusterTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke", ("s", 2)) with
        {
            Scale = new() { By = "ladder", Ladder = [new() { Size = "l", Amount = 6 }] },
        },
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml")
    );

    [Fact]
    public void A_bigger_pump_takes_fewer_strokes_and_nothing_else_changes()
    {
        // By hand: 4 strokes of 7.5 ml are 30 ml, which is 3 strokes of 10 ml; 2 are 15 ml and become 1.5, rounded up;
        // 6 become 4.5, rounded up.
        var adjusted = Adjuster.PourAsBefore(Latte, FullBar.Facts, Pump(10));

        Assert.Equal(
            (3, 2, 5),
            (adjusted.Lines[0].Amount, adjusted.Lines[0].Pins[0].Amount, adjusted.Lines[0].Scale!.Ladder[0].Amount)
        );
        Assert.Equal(Latte.Lines[1], adjusted.Lines[1]);
        Assert.Equal(Latte.Lines[2], adjusted.Lines[2]);
    }

    [Fact]
    public void A_bar_that_has_not_moved_changes_nothing() =>
        Assert.Equal(Latte.Lines, Adjuster.PourAsBefore(Latte, FullBar.Facts, FullBar.Facts).Lines);

    [Fact]
    public void What_was_in_it_stays_in_it() =>
        Assert.Equal(1, Adjuster.PourAsBefore(Latte, FullBar.Facts, Pump(60)).Lines[0].Amount);

    [Fact]
    public void What_is_poured_is_at_most_half_a_step_off_what_it_was() =>
        Gen.Select(Gen.Double[4, 16], Gen.Int[1, 8])
            .Seeded()
            .Sample(
                (ml, strokes) =>
                {
                    var bar = Pump(ml);
                    var build = TestBar.Build(
                        TestBar.Line("syrup", strokes, "stroke"),
                        TestBar.Line("milk", 100, "ml")
                    );
                    var (was, now) = (
                        FullBar.Mix(build).Cell("syrup", "m").Mass.Value,
                        FullBar.Mix(Adjuster.PourAsBefore(build, FullBar.Facts, bar), bar).Cell("syrup", "m")
                    );
                    var stroke = now.Mass.Value / now.Amount;
                    return Math.Abs(now.Mass.Value - was) <= (stroke / 2) + (was * 0.005) + 1e-9 || now.Amount == 1;
                }
            );

    private static BarFacts Pump(double ml) =>
        FullBar.Read(
            FullBar.Document with
            {
                Dispensers = [FullBar.Document.Dispensers[0] with { StrokeMl = ml }, FullBar.Document.Dispensers[1]],
            }
        );
}
