using CsCheck;
using Krasis.Core.Bar.House;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Core.Making.Ordering;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Making.Ordering;

/// <summary>Orders at the full bar: doubles of two shots that run 25 to 30 s, pitchers of 150 and 300 ml.</summary>
public class OrderPlannerTests
{
    private static readonly LineDocument Single = TestBar.Line("espresso", 1, "shot");
    private static readonly LineDocument Double = TestBar.Line("espresso", 2, "shot");

    private static readonly BuildDocument Small = Hot(Single, Steamed("milk", 120));
    private static readonly BuildDocument Large = Hot(Double, Steamed("milk", 200));
    private static readonly BuildDocument Oat = Hot(Double, Steamed("oat", 120));
    private static readonly BuildDocument Iced = TestBar.Build(
        TestBar.Line("syrup", 2, "stroke"),
        Double,
        TestBar.Line("milk", 100, "ml"),
        TestBar.Line("ice", 100, "g")
    ) with
    {
        Serve = "iced",
    };

    [Fact]
    public void Two_drinks_with_half_a_pull_each_share_one_and_the_same_milk_one_pitcher()
    {
        var plan = Plan(Small, Small);

        var pull = Assert.Single(plan.Pulls);
        Assert.Equal(("Double", 1.0), (pull.Recipe, Math.Round(pull.Used, 6)));
        Assert.Equal([0, 1], pull.Drinks.Order());
        var pitcher = Assert.Single(plan.Pitchers);
        Assert.Equal(("Large pitcher", 240.0), (pitcher.Pitcher, Math.Round(pitcher.Cold.Value, 6)));
    }

    [Fact]
    public void Milk_that_no_pitcher_holds_together_is_steamed_in_two_and_another_milk_always()
    {
        Assert.Equal(2, Plan(Large, Large).Pitchers.Count);
        var apart = Plan(Small, Oat);
        Assert.Equal(["Milk", "Oat drink"], apart.Pitchers.Select(pitcher => pitcher.Milk).Order());
        Assert.All(apart.Pitchers, pitcher => Assert.Equal("Small pitcher", pitcher.Pitcher));
    }

    [Fact]
    public void Another_foam_level_is_another_pitcher() =>
        Assert.Equal(2, Plan(Small, Hot(Single, Steamed("milk", 120) with { Foam = "high" })).Pitchers.Count);

    [Fact]
    public void One_drink_takes_as_long_as_its_tasks_one_after_another()
    {
        // Dose 15, then the pull of 27.5 while 8 + 200 × 0.08 = 24 s are steamed; pour 6, hand over 4.
        var plan = Plan(Large);

        Assert.Equal(15 + 27.5 + 6 + 4, plan.Seconds, 6);
        Assert.Equal(27.5 - 24, plan.Waiting, 6);
        Assert.Equal(0, Assert.Single(plan.Standing));
        Assert.Empty(plan.Warnings);
    }

    // There is one place to pull at: a second recipe runs when the first has run.
    [Fact]
    public void Two_recipes_are_pulled_one_after_the_other()
    {
        OrderedDrink[] drinks =
        [
            OrderedDrink.Of(Plans(Hot(Double, Steamed("milk", 120)))[0]) with
            {
                Shots = [new ShotNeed("House", 1, 30), new ShotNeed("Guest", 1, 20)],
                Milk = null,
            },
        ];
        var plan = Schedule.Of(
            drinks,
            [new SharedPull("House", [0], 1), new SharedPull("Guest", [0], 1)],
            [],
            StandingLimits.Usual,
            [0]
        );
        var runs = plan.Tasks.Where(task => task.Place == OrderPlace.Machine).ToList();

        Assert.Equal(2, runs.Count);
        Assert.Equal(runs[0].To, runs[1].From);
        Assert.Equal([30.0, 20.0], runs.Select(run => run.To - run.From));

        // The first shot stands while the second runs.
        var stands = plan.Tasks.Single(task => task is { Place: OrderPlace.Stands, What: "espresso" });
        Assert.Equal((runs[0].To, runs[1].To), (stands.From, stands.To));
    }

