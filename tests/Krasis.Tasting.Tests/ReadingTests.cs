using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;
using Krasis.Tasting.Reading;
using Krasis.Tasting.Simulating;

namespace Krasis.Tasting.Tests;

public class ReadingTests
{
    [Fact]
    public void A_triangle_that_is_told_apart_says_so_and_how_many_can()
    {
        var result = Choice("triangle", 24, 16);
        Assert.True(result.Choice!.IsResult);
        Assert.Equal(13, result.Choice.LeastRight);
        Assert.StartsWith(
            "They can be told apart: 16 of 24 were right; by guessing so many come up ",
            result.Choice.Says[0],
            StringComparison.Ordinal
        );
        Assert.StartsWith("Between ", result.Choice.Says[1], StringComparison.Ordinal);
    }

    [Fact]
    public void A_triangle_that_is_not_does_not_say_they_are_the_same()
    {
        var result = Choice("triangle", 12, 6);
        Assert.False(result.Choice!.IsResult);
        Assert.Equal(
            "12 tasters cannot tell this apart: 6 were right, and 8 would have had to be. That does not say they are the same.",
            result.Choice.Says[0]
        );
    }

    [Theory]
    [InlineData(12, false)]
    [InlineData(13, true)]
    public void It_turns_at_the_least_number(int right, bool isResult) =>
        Assert.Equal(isResult, Choice("triangle", 24, right).Choice!.IsResult);

    [Fact]
    public void Which_of_two_counts_to_either_side()
    {
        Assert.Contains("like Two better", Choice("preference", 20, 4).Choice!.Says[0], StringComparison.Ordinal);
        Assert.Contains("like One better", Choice("preference", 20, 16).Choice!.Says[0], StringComparison.Ordinal);
        Assert.Contains("may be chance", Choice("preference", 20, 12).Choice!.Says[0], StringComparison.Ordinal);
    }

