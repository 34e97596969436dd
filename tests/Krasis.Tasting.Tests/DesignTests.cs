using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;

namespace Krasis.Tasting.Tests;

public class DesignTests
{
    public static TheoryData<string, int> All =>
        [
            .. TastingQuestion.All.SelectMany(question =>
                Enumerable
                    .Range(question.LeastSamples, question.MostSamples - question.LeastSamples + 1)
                    .Select(samples => (question.Code, samples))
            ),
        ];

    [Theory]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(6)]
    public void Every_sample_comes_after_every_other_equally_often_and_stands_everywhere_equally_often(int samples)
    {
        var orders = Williams.Orders(samples);
        Assert.Equal(samples % 2 == 0 ? samples : 2 * samples, orders.Count);
        Assert.All(orders, order => Assert.Equal(Enumerable.Range(0, samples), order.Order()));
        var after = orders.SelectMany(order => order.Zip(order.Skip(1))).CountBy(pair => pair).ToList();
        Assert.Equal(samples * (samples - 1), after.Count);
        Assert.Single(after.Select(pair => pair.Value).Distinct());
        var stands = orders.SelectMany(order => order.Index()).CountBy(place => place).ToList();
        Assert.Equal(samples * samples, stands.Count);
        Assert.Single(stands.Select(place => place.Value).Distinct());
    }

    [Theory]
    [MemberData(nameof(All))]
    public void No_taster_has_a_code_twice_and_a_code_is_always_the_same_sample(string code, int samples)
    {
        var question = TastingQuestion.All.Single(each => each.Code == code);
        for (var seed = 0; seed < 20; seed++)
        {
            var plan = ServingPlan.Of(question, samples, seed);
            var glasses = Enumerable.Range(1, 24).Select(seat => plan.For(seat, [])).ToList();
            Assert.All(glasses, row => Assert.Equal(row.Count, row.Select(glass => glass.Code).Distinct().Count()));
            Assert.All(glasses, row => Assert.Equal(question.Glasses ?? samples, row.Count));
            Assert.All(glasses.SelectMany(row => row).GroupBy(glass => glass.Code), same =>
                Assert.Single(same.Select(glass => glass.Sample).Distinct())
            );
            Assert.Equal(
                plan.Codes.SelectMany(each => each).Order(),
                glasses.SelectMany(row => row).Select(glass => glass.Code).Distinct().Order()
            );
        }
    }

    [Fact]
    public void A_triangle_is_served_in_all_six_orders_and_a_duo_trio_in_all_four()
    {
        var triangle = ServingPlan.Of(TastingQuestion.Triangle, 2, 3);
        Assert.Equal(6, triangle.Round);
        Assert.Equal(
            6,
            Enumerable
                .Range(1, 6)
                .Select(seat => string.Concat(triangle.For(seat, []).Select(glass => glass.Sample)))
                .Distinct()
                .Count()
        );
        Assert.All(Enumerable.Range(1, 6), seat =>
            Assert.Equal(2, triangle.For(seat, []).Select(glass => glass.Sample).Distinct().Count())
        );

        var trio = ServingPlan.Of(TastingQuestion.DuoTrio, 2, 3);
        Assert.Equal(4, trio.Round);
        Assert.All(Enumerable.Range(1, 4), seat =>
            Assert.True(
                trio.For(seat, []) is [{ IsReference: true }, { IsReference: false } one, { IsReference: false } other]
                    && one.Sample != other.Sample
            )
        );
    }

    [Fact]
    public void The_same_seed_gives_the_same_tray_and_another_one_another() =>
        Assert.Multiple(() => Assert.Equal(Codes(4), Codes(4)), () => Assert.NotEqual(Codes(4), Codes(5)));

    [Fact]
    public void Who_comes_late_is_served_from_the_beginning_again()
    {
        var plan = ServingPlan.Of(TastingQuestion.Suits, 3, 9);
        Assert.Equal(plan.For(1, []), plan.For(1 + plan.Round, []));
    }

    [Fact]
    public void What_is_withdrawn_is_served_no_more() =>
        Assert.DoesNotContain(ServingPlan.Of(TastingQuestion.Suits, 3, 9).For(2, [1]), glass => glass.Sample == 1);

    [Fact]
    public void A_code_says_nothing()
    {
        var codes = SampleCodes.Draw(new Random(1), SampleCodes.Count);
        Assert.True(codes.Count > 300);
        Assert.Equal(codes.Count, codes.Distinct().Count());
        Assert.All(codes, code =>
        {
            Assert.Equal(3, code.Length);
            Assert.Equal(3, code.Distinct().Count());
            Assert.DoesNotContain('0', code);
        });
        Assert.DoesNotContain("123", codes);
        Assert.DoesNotContain("321", codes);
        Assert.Contains("124", codes);
        Assert.DoesNotContain("169", codes);
    }

    private static string Codes(int seed) =>
        string.Join(' ', ServingPlan.Of(TastingQuestion.Best, 4, seed).For(2, []).Select(glass => glass.Code));
}
