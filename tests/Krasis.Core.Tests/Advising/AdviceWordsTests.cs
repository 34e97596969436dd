using CsCheck;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;

namespace Krasis.Core.Tests.Advising;

/// <summary>How the adviser describes its suggestions.</summary>
public class AdviceWordsTests
{
    private static readonly string[] AllSizes = ["s", "m", "l"];

    private static readonly double[] Milks = [120, 150, 170, 230];

    // Five shots are as strong in the large cup, and more caffeine than the house sells.
    [Fact]
    public void Where_nothing_is_offered_it_is_said_why()
    {
        var build = TestBar.Build(TestBar.Line("espresso", 3, "shot"), TestBar.Line("milk", 170, "ml")) with
        {
            School = "same-shot",
        };
        var told = Adviser.Advise(build, BuildReader.Read(build, FullBar.Facts).Value, FullBar.Facts, new CupId("l"));

        Assert.Empty(told.Ways);
        Assert.Equal(
            "The nearest, 5 shots of Espresso, 280 ml of Milk: Large has about 467 mg of caffeine (401 to 533); the house limit is 400 mg a cup.",
            told.Against
        );
    }

    [Fact]
    public void How_it_will_taste_is_said_in_words()
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 3, "stroke"),
            TestBar.Line("espresso", 3, "shot"),
            TestBar.Line("milk", 170, "ml")
        );
        var advice = AdviserTests.Advise(build, "s");

        Assert.All(advice, way =>
            Assert.StartsWith(
                $"{Said(way.Strength!.Value.Value, "stronger", "weaker", "strong")}, {Said(way.Sweetness!.Value.Value, "sweeter", "less sweet", "sweet")}; ",
                way.Reason,
                StringComparison.Ordinal
            )
        );
        var all = AllSizes.SelectMany(size => Milks.SelectMany(milk => AdviserTests.Advise(With(milk), size))).ToList();
        Assert.Contains(all, way => way.Strength!.Value.Value > 0.5);
        Assert.Contains(all, way => way.Strength!.Value.Value < -0.5);
        Assert.Contains(all, way => way.Sweetness!.Value.Value > 0.5);
        Assert.Contains(all, way => way.Sweetness!.Value.Value < -0.5);

        var unknown = AdviserTests.Advise(build, "s", FullBar.With("syrup", syrup => syrup with { Per100g = null }));
        Assert.Contains("how sweet is not known;", unknown[0].Reason, StringComparison.Ordinal);
        Assert.Null(unknown[0].Sweetness);

        BuildDocument With(double milk) =>
            build with
            {
                Lines = [.. build.Lines.SkipLast(1), TestBar.Line("milk", milk, "ml")],
            };

        static string Said(double by, string more, string less, string what) =>
            Math.Round(Math.Abs(by), 1) < 0.5
                ? $"as {what} as the reference"
                : $"{Math.Round(Math.Abs(by))} % {(by > 0 ? more : less)}";
    }

    [Fact]
    public void The_reason_is_said_in_words()
    {
        var best = AdviserTests.Advise(
            TestBar.Build(
                TestBar.Line("syrup", 2, "stroke"),
                TestBar.Line("espresso", 2, "shot"),
                TestBar.Line("milk", 150, "ml")
            ),
            "s"
        )[0];

        Assert.Equal("1 stroke of Syrup, 1 shot of Espresso, 75 ml of Milk", best.Pour);
        Assert.Equal("as strong as the reference, as sweet as the reference; 100 ml of room left.", best.Reason);
        Assert.Empty(best.Edits);
    }
}
