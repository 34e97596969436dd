using CsCheck;
using Krasis.Core.Tests.Outside;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;
using Krasis.Tasting.JustRight;
using Krasis.Tasting.Reading;
using Krasis.Tasting.Simulating;

namespace Krasis.Tasting.Tests;

public class JustRightTests
{
    // Worked by hand: of 12, three find it right and give 8, 7, 8 (mean 7.67); nine find it too sweet and give 6 6 7 6
    // 6 7 6 6 6 (mean 6.22). The drop is 1.44. Nine against none by chance: 2 · (1/2)^9 = 0.0039.
    private static readonly (int Said, int? Liking)[] TooSweet =
    [
        (0, 8),
        (0, 7),
        (0, 8),
        (1, 6),
        (1, 6),
        (1, 7),
        (2, 6),
        (1, 6),
        (1, 7),
        (1, 6),
        (2, 6),
        (1, 6),
    ];

    [Fact]
    public void A_table_worked_by_hand_comes_out()
    {
        var reading = Assert.Single(ScaleReading.Of([TooSweet]));
        Assert.Equal((12, 3, 0, 9), (reading.Tasters, reading.Right, reading.Less.Count, reading.More.Count));
        Assert.Equal(23 / 3.0, reading.RightLiking!.Value, 12);
        Assert.Equal((23 / 3.0) - (56 / 9.0), reading.More.Drop!.Value, 12);
        Assert.Equal(11 / 12.0, reading.Mean, 12);
        Assert.Equal(2 * Math.Pow(0.5, 9), reading.LopsidedChance, 12);
        Assert.Equal(ScaleVerdict.Act, reading.Verdict);
        Assert.Equal("9 of 12 found it too sweet; that costs 1.4 points of liking; act on it.", Words(reading));
    }

    // Of 12 points the three highest are 8, 8 and one of three 7s: drawn without looking, 3 of 220 threes are as good.
    [Fact]
    public void A_drop_s_chance_is_that_of_every_way_of_dealing_the_points_out() =>
        Assert.Equal(3 / 220.0, ScaleReading.Of([TooSweet])[0].More.DropChance!.Value, 12);

    [Fact]
    public void Dealing_out_is_counted_as_if_every_hand_were_written_down() =>
        Gen.Select(Gen.Int[1, 9].Array[2, 10], Gen.Int[0, 9])
            .Seeded()
            .Sample(
                (points, pick) =>
                {
                    var drawn = 1 + (pick % (points.Length - 1));
                    var hands = Enumerable
                        .Range(0, 1 << points.Length)
                        .Where(set => int.PopCount(set) == drawn)
                        .Select(set => points.Where((_, i) => (set >> i & 1) == 1).Sum())
                        .ToList();
                    var sum = hands[hands.Count / 2];
                    Assert.Equal(
                        hands.Count(hand => hand <= sum) / (double)hands.Count,
                        Dealt.AtMost(points, drawn, sum),
                        9
                    );
                },
                iter: 200
            );

    // Just below and just above where it is counted: the same within a hundredth.
    [Fact]
    public void Of_many_the_normal_curve_says_nearly_the_same()
    {
        var random = new Random(11);
        var points = Enumerable.Range(0, Dealt.MostCounted).Select(_ => random.Next(1, 10)).ToList();
        List<int> more = [.. points, 5];
        foreach (var drawn in new[] { 30, 60 })
        {
            var sum = (int)(drawn * points.Average()) - 12;
            Assert.InRange(
                Dealt.AtMost(more, drawn, sum),
                Dealt.AtMost(points, drawn, sum) - 0.02,
                Dealt.AtMost(points, drawn, sum) + 0.02
            );
        }
    }

    [Theory]
    // One in five is the bound; the others found it right, and a point is lost.
    [InlineData(30, 5, 0, ScaleVerdict.Leave)]
    [InlineData(30, 6, 0, ScaleVerdict.Act)]
    // Six against one is 0.125, eight against one 0.039.
    [InlineData(20, 6, 1, ScaleVerdict.Unsure)]
    [InlineData(20, 8, 1, ScaleVerdict.Act)]
    [InlineData(20, 6, 5, ScaleVerdict.Divided)]
    [InlineData(6, 6, 0, ScaleVerdict.Act)]
    [InlineData(5, 5, 0, ScaleVerdict.TooFew)]
    [InlineData(0, 0, 0, ScaleVerdict.TooFew)]
    public void What_it_comes_to(int tasters, int more, int less, ScaleVerdict verdict)
    {
        var answers = Enumerable
            .Range(0, tasters)
            .Select(i =>
                i < more ? (1, (int?)6)
                : i < more + less ? (-1, 6)
                : (0, 7)
            )
            .ToList();
        Assert.Equal(verdict, ScaleReading.Of([answers])[0].Verdict);
    }

