using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>A half-empty cup is a finding, and two flavours keep to one another. The cups of the full bar hold 200, 400
/// and 600 ml.</summary>
public class FullnessTests
{
    // 85 % of 400 ml are 340; the reference is told quietly, because a lead may want it so.
    [Theory]
    [InlineData(340, false)]
    [InlineData(339, true)]
    public void The_reference_is_full_from_the_house_s_share(double ml, bool isFound)
    {
        var found = Of(TestBar.Build(TestBar.Line("coffee", ml, "ml")) with { Sizes = ["m"] }, "underfilled");
        Assert.Equal(isFound ? [Severity.Note] : [], found.Select(finding => finding.Severity));
    }

    // The reference is full: 510 of 600 ml is 85 %.
    [Theory]
    [InlineData(510, false)]
    [InlineData(505, true)]
    public void A_size_beside_a_full_reference_is_held_to_the_house_s_share(double ml, bool isFound)
    {
        var found = Of(
            TestBar.Build(TestBar.Line("coffee", 400, "ml", ("l", ml))) with
            {
                Sizes = ["m", "l"],
            },
            "underfilled"
        );
        Assert.Equal(isFound ? [Severity.Warning] : [], found.Select(finding => finding.Severity));
    }

    // A macchiato may be small. If the reference is half full, the other sizes need 45 %, and the message says why.
    [Theory]
    [InlineData(270, null)]
    [InlineData(265, "Large is only 44 % full; Middle is 50 % full. There is room for 335 ml more.")]
    public void A_size_beside_a_small_reference_is_held_to_it(double ml, string? message) =>
        Assert.Equal(
            message,
            Of(TestBar.Build(TestBar.Line("coffee", 200, "ml", ("l", ml))) with { Sizes = ["m", "l"] }, "underfilled")
                .SingleOrDefault(finding => finding.Size.Value == "l")
                ?.Message
        );

    [Fact]
    public void The_house_s_own_share_counts()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House with { Serving = new() { LeastFillPercent = 60 } },
            }
        );
        var build = TestBar.Build(TestBar.Line("coffee", 250, "ml")) with { Sizes = ["m"] };
        Assert.DoesNotContain(FullBar.Mix(build, bar).Findings, finding => finding.Check == "underfilled");
        Assert.Single(Of(build, "underfilled"));
    }

    // Milk that is pinned too low is poured up again, because the taste comes nearer with it.
    [Fact]
    public void A_half_empty_cup_is_filled_with_what_brings_it_nearer_to_the_reference()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot", ("l", 3)),
            TestBar.Line("milk", 320, "ml", ("l", 300))
        ) with
        {
            Sizes = ["m", "l"],
        };
        var mend = FullBar.Try(build).Findings.Single(finding => finding.Check == "underfilled").Mend!;
        Assert.Equal("Pour 245 ml more of Milk", mend.Label);
    }

    // Two strokes to one of each beside one to one are a hundred percent ahead; three to two are fifty.
    [Theory]
    [InlineData(3, 2, null)]
    [InlineData(
        4,
        2,
        "Large does not have the flavours of Middle: 4 strokes of Syrup to 2 strokes and 2 g of Cocoa to 2 g."
    )]
    public void Flavours_keep_to_one_another(double strokes, double grams, string? message) =>
        Assert.Equal(
            message,
            Of(
                    TestBar.Build(
                        TestBar.Line("syrup", 2, "stroke", ("l", strokes)),
                        TestBar.Line("cocoa", 2, "g", ("l", grams)),
                        TestBar.Line("espresso", 2, "shot"),
                        TestBar.Line("milk", 300, "ml")
                    ) with
                    {
                        Sizes = ["m", "l"],
                    },
                    "flavour-balance"
                )
                .SingleOrDefault()
                ?.Message
        );

    private static IEnumerable<Finding> Of(BuildDocument build, string check) =>
        FullBar.Mix(build).Findings.Where(finding => finding.Check == check);
}
