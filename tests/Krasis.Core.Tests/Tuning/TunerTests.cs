using CsCheck;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Tuning;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Tests.Tuning;

/// <summary>What follows from a tasting: one thing, and as little of it as can be tasted. The house of the full bar
/// allows 15 % of drift.</summary>
public class TunerTests
{
    private const double Allowed = 15;

    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml")
    );

    [Fact]
    public void Too_sweet_takes_one_stroke_out()
    {
        var way = Tune(Latte, "m", TunedTaste.Sweetness, more: false)[0];
        Assert.Equal("syrup", way.Line.Value);
        Assert.Equal("4 strokes", way.Sizes.Single(size => size.Size.Value == "m").Was);
        Assert.Equal("3 strokes", way.Sizes.Single(size => size.Size.Value == "m").Will);
        Assert.True(way.IsTasted);
        Assert.InRange(way.ByPercent, -30, -Allowed);
        Assert.Equal(3, FullBar.Mix(way.Build).Size("m").Lines[0].Amount);
    }

    [Fact]
    public void Too_strong_takes_coffee_out_or_puts_milk_in()
    {
        var ways = Tune(Latte, "m", TunedTaste.Strength, more: false);
        Assert.Equal(["espresso", "milk"], ways.Select(way => way.Line.Value).Order());
        Assert.All(ways, way => Assert.True(way.ByPercent < 0));
    }

    [Fact]
    public void Much_too_sweet_is_moved_twice_as_far()
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 8, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 150, "ml")
        );
        var (one, two) = (
            Tune(build, "m", TunedTaste.Sweetness, false)[0],
            Tune(build, "m", TunedTaste.Sweetness, false, isMuch: true)[0]
        );
        Assert.True(one.IsTasted && two.IsTasted);
        Assert.InRange(-two.ByPercent, 2 * Allowed, 100);
        Assert.True(-one.ByPercent < -two.ByPercent);
    }

    // 2 strokes to 1 are 42 % less sweet, where 15 were wanted; of 6, one less is 16 %.
    [Theory]
    [InlineData(2, true)]
    [InlineData(6, false)]
    public void More_than_is_wanted_is_said_where_the_bar_pours_nothing_between(int strokes, bool isFar) =>
        Assert.Equal(
            isFar,
            Tune(
                TestBar.Build(
                    TestBar.Line("syrup", strokes, "stroke"),
                    TestBar.Line("espresso", 2, "shot"),
                    TestBar.Line("milk", 200, "ml")
                ),
                "m",
                TunedTaste.Sweetness,
                false
            )[0].IsFar
        );

    [Fact]
    public void A_drink_without_a_flavour_has_no_way_to_be_less_sweet() =>
        Assert.Empty(
            Tune(
                TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 200, "ml")),
                "m",
                TunedTaste.Sweetness,
                false
            )
        );

    [Fact]
    public void What_is_filled_to_a_mark_is_left_to_its_mark() =>
        Assert.DoesNotContain(
            Tune(
                TestBar.Build(
                    TestBar.Line("espresso", 2, "shot"),
                    TestBar.Line("milk", 200, "ml") with
                    {
                        To = "to the top",
                    }
                ),
                "m",
                TunedTaste.Strength,
                false
            ),
            way => way.Line.Value == "milk"
        );

    [Fact]
    public void A_pinned_size_moves_in_proportion()
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 4, "stroke") with
            {
                Pins = [new() { Size = "l", Amount = 8 }],
            },
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 200, "ml")
        );
        var way = Tune(build, "m", TunedTaste.Sweetness, false)[0];
        Assert.Equal(
            ("8 strokes", "6 strokes"),
            way.Sizes.Where(size => size.Size.Value == "l").Select(size => (size.Was, size.Will)).Single()
        );
    }

    [Fact]
    public void A_size_that_it_has_not_is_refused() =>
        Assert.Equal(
            "size",
            Assert.Single(Tuner.Tune(Latte, FullBar.Facts, new CupId("none"), TunedTaste.Strength, true).Problems).Field
        );

    // Every way over random builds: one line alone is changed, in amounts the bar pours, to the side that was asked
    // for; what is said to be tasted is, and what is promised is what the sheet of the changed build says.
    [Fact]
    public void Every_way_keeps_its_promise()
    {
        var (tried, tasted) = (0, 0);
        Gen.Select(RandomBuilds.Any, Gen.OneOfConst("s", "m", "l"), Gen.Enum<TunedTaste>(), Gen.Bool)
            .Seeded()
            .Sample(
                (build, size, taste, more) =>
                {
                    var ways = Tuner.Tune(build, FullBar.Facts, new CupId(size), taste, more);
                    if (!ways.IsRead)
                    {
                        return;
                    }

                    var before = FullBar.Mix(build);
                    foreach (var way in ways.Value)
                    {
                        tried++;
                        tasted += way.IsTasted ? 1 : 0;
                        var after = FullBar.Mix(way.Build);
                        Assert.Equal(
                            build.Lines.Where(line => line.Id != way.Line.Value),
                            way.Build.Lines.Where(line => line.Id != way.Line.Value)
                        );
                        Assert.Equal(more, way.ByPercent > 0);
                        Assert.Equal(way.IsTasted, Math.Abs(way.ByPercent) >= Allowed - 1e-9);
                        var (was, will) = (before.Size(size), after.Size(size));
                        if (taste != TunedTaste.Flavour)
                        {
                            var promised =
                                taste == TunedTaste.Strength
                                    ? Drift.Of(was.Taste.Poured.Strength?.Value, will.Taste.Poured.Strength?.Value)
                                    : Drift.Of(was.Taste.Poured.Sweetness?.Value, will.Taste.Poured.Sweetness?.Value);
                            Assert.Equal(promised!.Value.Value, way.ByPercent, 6);
                        }

                        var cell = will.Lines.Single(line => line.Line == way.Line);
                        Assert.Equal(cell.Amount / cell.Step, Math.Round(cell.Amount / cell.Step), 6);
                        Assert.DoesNotContain(way.NewFindings, finding =>
                            before.Findings.Any(old => old.Key == finding.Key)
                        );
                    }
                },
                iter: 800
            );
        Assert.True(tried > 300 && tasted > 150, $"{tried} ways, {tasted} of them tasted");
    }

    // One step less would not do: the bar's next smaller amount moves it less than the house holds to be tasted.
    [Fact]
    public void No_more_is_changed_than_can_be_tasted() =>
        Gen.Select(Gen.Int[3, 9], Gen.Int[1, 3], Gen.Int[80, 300])
            .Seeded()
            .Sample(
                (strokes, shots, milk) =>
                {
                    var build = TestBar.Build(
                        TestBar.Line("syrup", strokes, "stroke"),
                        TestBar.Line("espresso", shots, "shot"),
                        TestBar.Line("milk", milk, "ml")
                    );
                    foreach (var way in Tune(build, "m", TunedTaste.Sweetness, false).Where(way => way.IsTasted))
                    {
                        var line = way.Build.Lines.Single(each => each.Id == way.Line.Value);
                        var was = build.Lines.Single(each => each.Id == way.Line.Value).Amount!.Value;
                        if (was - line.Amount!.Value > 1)
                        {
                            var less = build with
                            {
                                Lines =
                                [
                                    .. build.Lines.Select(each =>
                                        each.Id == line.Id ? each with { Amount = line.Amount + 1 } : each
                                    ),
                                ],
                            };
                            var drift = Drift
                                .Of(
                                    FullBar.Mix(build).Size("m").Taste.Poured.Sweetness!.Value.Value,
                                    FullBar.Mix(less).Size("m").Taste.Poured.Sweetness!.Value.Value
                                )!
                                .Value.Value;
                            Assert.True(-drift < Allowed, $"{was} → {line.Amount + 1} is tasted already: {drift}");
                        }
                    }
                },
                iter: 80
            );

    private static IReadOnlyList<Changing.Tuning.Tuning> Tune(
        BuildDocument build,
        string size,
        TunedTaste taste,
        bool more,
        bool isMuch = false
    ) => Tuner.Tune(build, FullBar.Facts, new CupId(size), taste, more, isMuch).Value;
}
