using Krasis.Core.Planning.Expecting;
using MathNet.Numerics.Distributions;

namespace Krasis.Core.Tests.Planning;

/// <summary>What is learned from sales.</summary>
public class SalesLearnerTests
{
    private static readonly DrinkSize Drink = new("bar", "drink", "small");
    private static readonly DrinkSize Other = new("bar", "other", "small");
    private static readonly DateOnly Monday = new(2026, 11, 2);

    [Fact]
    public void A_weekday_is_learned_from_itself_from_two_such_days_on()
    {
        Sold[] two = [new(Monday, Drink, 10), new(Monday.AddDays(7), Drink, 14), new(Monday.AddDays(1), Drink, 90)];
        Assert.Equal(12, new SalesLearner(two, _ => 1).On(Monday.AddDays(14), Drink)!.Mean);

        // With one Monday only all weekdays tell.
        Assert.Equal(50, new SalesLearner([two[0], two[2]], _ => 1).On(Monday.AddDays(14), Drink)!.Mean);
        Assert.Null(new SalesLearner(two, _ => 1).On(Monday, Other));
    }

    [Fact]
    public void A_day_on_which_others_were_sold_counts_as_one_with_none()
    {
        Sold[] sales = [new(Monday, Drink, 10), new(Monday, Other, 5), new(Monday.AddDays(7), Other, 5)];
        Assert.Equal(5, new SalesLearner(sales, _ => 1).On(Monday.AddDays(14), Drink)!.Mean);
    }

    [Fact]
    public void A_day_on_which_a_drink_was_off_the_board_counts_for_nothing()
    {
        Sold[] sales =
        [
            new(Monday, Drink, 10),
            new(Monday, Other, 5),
            new(Monday.AddDays(7), Other, 5),
            new(Monday.AddDays(14), Drink, 12),
        ];
        bool On(string build, DateOnly day) => build != "drink" || day != Monday.AddDays(7);

        var learner = new SalesLearner(sales, _ => 1, On);
        Assert.Equal(11, learner.On(Monday.AddDays(21), Drink)!.Mean);
        Assert.Equal(2, learner.DaysOf(Drink));
    }

    [Fact]
    public void A_hot_day_is_brought_to_an_ordinary_one_and_to_the_day_that_is_asked_for()
    {
        double Factor(DateOnly day) =>
            day == Monday ? 2
            : day == Monday.AddDays(14) ? 1.5
            : 1;
        Assert.Equal(
            15,
            new SalesLearner([new(Monday, Drink, 20), new(Monday.AddDays(7), Drink, 10)], Factor)
                .On(Monday.AddDays(14), Drink)!
                .Mean
        );
    }

    [Fact]
    public void Scatter_is_chi_squared_over_its_degrees_of_freedom_and_at_least_that_of_Poisson()
    {
        // 10 and 14 about 12: (4 + 4) ÷ 12 = 0.67. 4 and 20: (64 + 64) ÷ 12 = 10.67.
        Assert.Equal(1, Of(10, 14).DispersionAt("bar"));
        Assert.Equal(128 / 12.0, Of(4, 20).DispersionAt("bar"), 9);
        Assert.Equal(12 * 128 / 12.0, Of(4, 20).On(Monday.AddDays(14), Drink)!.Variance, 9);

        static SalesLearner Of(double one, double other) =>
            new([new(Monday, Drink, one), new(Monday.AddDays(7), Drink, other)], _ => 1);
    }

    [Fact]
    public void Of_counts_of_a_known_law_the_scatter_is_found()
    {
        // A year of Poisson counts about a mean that itself scatters as Gamma(10, 0.5): mean 20, variance 60
        // (MathNet.Numerics, seed 7).
        var dice = new Random(7);
        var learner = new SalesLearner(
            Enumerable
                .Range(0, 364)
                .Select(day => new Sold(
                    Monday.AddDays(day),
                    Drink,
                    Poisson.Samples(dice, Gamma.Samples(dice, 10, 0.5).First()).First()
                )),
            _ => 1
        );
        Assert.InRange(learner.DispersionAt("bar"), 2.5, 3.5);
        Assert.InRange(learner.On(Monday.AddDays(364), Drink)!.Mean, 17, 23);
    }

    [Fact]
    public void What_a_sort_of_day_sells_more_is_learned_with_its_spread()
    {
        var sales = Enumerable
            .Range(0, 28)
            .Select(day => new Sold(
                Monday.AddDays(day),
                Drink,
                day is 5 ? 30
                    : day is 12 ? 50
                    : 20
            ))
            .ToList();
        var learned = new SalesLearner(sales, _ => 1)
            .FactorOf(day => day == Monday.AddDays(5) || day == Monday.AddDays(12))!
            .Value;
        Assert.Equal((2.0, 2), (learned.Factor, learned.Days));
        Assert.Equal(Math.Sqrt(0.5), learned.Spread, 9);
        Assert.Null(new SalesLearner(sales, _ => 1).FactorOf(day => day == Monday));
    }
}
