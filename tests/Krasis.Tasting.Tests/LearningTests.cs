using Krasis.Core.Tests.Outside;
using Krasis.Tasting.Choosing;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;
using Krasis.Tasting.JustRight;
using Krasis.Tasting.Learning;
using MathNet.Numerics.Distributions;

namespace Krasis.Tasting.Tests;

public class LearningTests
{
    // Tasters of whom half can tell 8 %, asked at three drifts, 60 each: the learner finds what they were made with.
    [Theory]
    [InlineData(8)]
    [InlineData(12)]
    public void What_the_tasters_were_made_with_is_found_again(double half)
    {
        var random = new Random(7);
        var tests = new[] { 4.0, 8, 12, 20 }
            .Select(drift =>
            {
                var can = 1 - Math.Pow(2, -Math.Pow(drift / half, 2));
                var right = Enumerable
                    .Range(0, 60)
                    .Count(_ => random.NextDouble() < can || random.NextDouble() < 1.0 / 3);
                return new ToldApart(ChoiceMethod.Triangle, drift, 60, right);
            })
            .ToList();
        var learned = DriftLearner.Of("strength", 25, tests)!;
        Assert.InRange(half, learned.Low, learned.High ?? double.MaxValue);
        Assert.InRange(learned.Proposed, half * 0.7, half * 1.4);
        Assert.Contains("the house allows 25 %", learned.Says, StringComparison.Ordinal);
    }

    [Fact]
    public void Too_little_teaches_nothing() =>
        Assert.Multiple(
            () => Assert.Null(DriftLearner.Of("strength", 10, [])),
            () => Assert.Null(DriftLearner.Of("strength", 10, [new(ChoiceMethod.Triangle, 10, 60, 30)])),
            () =>
                Assert.Null(
                    DriftLearner.Of(
                        "strength",
                        10,
                        [new(ChoiceMethod.Triangle, 10, 11, 6), new(ChoiceMethod.Triangle, 20, 12, 9)]
                    )
                )
        );

    [Fact]
    public void Where_nobody_could_tell_it_may_be_more_than_was_tasted() =>
        Assert.Null(
            DriftLearner
                .Of("sweetness", 10, [new(ChoiceMethod.Triangle, 10, 30, 10), new(ChoiceMethod.Triangle, 15, 30, 9)])!
                .High
        );

    // The power of scales summed over how many find it off, against tasters who do just that.
    [Theory]
    [InlineData(12, 0.05)]
    [InlineData(24, 0.0125)]
    public void The_power_of_scales_is_what_simulated_answers_give(int tasters, double level)
    {
        const int Runs = 4000;
        var random = new Random(3);
        var found = Enumerable
            .Range(0, Runs)
            .Count(_ =>
            {
                var (one, other) = (0, 0);
                for (var i = 0; i < tasters; i++)
                {
                    var said = random.NextDouble();
                    (one, other) =
                        said < PanelSize.OneSide ? (one + 1, other)
                        : said < PanelSize.OneSide + PanelSize.OtherSide ? (one, other + 1)
                        : (one, other);
                }

                return one > other && 2 * (1 - (one == 0 ? 0 : Binomial.CDF(0.5, one + other, one - 1))) <= level;
            });
        Assert.InRange(
            found / (double)Runs,
            PanelSize.Lopsided(tasters, level) - 0.04,
            PanelSize.Lopsided(tasters, level) + 0.04
        );
    }

    // Nothing is off: every taster answers each scale of each sample by chance, to either side alike, and likes what is
    // off less. In the old way of holding only the scales of one sample to a level, one panel in seven said "act".
    [Theory]
    [InlineData(2, 1, 12)]
    [InlineData(4, 1, 24)]
    [InlineData(6, 1, 12)]
    [InlineData(6, 5, 40)]
    public void Where_nothing_is_off_hardly_a_panel_says_so(int samples, int scales, int tasters)
    {
        var panels = (int)Proof.Times(200);
        var random = new Random(11);
        var wrong = Enumerable
            .Range(0, panels)
            .Count(_ =>
                ScaleReading
                    .Of([
                        .. Enumerable
                            .Range(0, samples * scales)
                            .Select(_ =>
                                (IReadOnlyList<(int, int?)>)
                                    [
                                        .. Enumerable
                                            .Range(0, tasters)
                                            .Select(_ => random.NextDouble())
                                            .Select(said =>
                                                said < 0.3 ? (-1, 5)
                                                : said < 0.6 ? (1, 5)
                                                : (0, (int?)7)
                                            ),
                                    ]
                            ),
                    ])
                    .Any(reading => reading.Verdict == ScaleVerdict.Act)
            );
        Proof.Tell($"{samples} samples, {scales} scales, {tasters} tasters: {wrong} of {panels} panels say \"act\"");

        // 5 %, and three standard deviations of so many panels.
        Assert.InRange(wrong / (double)panels, 0, 0.05 + (3 * Math.Sqrt(0.05 * 0.95 / panels)));
    }

    // The ranks are compared by their sums, which find more than a sign test of one pair: of two samples by hand, 12
    // tasters of whom three of four prefer one come to Friedman's level with 10 or more of 12, which is
    // Σ C(12,k)·0.75^k·0.25^(12−k) = 0.39 (and 2 or fewer hardly ever).
    [Fact]
    public void The_power_of_an_order_is_that_of_the_procedure()
    {
        Assert.InRange(PanelSize.RankedPower(12, 2), 0.39 - 0.08, 0.39 + 0.08);
        Assert.True(PanelSize.RankedPower(12, 4) > 0.16);
        Assert.True(PanelSize.RankedPower(40, 4) > PanelSize.RankedPower(12, 4));
    }

    [Theory]
    [InlineData("triangle", 2, 12, "With 12 tasters, 8 right answers are a result (ISO 4120).")]
    [InlineData("preference", 2, 20, "With 20 tasters, 15 choices of the one drink are a result (ISO 5495).")]
    [InlineData("triangle", 2, 2, "2 tasters cannot give a result, whatever they say.")]
    public void How_many_it_takes_is_said_before_anything_is_poured(
        string question,
        int samples,
        int tasters,
        string says
    ) => Assert.Contains(says, PanelSize.Of(Setup(question, samples, tasters)).Says);

    [Theory]
    [InlineData(12, true)]
    [InlineData(13, false)]
    public void Orders_come_out_even_with_whole_rounds(int tasters, bool isEven) =>
        Assert.Equal(
            !isEven,
            PanelSize
                .Of(Setup("triangle", 2, tasters))
                .Says.Contains("Orders come out even with 6 tasters, or a multiple of it.")
        );

    private static TastingSetup Setup(string question, int samples, int tasters) =>
        TastingReader
            .Read(
                new TastingDocument
                {
                    Name = "A tasting",
                    Question = question,
                    Samples =
                    [
                        .. Enumerable.Range(0, samples).Select(i => new SampleDocument { Words = $"Drink {i}" }),
                    ],
                    Tasters = tasters,
                }
            )
            .Value;
}
