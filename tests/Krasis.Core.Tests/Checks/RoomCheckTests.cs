using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Room;
using Krasis.Core.Judging.Findings;
using static Krasis.Core.Tests.Checks.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>What fits the cup, and what the cup is: each check where it fires, where it nearly does, and where its mend removes it. Figures of the trade are
/// common practice without a source, unless one is named.</summary>
public class RoomCheckTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 150, "ml");
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");

    [Fact]
    public void No_room_for_the_top()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { LidClearanceMm = 10 })],
            }
        );
        var build = Only(TestBar.Line("coffee", 395, "ml"), TestBar.Line("whip", 30, "g"));
        Fires(
            build,
            new NoRoomForTheTop().Name,
            Severity.Warning,
            "m",
            "Middle: the lid does not close; what stands on top reaches 113.8 mm and the lid leaves 110 mm.",
            mended: true,
            bar
        );
        Silent(
            build with
            {
                Lines = [TestBar.Line("coffee", 380, "ml"), build.Lines[1]],
            },
            new NoRoomForTheTop().Name,
            bar
        );
        Silent(build, new NoRoomForTheTop().Name);
    }

    // The small cup is half of the middle one: 160 g of ice pinned there is what the middle one takes; 80 g would leave
    // room.
    [Fact]
    public void Ice_pinned_at_the_reference_s_amount_is_named_as_the_cause()
    {
        var build = TestBar.Build(
            Espresso,
            TestBar.Line("milk", 140, "ml"),
            TestBar.Line("ice", 160, "g", ("s", 160))
        ) with
        {
            Sizes = ["s", "m"],
        };
        var finding = FullBar.Try(build).Findings.Single(finding => finding.Check == new Overfull().Name);

        Assert.EndsWith(
            " The ice is pinned at what the reference size takes.",
            finding.Message,
            StringComparison.Ordinal
        );
        Assert.Equal("Take less ice: 80 g of Ice", finding.Mend!.Label);
        var fewer = build with { Lines = [.. build.Lines.SkipLast(1), TestBar.Line("ice", 160, "g", ("s", 155))] };
        Assert.DoesNotContain(
            "reference size takes",
            FullBar.Try(fewer).Findings.Single(finding => finding.Check == new Overfull().Name).Message,
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("paper", Severity.Fault)]
    [InlineData("plastic", Severity.Fault)]
    [InlineData("glass", null)]
    [InlineData(null, Severity.Warning)]
    public void A_torch_over_paper_is_a_fault_and_over_an_unknown_cup_a_warning(string? material, Severity? severity)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Cups = [.. FullBar.Document.Cups.Select(cup => cup with { Material = material })],
            }
        );
        var findings = FullBar
            .Mix(Only(Espresso, Milk, TestBar.Line("whip", 20, "g") with { Technique = "torch" }), bar)
            .Findings.Where(finding => finding.Check == new TorchOverPaper().Name);

        Assert.Equal(severity is { } said ? [said] : [], findings.Select(finding => finding.Severity));
    }

    [Fact]
    public void A_cup_whose_label_is_not_its_capacity()
    {
        Fires(
            Only(Milk),
            new LabelIsNotTheCapacity().Name,
            Severity.Note,
            "m",
            "Middle holds 400 ml as weighed, not the 425 ml of its label.",
            mended: false,
            Label(425)
        );
        Silent(Only(Milk), new LabelIsNotTheCapacity().Name, Label(420));

        static BarFacts Label(double ml) =>
            FullBar.Read(
                FullBar.Document with
                {
                    Cups = [.. FullBar.Document.Cups.Select(cup => cup.Id == "m" ? cup with { LabelMl = ml } : cup)],
                }
            );
    }
}
