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

        // The small one still holds milk when the second is steamed.
        Assert.Equal(["Large pitcher", "Small pitcher"], apart.Pitchers.Select(pitcher => pitcher.Pitcher).Order());
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
        var work = new OrderWork(
            drinks,
            [new SharedPull("House", [0], 1), new SharedPull("Guest", [0], 1)],
            [],
            [],
            StandingLimits.Usual,
            Workplaces.Usual
        );
        var plan = OrderTelling.Of(
            OrderSearch.Best(
                work,
                [
                    [0],
                ]
            ),
            null
        );
        var runs = plan.Tasks.Where(task => task.Place == OrderPlace.Machine).ToList();

        Assert.Equal(2, runs.Count);
        Assert.Equal(runs[0].To, runs[1].From);

        // The first shot waits while the second runs, so the shorter pull comes second.
        Assert.Equal([30.0, 20.0], runs.Select(run => run.To - run.From));
        var stands = Assert.Single(plan.Tasks, task => task.Place == OrderPlace.Stands);
        Assert.StartsWith("espresso for ", stands.What, StringComparison.Ordinal);
        Assert.Equal((runs[0].To, runs[1].To), (stands.From, stands.To));
    }

    [Fact]
    public void What_stands_too_long_is_told_and_what_stands_just_as_long_as_it_may_is_not()
    {
        var plans = Plans(Large, Large);
        var standing = OrderPlanner
            .Plan(plans, FullBar.Facts.Pitchers, StandingLimits.Usual, Workplaces.Usual)
            .Value.Standing.Max();

        Assert.Empty(
            OrderPlanner
                .Plan(plans, FullBar.Facts.Pitchers, StandingLimits.Usual with { Hot = standing }, Workplaces.Usual)
                .Value.Warnings
        );
        var late = OrderPlanner
            .Plan(plans, FullBar.Facts.Pitchers, StandingLimits.Usual with { Hot = standing - 1 }, Workplaces.Usual)
            .Value;
        Assert.Contains("should wait no longer than", Assert.Single(late.Warnings), StringComparison.Ordinal);
        Assert.Equal(1, late.Beyond, 6);
    }

    // By hand, with the paces of docs/method.md: dose 0 to 15, pull for the two singles 15 to 42.5, meanwhile dose again to
    // 30; steam 240 ml (27.2 s) 30 to 57.2; start the second pull at 42.5 at the earliest, so at 57.2, to 84.7; pour the
    // two to 69.2, hand over to 77.2; steam 120 ml (17.6 s) to 94.8; pour to 100.8, hand over to 104.8.
    [Fact]
    public void Two_singles_and_a_double_are_made_as_quickly_as_by_hand()
    {
        var plan = Plan(Small, Small, Oat);

        Assert.InRange(plan.Seconds, 0, 104.8);
        Assert.Empty(plan.Warnings);
    }

    [Fact]
    public void No_two_things_are_in_one_pair_of_hands_one_group_one_wand_or_one_pitcher() =>
        Gen.Select(Orders(1, 6), Gen.Int[1, 3], Gen.Int[1, 3], Gen.Int[1, 3])
            .Seeded()
            .Sample(
                (builds, baristas, groups, wands) =>
                {
                    var places = new Workplaces(baristas, groups, wands);
                    var plan = OrderPlanner
                        .Plan(Plans(builds), FullBar.Facts.Pitchers, StandingLimits.Usual, places)
                        .Value;
                    var work = plan.Tasks.Where(task => task.Place != OrderPlace.Stands).ToList();
                    Apart(work.GroupBy(task => (task.Place, task.Which)).Select(each => Times(each)));
                    Apart(
                        work.Where(task => task.Wand is not null).GroupBy(task => task.Wand).Select(each => Times(each))
                    );
                    Assert.All(work, task =>
                        Assert.InRange(task.Which, 0, (task.Place == OrderPlace.Hands ? baristas : groups) - 1)
                    );
                    Assert.All(work, task => Assert.InRange(task.Wand ?? 0, 0, wands - 1));
                    Apart(
                        Held(plan)
                            .GroupBy(held => held.Pitcher)
                            .Select(each => each.Select(held => (held.From, held.To)))
                    );
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
                iter: Proof.Times(24)
            );

    [Fact]
    public void Up_to_three_drinks_no_way_that_is_drawn_is_better()
    {
        var ways = 0;
        Orders(1, 3)
            .Seeded()
            .Sample(
                builds =>
                {
                    var (best, drinks) = Best(builds);
                    var random = new Random(builds.Length);
                    for (var i = 0; i < 4000; i++)
                    {
                        var way = new EveryWay(drinks, best.Work.Pulls, best.Work.Milks, StandingLimits.Usual).One(
                            random
                        );
                        NotBetter(way, best);
                        Interlocked.Increment(ref ways);
                    }
                },
                iter: Proof.Times(12)
            );
        Proof.Tell($"orders of up to three drinks: {ways} other ways drawn, none better");
    }

    [Fact]
    public void Up_to_six_drinks_a_good_baristas_rule_is_not_better()
    {
        var ways = 0;
        Orders(2, 6)
            .Seeded()
            .Sample(
                builds =>
                {
                    var (best, drinks) = Best(builds);
                    foreach (var order in Permutations([.. Enumerable.Range(0, drinks.Count)]).Take(120))
                    {
                        foreach (var pulls in Sharing.Pulls(drinks, 2))
                        {
                            foreach (var milks in Sharing.Pitchers(drinks, FullBar.Facts.Pitchers, 2))
                            {
                                NotBetter(
                                    new BaristasRule(drinks, pulls, milks, StandingLimits.Usual).Make(order),
                                    best
                                );
                                Interlocked.Increment(ref ways);
                            }
                        }
                    }
                },
                iter: Proof.Times(12)
            );
        Proof.Tell($"orders of up to six drinks: {ways} ways of a barista's rule, none better");
    }

    [Fact]
    public void Two_baristas_are_quicker_than_one_and_three_never_slower()
    {
        double With(int baristas) =>
            OrderPlanner
                .Plan(
                    Plans(Large, Oat, Iced),
                    FullBar.Facts.Pitchers,
                    StandingLimits.Usual,
                    new Workplaces(baristas, 2, 2)
                )
                .Value.Seconds;

        Assert.True(With(2) < With(1) - 10);
        Assert.True(With(3) <= With(2));
    }

    [Fact]
    public void What_is_said_to_help_does()
    {
        var tight = new StandingLimits(8, 2, 25, 25);
        var told = new HashSet<string>(StringComparer.Ordinal);
        Orders(1, 3)
            .Seeded()
            .Sample(
                builds =>
                {
                    var plans = Plans(builds);
                    OrderPlan Again(IReadOnlyList<MakingPlan> drinks, Workplaces places) =>
                        OrderPlanner.Plan(drinks, FullBar.Facts.Pitchers, tight, places).Value;
                    var help = Again(plans, Workplaces.Usual).Help;
                    told.Add(help?.Split(' ')[0] ?? "");
                    if (help?.EndsWith("nothing stands too long.", StringComparison.Ordinal) != true)
                    {
                        return;
                    }

                    if (help.StartsWith("With ", StringComparison.Ordinal))
                    {
                        int More(string what) => help.Contains($"another {what}", StringComparison.Ordinal) ? 2 : 1;
                        var places = new Workplaces(More("barista"), More("group"), More("steam wand"));
                        Assert.Empty(Again(plans, places).Warnings);
                    }
                    else
                    {
                        Assert.Contains(plans, plan =>
                            help.Contains(plan.Drink, StringComparison.Ordinal)
                            && Again([plan], Workplaces.Usual).Warnings.Count == 0
                            && Again([.. plans.Where(each => each != plan)], Workplaces.Usual).Warnings.Count == 0
                        );
                    }
                },
                iter: Proof.Times(16)
            );
        Assert.Contains("With", told);
    }

    [Fact]
    public void Four_shots_wait_for_one_group_and_not_for_two()
    {
        var four = Plans(Hot(TestBar.Line("espresso", 4, "shot")));
        var plan = OrderPlanner.Plan(four, [], StandingLimits.Usual with { Shot = 20 }, Workplaces.Usual).Value;

        Assert.StartsWith($"Espresso for {four[0].Drink}", Assert.Single(plan.Warnings), StringComparison.Ordinal);
        Assert.Equal("With another group nothing stands too long.", plan.Help);
    }

    [Fact]
    public void What_would_help_is_named_with_the_drink()
    {
        var plans = Plans(Large, Large);
        var impatient = OrderPlanner
            .Plan(plans, FullBar.Facts.Pitchers, StandingLimits.Usual with { Hot = 3 }, Workplaces.Usual)
            .Value;

        Assert.StartsWith(plans[0].Drink, Assert.Single(impatient.Warnings), StringComparison.Ordinal);
        Assert.EndsWith("as soon as it is ready.", impatient.Help, StringComparison.Ordinal);
        Assert.Null(Plan(Large).Help);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(7)]
    public void Nothing_and_too_much_are_refused(int count) =>
        Assert.Equal(
            "drinks",
            Assert
                .Single(
                    OrderPlanner
                        .Plan(Plans([.. Enumerable.Repeat(Iced, count)]), [], StandingLimits.Usual, Workplaces.Usual)
                        .Problems
                )
                .Field
        );

    private static (OrderTimes Best, List<OrderedDrink> Drinks) Best(BuildDocument[] builds)
    {
        var drinks = Plans(builds).ConvertAll(OrderedDrink.Of);
        return (OrderPlanner.Best(drinks, FullBar.Facts.Pitchers, StandingLimits.Usual, Workplaces.Usual), drinks);
    }

    // All ways of sharing where something stands too long, else those with the fewest.
    private static IEnumerable<T> Ways<T>(OrderTimes best, IEnumerable<T> fewest, IEnumerable<T> more) =>
        best.Beyond > 1e-6 ? fewest.Concat(more) : fewest;

    private static List<List<SharedPitcher>> Pitchers(List<OrderedDrink> drinks, bool more) =>
        more
            ? Sharing.MorePitchers(drinks, FullBar.Facts.Pitchers, 9)
            : Sharing.Pitchers(drinks, FullBar.Facts.Pitchers, 9);

    private static void NotBetter((double Beyond, double Seconds) way, OrderTimes best) =>
        Assert.False(
            way.Beyond < best.Beyond - 1e-6 || (way.Beyond < best.Beyond + 1e-6 && way.Seconds < best.Seconds - 1e-6),
            $"{way} is better than {(best.Beyond, best.Seconds)}"
        );

    private static IEnumerable<(double From, double To)> Times(IEnumerable<OrderTask> tasks) =>
        tasks.Select(task => (task.From, task.To));

    // Of each pitcher of milk, from its steaming to the end of its last pour. The pitchers are told as they are steamed.
    private static IEnumerable<(string? Pitcher, double From, double To)> Held(OrderPlan plan) =>
        plan.Pitchers.Zip(plan.Tasks.Where(task => task.Wand is not null).OrderBy(task => task.From), (milk, steam) =>
            (
                milk.Pitcher,
                steam.From,
                plan.Tasks.Where(task => task.What == $"pour {milk.Milk}" && milk.Drinks.Contains(task.Drink ?? -1))
                    .Max(pour => pour.To)
            )
        );

    private static void Apart(IEnumerable<IEnumerable<(double From, double To)>> lanes)
    {
        foreach (var lane in lanes)
        {
            var times = lane.OrderBy(each => each.From).ThenBy(each => each.To).ToList();
            Assert.All(times.Skip(1).Zip(times), pair => Assert.True(pair.First.From >= pair.Second.To - 1e-9));
        }
    }

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
        OrderPlanner.Plan(Plans(builds), FullBar.Facts.Pitchers, StandingLimits.Usual, Workplaces.Usual).Value;

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
