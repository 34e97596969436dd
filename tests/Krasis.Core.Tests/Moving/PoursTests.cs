using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Moving;

/// <summary>A standard as published, as poured now, and adjusted, side by side.</summary>
public class PoursTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml")
    ) with
    {
        Sizes = ["m"],
    };

    [Fact]
    public void Each_line_stands_there_three_times_and_what_moved_is_marked()
    {
        // By hand: the syrup weighs 1.3 g/ml, so that 4 strokes of 7.5 ml are 39 g, 4 of 10 ml are 52 g, and 3 of 10 ml
        // are 39 g again.
        var pours = Of(Pump(10));
        var row = pours.Sizes.Single(size => size.Name == "Middle").Rows.Single(one => one.What == "Syrup");

        Assert.Equal(("4 strokes, 39 g", "4 strokes, 52 g", "3 strokes, 39 g"), (row.Published, row.Now, row.Adjusted));
        Assert.True(row.HasMoved);
        Assert.True(row.StaysMoved, "another number of strokes is to be known, though the grams are the same");
        Assert.True(pours.PoursAsItDid);
        Assert.Equal("Adjusted, it tastes and fills its cups as it did, within what the house allows.", pours.Says);
        Assert.DoesNotContain(pours.Sizes.SelectMany(size => size.Rows), one =>
            one.What is "Milk" or "Espresso" && (one.HasMoved || one.StaysMoved)
        );
    }

    // One stroke of the great pump is the least there is: how much sweeter that is than what was published decides, at
    // 15 % allowed.
    [Theory]
    [InlineData(14.5, true)]
    [InlineData(15.5, false)]
    public void It_pours_as_it_did_up_to_what_the_house_allows(double percentSweeter, bool does)
    {
        var one = TestBar.Build(TestBar.Line("syrup", 1, "stroke"), TestBar.Line("milk", 200, "ml")) with
        {
            Sizes = ["m"],
        };
        var published = FullBar.Mix(one);
        var sweet = published.Size("m").Taste.Poured.Sweetness!.Value.Value;
        var (low, high) = (7.5, 60.0);
        for (var i = 0; i < 60; i++)
        {
            var middle = (low + high) / 2;
            var sweeter = FullBar.Mix(one, Pump(middle)).Size("m").Taste.Poured.Sweetness!.Value.Value;
            (low, high) = sweeter < sweet * (1 + (percentSweeter / 100)) ? (middle, high) : (low, middle);
        }

        var now = FullBar.Mix(one, Pump(low));
        var pours = Pours.Of(published, now, now, FullBar.Facts.House);

        Assert.Equal(does, pours.PoursAsItDid);
        Assert.Equal(does, !pours.Says.Contains("sweeter, and the house allows 15 %", StringComparison.Ordinal));
    }

    [Fact]
    public void Without_anything_adjusted_nothing_is_promised()
    {
        var pours = Pours.Of(FullBar.Mix(Latte), FullBar.Mix(Latte, Pump(10)), null, FullBar.Facts.House);

        Assert.False(pours.PoursAsItDid);
        Assert.All(pours.Sizes.SelectMany(size => size.Rows), row => Assert.Null(row.Adjusted));
        Assert.Equal("No other amount that the bar pours comes nearer to what was published.", pours.Says);
    }

    [Fact]
    public void What_is_not_known_any_more_is_not_called_as_it_was()
    {
        // At the plain bar nobody knows how anything tastes.
        var pours = Pours.Of(FullBar.Mix(Latte), TestBar.Mix(Latte), TestBar.Mix(Latte), FullBar.Facts.House);

        Assert.False(pours.PoursAsItDid);
        Assert.Contains(
            "cannot be compared, because not everything in it is known",
            pours.Says,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_it_promises_holds_in_every_size() =>
        Gen.Select(Gen.Double[3, 20], Gen.Int[1, 8])
            .Seeded()
            .Sample(
                (ml, strokes) =>
                {
                    var build = TestBar.Build(
                        TestBar.Line("syrup", strokes, "stroke"),
                        TestBar.Line("espresso", 2, "shot"),
                        TestBar.Line("milk", 150, "ml")
                    );
                    var bar = Pump(ml);
                    var (was, will) = (
                        FullBar.Mix(build),
                        FullBar.Mix(Adjuster.PourAsBefore(build, FullBar.Facts, bar), bar)
                    );
                    var isWithin = will.Sizes.All(size =>
                    {
                        var old = was.Sizes.Single(other => other.Size == size.Size);
                        return Within(old.Taste.Poured.Strength!.Value.Value, size.Taste.Poured.Strength!.Value.Value)
                            && Within(old.Taste.Poured.Sweetness!.Value.Value, size.Taste.Poured.Sweetness!.Value.Value)
                            && Within(old.Fill.OccupiedVolume.Value, size.Fill.OccupiedVolume.Value);
                    });
                    return Pours.Of(was, FullBar.Mix(build, bar), will, bar.House).PoursAsItDid == isWithin;

                    static bool Within(double was, double now) =>
                        now >= (was * 0.85) - 1e-9 && now <= (was * 1.15) + 1e-9;
                }
            );

    private static Pours Of(BarFacts bar) =>
        Pours.Of(
            FullBar.Mix(Latte),
            FullBar.Mix(Latte, bar),
            FullBar.Mix(Adjuster.PourAsBefore(Latte, FullBar.Facts, bar), bar),
            bar.House
        );

    private static BarFacts Pump(double ml) =>
        FullBar.Read(
            FullBar.Document with
            {
                Dispensers = [FullBar.Document.Dispensers[0] with { StrokeMl = ml }, FullBar.Document.Dispensers[1]],
            }
        );
}