    [Fact]
    public void What_stands_too_long_is_told_and_what_stands_just_as_long_as_it_may_is_not()
    {
        var plans = Plans(Large, Large);
        var standing = OrderPlanner.Plan(plans, FullBar.Facts.Pitchers, StandingLimits.Usual).Value.Standing.Max();

        Assert.Empty(
            OrderPlanner
                .Plan(plans, FullBar.Facts.Pitchers, StandingLimits.Usual with { Hot = standing })
                .Value.Warnings
        );
        var late = OrderPlanner
            .Plan(plans, FullBar.Facts.Pitchers, StandingLimits.Usual with { Hot = standing - 1 })
            .Value;
        Assert.Contains("is the longest", Assert.Single(late.Warnings), StringComparison.Ordinal);
        Assert.Equal(1, late.Beyond, 6);
    }

    [Fact]
    public void Nobody_does_two_things_at_once_and_no_two_pulls_run_at_once() =>
        Orders(1, 6)
            .Seeded()
            .Sample(
                builds =>
                {
                    var plan = Plan(builds);
                    foreach (var place in new[] { OrderPlace.Hands, OrderPlace.Machine })
                    {
                        var tasks = plan.Tasks.Where(task => task.Place == place).OrderBy(task => task.From).ToList();
                        Assert.All(tasks.Skip(1).Zip(tasks), pair =>
                            Assert.True(pair.First.From >= pair.Second.To - 1e-9)
                        );
                    }

                    Assert.Equal(Enumerable.Range(0, builds.Length), plan.Sequence.Order());
                    Assert.All(plan.Tasks, task => Assert.InRange(task.To, task.From, plan.Seconds + 1e-9));
                    Assert.All(plan.Pulls, pull => Assert.True(pull.Used <= 1 + 1e-6));
                    Assert.Equal(
                        builds
                            .Sum(build =>
                                build.Lines.Where(line => line.Ingredient == "espresso").Sum(line => line.Amount) / 2
                            )!
                            .Value,
                        plan.Pulls.Sum(pull => pull.Used),
                        6
                    );
                },
                iter: 60
            );

    [Fact]
    public void Up_to_four_drinks_no_order_and_no_sharing_is_better() =>
        Orders(1, 4)
            .Seeded()
            .Sample(
                builds =>
                {
                    var plans = Plans(builds);
                    var best = OrderPlanner.Plan(plans, FullBar.Facts.Pitchers, StandingLimits.Usual).Value;
                    var drinks = plans.Select(OrderedDrink.Of).ToList();
                    foreach (var pulls in Sharing.Pulls(drinks, int.MaxValue))
                    {
                        foreach (var pitchers in Sharing.Pitchers(drinks, FullBar.Facts.Pitchers, int.MaxValue))
                        {
                            foreach (var order in Permutations([.. Enumerable.Range(0, drinks.Count)]))
                            {
                                Assert.False(
                                    OrderPlanner.IsBetter(
                                        Schedule.Of(drinks, pulls, pitchers, StandingLimits.Usual, order),
                                        best
                                    )
                                );
                            }
                        }
                    }
                },
                iter: 40
            );

    [Theory]
    [InlineData(0)]
    [InlineData(7)]
    public void Nothing_and_too_much_are_refused(int count) =>
        Assert.Equal(
            "drinks",
            Assert
                .Single(
                    OrderPlanner.Plan(Plans([.. Enumerable.Repeat(Iced, count)]), [], StandingLimits.Usual).Problems
                )
                .Field
        );

    private static Gen<BuildDocument[]> Orders(int least, int most) =>
        Gen.OneOfConst(Small, Large, Oat, Iced).Array[least, most];

    private static IEnumerable<int[]> Permutations(int[] of) =>
        of.Length <= 1
            ? [of]
            : of.SelectMany(first =>
                Permutations([.. of.Where(each => each != first)])
                    .Select(rest => new[] { first }.Concat(rest).ToArray())
            );

    private static OrderPlan Plan(params BuildDocument[] builds) =>
        OrderPlanner.Plan(Plans(builds), FullBar.Facts.Pitchers, StandingLimits.Usual).Value;

    private static List<MakingPlan> Plans(params BuildDocument[] builds) =>
        [
            .. builds.Select(build =>
                Planner
                    .Plan(BuildReader.Read(build, FullBar.Facts).Value, FullBar.Facts)
                    .Value.Single(plan => plan.Size.Value == "m")
            ),
        ];

    private static BuildDocument Hot(params LineDocument[] lines) => TestBar.Build(lines) with { Serve = "hot" };

    private static LineDocument Steamed(string milk, double ml) =>
        TestBar.Line(milk, ml, "ml") with
        {
            Technique = "steam",
            Foam = "low",
        };
}