    [Fact]
    public void One_taster_gives_no_result()
    {
        var result = Choice("triangle", 1, 1);
        Assert.Equal("1 of 1. One taster cannot give a result, whatever they say.", Assert.Single(result.Choice!.Says));
        Assert.Contains(result.Warnings, warning => warning.StartsWith("One taster:", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("best", 1)]
    [InlineData("suits", 1)]
    [InlineData("triangle", 0)]
    [InlineData("preference", 0)]
    public void Scales_are_asked_beside_an_order_and_not_beside_a_choice(string question, int scales) =>
        Assert.Equal(
            scales,
            TastingReader.Read(Document(question, 2, 12) with { Scales = ["sweetness"] }).Value.Scales.Count
        );

    [Fact]
    public void Nobody_has_answered()
    {
        var result = TastingResult.Of(Suits(2), ["One", "Two"], [], []);
        Assert.Equal((0, "Nobody has answered yet."), (result.Tasters, Assert.Single(result.Warnings)));
    }

    [Fact]
    public void Everybody_of_one_mind_that_all_are_alike()
    {
        var result = TastingResult.Of(
            Suits(2),
            ["One", "Two"],
            [.. Enumerable.Range(0, 12).Select(_ => Liked(7, 7))],
            []
        );
        Assert.Equal(1, result.Order!.Test!.Probability);
        Assert.Contains("That does not say they are all as good.", result.Order.Says[0], StringComparison.Ordinal);
        Assert.Equal((7, 7, 7), (result.Samples[0].Liking, result.Samples[0].LikingLow, result.Samples[0].LikingHigh));
    }

    [Fact]
    public void What_is_liked_better_by_nearly_all_is_named()
    {
        var result = TastingResult.Of(
            Suits(3),
            ["One", "Two", "Three"],
            [.. Enumerable.Range(0, 14).Select(i => Liked(8, 5 + (i % 2), 3))],
            []
        );
        Assert.Contains(result.Order!.Says, line =>
            line.StartsWith("One is liked better than Three", StringComparison.Ordinal)
        );
        Assert.Contains("3 pairs are held to 1 in 20 together.", result.Order.Says);
    }

    [Theory]
    [InlineData(9, 2)]
    [InlineData(8, 2)]
    [InlineData(7, 3)]
    public void Of_two_the_pair_says_what_the_whole_says(int one, int other)
    {
        var result = TastingResult.Of(
            Suits(2),
            ["One", "Two"],
            [.. Enumerable.Range(0, one + other).Select(i => i < one ? Liked(8, 6) : Liked(6, 8))],
            []
        );
        Assert.Equal(result.Order!.Test!.Probability, Assert.Single(result.Order.Pairs).Probability);
        Assert.Equal(
            result.Order.Test.Probability <= 0.05,
            result.Order.Says.Any(line => line.StartsWith("One is liked better than Two", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void What_was_left_out_is_left_out_of_what_it_would_belong_to()
    {
        var result = TastingResult.Of(Suits(2), ["One", "Two"], [Liked(8, 6), Liked(7), Liked(8, 5), Liked(9, 6)], []);
        Assert.Equal((4, 3, 3), (result.Samples[0].Tasters, result.Samples[1].Tasters, result.Order!.Tasters));
    }

    [Fact]
    public void What_was_withdrawn_is_not_compared_and_that_is_said()
    {
        var result = TastingResult.Of(
            Suits(3),
            ["One", "Two", "Three"],
            [.. Enumerable.Range(0, 12).Select(_ => Liked(8, 6, 3))],
            [1]
        );
        Assert.Equal([0, 2], result.Order!.Samples);
        Assert.Contains("Two was withdrawn and is not compared.", result.Warnings);
        Assert.Null(result.Samples[1].RankSum);
    }

    [Fact]
    public void Five_hundred_tasters_are_read_too()
    {
        var tasting = Suits(4, 500);
        var tastes = Enumerable
            .Range(0, 4)
            .Select(i => new SampleTaste(new Dictionary<string, double> { ["sweetness"] = 5 + i }))
            .ToList();
        var plan = ServingPlan.Of(tasting.Question, 4, tasting.Seed);
        var answers = SimulatedPanel
            .Answers(
                tasting,
                tastes,
                new PanelTraits(new Dictionary<string, double> { ["sweetness"] = 6 }),
                [.. Enumerable.Range(1, 500)],
                1
            )
            .Select((answer, i) => Answer.Read(answer, tasting, plan.For(i + 1, [])).Value)
            .ToList();
        var result = TastingResult.Of(tasting, ["a", "b", "c", "d"], answers, []);
        Assert.Equal(500, result.Tasters);
        Assert.Contains(result.Samples[3].Scales, scale =>
            scale.Says.Contains("too sweet", StringComparison.Ordinal)
            && scale.Says.EndsWith("act on it.", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void The_simulated_can_tell_what_is_far_apart_and_not_what_is_the_same() =>
        Assert.Multiple(
            () => Assert.True(RightOf("triangle", 1.0, 1.6) >= 40),
            () => Assert.InRange(RightOf("triangle", 1.0, 1.0), 10, 30),
            () => Assert.True(RightOf("duo-trio", 1.0, 1.6) >= 48),
            () => Assert.InRange(RightOf("duo-trio", 1.0, 1.0), 20, 40)
        );

    [Theory]
    [InlineData("order", "888", "No cup before this taster says '888'.")]
    public void A_code_that_is_none_is_named(string field, string code, string said)
    {
        var tasting = Read("best", 2, 12);
        var glasses = ServingPlan.Of(tasting.Question, 2, tasting.Seed).For(1, []);
        var problem = Answer.Read(new AnswerDocument { Order = [glasses[0].Code, code] }, tasting, glasses).Problems[0];
        Assert.Equal(($"{field}[1]", said), (problem.Field, problem.Message));
    }

    [Fact]
    public void The_cup_to_compare_with_cannot_be_chosen()
    {
        var tasting = Read("duo-trio", 2, 12);
        var glasses = ServingPlan.Of(tasting.Question, 2, tasting.Seed).For(1, []);
        Assert.Equal(
            "chosen",
            Assert.Single(Answer.Read(new AnswerDocument { Chosen = glasses[0].Code }, tasting, glasses).Problems).Field
        );
    }

    [Theory]
    [InlineData("suits", 0)]
    [InlineData("suits", 7)]
    [InlineData("best", 1)]
    [InlineData("triangle", 3)]
    public void So_many_samples_are_not_tasted_so(string question, int samples) =>
        Assert.Contains(TastingReader.Read(Document(question, samples, 12)).Problems, problem =>
            problem.Field == "samples"
        );

    [Fact]
    public void What_has_no_name_is_told_by_its_place() =>
        Assert.Equal(
            ["It is not said what sample 2 is.", "Your scale 1 has no word for too much."],
            TastingReader
                .Read(
                    Document("suits", 1, 12) with
                    {
                        Samples = [new SampleDocument { Words = "One" }, new SampleDocument { Words = " " }],
                        Own = [new OwnScaleDocument { Name = "Smoke", TooLittle = "too little smoke" }],
                    }
                )
                .Problems.Select(problem => problem.Message)
        );

    [Theory]
    [InlineData(0)]
    [InlineData(501)]
    public void So_many_tasters_are_refused(int tasters) =>
        Assert.Equal("tasters", Assert.Single(TastingReader.Read(Document("best", 2, tasters)).Problems).Field);

    private static int RightOf(string question, double one, double other)
    {
        var tasting = Read(question, 2, 60);
        var plan = ServingPlan.Of(tasting.Question, 2, tasting.Seed);
        SampleTaste Taste(double value) => new(new Dictionary<string, double> { ["strength"] = value });
        return SimulatedPanel
            .Answers(
                tasting,
                [Taste(one), Taste(other)],
                new PanelTraits(new Dictionary<string, double>()),
                [.. Enumerable.Range(1, 60)],
                4
            )
            .Select((answer, i) => Answer.Read(answer, tasting, plan.For(i + 1, [])).Value)
            .Count(answer => answer.IsRight == true);
    }

    private static TastingResult Choice(string question, int tasters, int right)
    {
        var tasting = Read(question, 2, tasters);
        return TastingResult.Of(
            tasting,
            ["One", "Two"],
            [
                .. Enumerable
                    .Range(0, tasters)
                    .Select(i =>
                        Empty with
                        {
                            Chosen = i < right ? 0 : 1,
                            IsRight = question == "preference" ? null : i < right,
                        }
                    ),
            ],
            []
        );
    }

    private static readonly Answer Empty = new(
        new Dictionary<int, int>(),
        new Dictionary<(int, string), int>(),
        [],
        null,
        null,
        null
    );

    private static Answer Liked(params int[] points) =>
        Empty with
        {
            Liking = points.Index().ToDictionary(each => each.Index, each => each.Item),
        };

    private static TastingSetup Suits(int samples, int tasters = 12) => Read("suits", samples, tasters);

    private static TastingSetup Read(string question, int samples, int tasters) =>
        TastingReader.Read(Document(question, samples, tasters)).Value;

    private static TastingDocument Document(string question, int samples, int tasters) =>
        new()
        {
            Name = "A tasting",
            Question = question,
            Samples = [.. Enumerable.Range(0, samples).Select(i => new SampleDocument { Words = $"Drink {i}" })],
            Scales = ["strength", "sweetness"],
            Tasters = tasters,
        };
}