    [Fact]
    public void Who_finds_it_too_sweet_and_likes_it_as_much_asks_for_nothing()
    {
        var answers = Enumerable.Range(0, 12).Select(i => i < 9 ? (1, (int?)7) : (0, 7)).ToList();
        var reading = ScaleReading.Of([answers])[0];
        Assert.Equal(ScaleVerdict.Leave, reading.Verdict);
        Assert.Equal("9 of 12 found it too sweet, but they like it no less: leave it.", Words(reading));
    }

    // Two who like little do not decide what a side costs; three may.
    [Theory]
    [InlineData(
        2,
        ScaleVerdict.Act,
        "12 of 14 found it too sweet; only 2 found it right, so what it costs cannot be told; act on it."
    )]
    [InlineData(3, ScaleVerdict.Leave, "11 of 14 found it too sweet, but they like it no less: leave it.")]
    public void Of_too_few_who_find_it_right_the_cost_is_not_told(int right, ScaleVerdict verdict, string says)
    {
        var answers = Enumerable.Range(0, 14).Select(i => i < right ? (0, (int?)3) : (1, 6)).ToList();
        var reading = ScaleReading.Of([answers])[0];
        Assert.Equal((verdict, says), (reading.Verdict, Words(reading)));
    }

    [Fact]
    public void Where_nobody_said_how_much_they_like_it_the_cost_is_not_told()
    {
        var answers = Enumerable.Range(0, 12).Select(i => (i < 9 ? 1 : 0, default(int?))).ToList();
        var reading = ScaleReading.Of([answers])[0];
        Assert.Equal(ScaleVerdict.Act, reading.Verdict);
        Assert.Null(reading.More.Drop);
        Assert.Equal("9 of 12 found it too sweet; what it costs in liking was not said; act on it.", Words(reading));
    }

    [Fact]
    public void The_same_answers_beside_more_scales_weigh_less()
    {
        var right = Enumerable.Range(0, 20).Select(_ => (0, (int?)7)).ToList();
        var off = Enumerable
            .Range(0, 20)
            .Select(i =>
                i < 8 ? (1, (int?)6)
                : i == 8 ? (-1, 6)
                : (0, 7)
            )
            .ToList();
        Assert.Equal(ScaleVerdict.Act, ScaleReading.Of([off])[0].Verdict);
        Assert.Equal(ScaleVerdict.Unsure, ScaleReading.Of([off, right, right, right, right])[0].Verdict);
    }

    // A panel to which the drink is right: 2,000 tastings of five scales. "Act on it" is a false alarm in no more than
    // 1 of 20 of them.
    [Theory]
    [InlineData(12)]
    [InlineData(40)]
    public void Where_there_is_nothing_to_act_on_it_is_seldom_said(int tasters)
    {
        const int Runs = 2000;
        var tasting = TastingReader
            .Read(
                new TastingDocument
                {
                    Name = "Right as it is",
                    Question = "suits",
                    Samples = [new SampleDocument { Words = "Right" }],
                    Scales = [.. JarScale.All.Select(scale => scale.Code)],
                    Tasters = tasters,
                }
            )
            .Value;
        var taste = new SampleTaste(JarScale.All.ToDictionary(scale => scale.Code, _ => 1.0));
        var traits = new PanelTraits(new Dictionary<string, double>());
        var plan = ServingPlan.Of(tasting.Question, 1, tasting.Seed);
        var (alarms, off) = (0, 0);
        for (var seed = 0; seed < Runs; seed++)
        {
            var answers = SimulatedPanel
                .Answers(tasting, [taste], traits, [.. Enumerable.Range(1, tasters)], seed)
                .Select((answer, i) => Answer.Read(answer, tasting, plan.For(i + 1, [])).Value)
                .ToList();
            var scales = TastingResult.Of(tasting, ["Right"], answers, []).Samples[0].Scales;
            alarms += scales.Any(scale => scale.Figures.Verdict == ScaleVerdict.Act) ? 1 : 0;
            off += scales.Sum(scale => scale.Figures.More.Count + scale.Figures.Less.Count);
        }

        Assert.InRange(alarms, 0, Runs / 20);

        // The test can fail: a good part of what is said is that something is off.
        Assert.True(off > Runs * tasters * 5 / 10, $"only {off} answers were off");
    }

    private static string Words(ScaleReading reading) =>
        ResultWords.Scale(JarScale.All.Single(scale => scale.Code == "sweetness"), reading);
}
