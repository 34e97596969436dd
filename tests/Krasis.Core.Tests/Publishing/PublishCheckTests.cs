using Krasis.Core.Builds;
using Krasis.Core.Changing.Publishing;

namespace Krasis.Core.Tests.Publishing;

public class PublishCheckTests
{
    private static readonly LineDocument Shots = TestBar.Line("espresso", 2, "shot");

    [Fact]
    public void Nothing_open_is_nothing_against_it()
    {
        var check = Of(TestBar.Build(Shots, TestBar.Line("milk", 150, "ml")) with { Sizes = ["m"] });

        Assert.True(check.IsAllowed);
        Assert.False(check.WantsReason);
        Assert.Equal("", check.Says);
        Assert.Empty(check.Unknown);
    }

    // 436 ml in 400 ml: a fault refuses it until it is let be with a reason.
    [Fact]
    public void A_fault_refuses_it_and_one_that_was_let_be_does_not()
    {
        var over = TestBar.Build(Shots, TestBar.Line("milk", 400, "ml")) with { Sizes = ["m"] };
        var check = Of(over);
        var fault = Assert.Single(check.Faults);

        Assert.False(check.IsAllowed);
        Assert.True(
            Of(
                over with
                {
                    Waivers =
                    [
                        new()
                        {
                            Check = fault.Check,
                            Size = fault.Size.Value,
                            Line = fault.Line?.Value,
                            Reason = "So it is meant.",
                        },
                    ],
                }
            ).IsAllowed
        );
    }

    // 370 ml reach into the reserve of 40 ml in 400 ml.
    [Fact]
    public void A_warning_wants_a_reason_and_a_note_does_not()
    {
        var check = Of(TestBar.Build(TestBar.Line("coffee", 370, "ml")) with { Sizes = ["m"], ReserveMm = 10 });

        Assert.True(check.IsAllowed);
        Assert.True(check.WantsReason);
        Assert.Equal("A warning is open.", check.Says);
        Assert.Equal("2 warnings are open.", (check with { Warnings = [.. check.Warnings, .. check.Warnings] }).Says);
        Assert.Contains("overfull by 10 ml", Assert.Single(check.Warnings).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void What_nobody_knows_is_named_with_whose_gap_it_is()
    {
        var bar = FullBar.With("milk", milk =>
            milk with
            {
                Per100g = null,
                Allergens = null,
                PackPrice = null,
                PackAmount = null,
                PackMeasure = null,
            }
        );
        var check = PublishCheck.Of(FullBar.Mix(TestBar.Build(Shots, TestBar.Line("milk", 150, "ml")), bar));

        Assert.Equal(
            [
                "how strong or how sweet it is",
                "its allergens",
                "its energy",
                "its sugars",
                "its caffeine",
                "what it costs",
            ],
            check.Unknown.Select(fact => fact.What)
        );
        Assert.All(check.Unknown, fact => Assert.Equal(["Milk"], fact.For));
    }

    [Theory]
    [InlineData(BuildState.Draft, BuildState.Standard, true)]
    [InlineData(BuildState.Trial, BuildState.Draft, true)]
    [InlineData(BuildState.Standard, BuildState.Standard, true)]
    [InlineData(BuildState.Standard, BuildState.Draft, false)]
    [InlineData(BuildState.Retired, BuildState.Draft, true)]
    [InlineData(BuildState.Retired, BuildState.Trial, true)]
    [InlineData(BuildState.Retired, BuildState.Standard, false)]
    [InlineData(BuildState.Draft, BuildState.Draft, false)]
    public void There_are_moves_and_there_are_none(BuildState from, BuildState to, bool can) =>
        Assert.Equal(can, BuildLife.CanMove(from, to));

    [Fact]
    public void Only_a_draft_saves_itself() =>
        Assert.Equal([BuildState.Draft], Enum.GetValues<BuildState>().Where(BuildLife.MaySaveItself));

    private static PublishCheck Of(BuildDocument build) => PublishCheck.Of(FullBar.Mix(build));
}
