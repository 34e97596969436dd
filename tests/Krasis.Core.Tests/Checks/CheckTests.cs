using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Room;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Checks;

public class CheckTests
{
    [Fact]
    public void Overfull_names_the_size_by_how_much_and_what_to_take_out()
    {
        // 36 + 380 ml in 400 ml; the other sizes in proportion, rounded.
        var finding = Only(
            TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 380, "ml", ("s", 0), ("l", 0)))
        );

        Assert.Equal((new Overfull().Name, Severity.Fault, "m"), (finding.Check, finding.Severity, finding.Size.Value));
        Assert.Equal(
            "Middle runs over: 416 ml in a cup of 400 ml spills 16 ml, and is 16 ml more than fits below the reserve.",
            finding.Message
        );
        Assert.Equal("Take out 20 ml of Milk", finding.Mend!.Label);
        Assert.Equal(360, Assert.Single(finding.Mend!.Edits).Amount);
    }

    [Fact]
    public void Overfull_is_a_warning_while_only_the_reserve_is_taken()
    {
        var finding = Only(
            TestBar.Build(TestBar.Line("coffee", 370, "ml", ("s", 0), ("l", 0))) with
            {
                ReserveMm = 10,
            }
        );

        Assert.Equal(Severity.Warning, finding.Severity);
        Assert.Equal("Middle is overfull by 10 ml: 370 ml reaches into the reserve above 360 ml.", finding.Message);
    }

    [Fact]
    public void Overfull_is_silent_at_the_very_brim() =>
        Assert.Empty(TestBar.Mix(TestBar.Build(TestBar.Line("coffee", 400, "ml", ("s", 200), ("l", 600)))).Findings);

    [Fact]
    public void Overfull_takes_ice_where_the_liquids_are_not_enough()
    {
        var finding = Only(
            TestBar.Build(
                TestBar.Line("espresso", 10, "shot"),
                TestBar.Line("milk", 10, "ml", ("s", 0), ("l", 0)),
                TestBar.Line("ice", 300, "g", ("s", 0), ("l", 0))
            ) with
            {
                Sizes = ["m"],
                Lines =
                [
                    TestBar.Line("espresso", 10, "shot"),
                    TestBar.Line("milk", 10, "ml"),
                    TestBar.Line("ice", 300, "g"),
                ],
            }
        );

        Assert.Equal(["ice"], finding.Mend!.Edits.Select(edit => edit.Line.Value));
    }

    [Fact]
    public void Overfull_offers_no_mend_that_would_not_do()
    {
        var finding = Only(
            TestBar.Build(TestBar.Line("espresso", 20, "shot"), TestBar.Line("syrup", 20, "stroke")) with
            {
                Sizes = ["m"],
            }
        );

        Assert.Null(finding.Mend);
        Assert.Equal(("Use a larger cup, or less of the rest.", true), (finding.Otherwise, finding.CanAdvise));
    }

    [Fact]
    public void Every_mend_of_an_overfull_cup_makes_it_fit_and_takes_no_more_than_it_must() =>
        Gen.Select(Gen.Int[0, 4], Gen.Double[0, 700], Gen.Double[0, 300], Gen.Double[0, 40])
            .Seeded()
            .Sample(
                (shots, milk, ice, reserve) =>
                {
                    var build = TestBar.Build(
                        TestBar.Line("espresso", shots, "shot"),
                        TestBar.Line("milk", milk, "ml"),
                        TestBar.Line("ice", ice, "g")
                    ) with
                    {
                        Sizes = ["m"],
                        ReserveMm = reserve,
                    };
                    if (
                        TestBar
                            .Mix(build)
                            .Findings.SingleOrDefault(finding => finding.Check == new Overfull().Name)
                            ?.Mend
                        is not { } mend
                    )
                    {
                        return true;
                    }

                    var mended = TestBar.Mix(Apply(build, mend));
                    var last = mend.Edits[^1];
                    var oneStepLess = TestBar.Mix(
                        Apply(
                            build,
                            mend with
                            {
                                Edits = [.. mend.Edits.SkipLast(1), last with { Amount = last.Amount + 5 }],
                            }
                        )
                    );
                    return !IsOver(mended) && IsOver(oneStepLess);

                    static bool IsOver(BuildSheet sheet) =>
                        sheet.Findings.Any(finding => finding.Check == new Overfull().Name);
                }
            );

    [Fact]
    public void A_count_between_two_strokes_cannot_be_poured_and_is_mended_to_the_nearest()
    {
        var build = TestBar.Build(TestBar.Line("syrup", 2.5, "stroke")) with { Sizes = ["m"] };
        var finding = Only(build);

        Assert.Equal((new NotPourable().Name, Severity.Fault), (finding.Check, finding.Severity));
        Assert.Equal(
            "Middle: 2.5 strokes of Syrup cannot be poured; this bar gives whole strokes only.",
            finding.Message
        );
        Assert.DoesNotContain(TestBar.Mix(Apply(build, finding.Mend!)).Findings, left =>
            left.Severity != Severity.Note
        );
    }

    [Theory]
    [InlineData("syrup", 3, "stroke")]
    [InlineData("ice", 5, "cube")]
    [InlineData("milk", 185, "ml")]
    [InlineData("syrup", 12, "g")]
    public void Whole_strokes_and_whole_steps_can_be_poured(string ingredient, double amount, string measure) =>
        Assert.DoesNotContain(
            TestBar.Mix(TestBar.Build(TestBar.Line(ingredient, amount, measure)) with { Sizes = ["m"] }).Findings,
            finding => finding.Severity != Severity.Note
        );

    [Fact]
    public void A_size_that_rounding_leaves_without_its_flavour_is_named_and_mended_by_a_pin()
    {
        // Sauce by the gram goes below half a gram only in drops; strokes do it at once: 0.49 of one in half the cup.
        var build = TestBar.Build(TestBar.Line("syrup", 1, "stroke")) with
        {
            Sizes = ["s", "m"],
            ReserveMm = 0,
            ReferenceSize = "m",
        };
        var half = TestBar.Mix(build).Cell("syrup", "s");
        Assert.Equal(1, half.Amount);

        var third = build with { ReferenceSize = "l", Sizes = ["s", "l"] };
        var finding = Only(third);

        Assert.Equal(
            (new RoundedAway().Name, Severity.Warning, "s"),
            (finding.Check, finding.Severity, finding.Size.Value)
        );
        Assert.Equal(
            "Small gets no Syrup: its share is 0.33 strokes, and the least this bar pours is 1 stroke.",
            finding.Message
        );
        Assert.DoesNotContain(TestBar.Mix(Apply(third, finding.Mend!)).Findings, left =>
            left.Severity != Severity.Note
        );
    }

    [Fact]
    public void Faults_come_before_warnings()
    {
        var sheet = TestBar.Mix(
            TestBar.Build(TestBar.Line("coffee", 395, "ml", ("s", 180), ("l", 700))) with
            {
                ReserveMm = 10,
            }
        );

        Assert.Equal([Severity.Fault, Severity.Warning], sheet.Findings.Select(finding => finding.Severity));
    }

    [Fact]
    public void Among_equals_the_reference_size_comes_first_and_its_mend_may_do_for_all()
    {
        var build = TestBar.Build(TestBar.Line("coffee", 500, "ml"));
        var findings = TestBar.Mix(build).Findings;

        Assert.Equal(["m", "s", "l"], findings.Select(finding => finding.Size.Value));
        Assert.Empty(TestBar.Mix(Apply(build, findings[0].Mend!)).Findings);
    }

    // So many shots are too much caffeine and too warm for the ice; that is told too, and not what is looked at here.
    private static Finding Only(BuildDocument build) =>
        Assert.Single(TestBar.Mix(build).Findings, finding =>
            finding.Severity != Severity.Note && finding.Check is not ("caffeine" or "not-cold" or "underfilled")
        );

    private static BuildDocument Apply(BuildDocument build, Mend mend) => BuildEdits.Apply(build, mend, FullBar.Facts);
}
