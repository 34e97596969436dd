using CsCheck;
using Krasis.Core.Planning.Buying;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Planning.SmallHouse;

namespace Krasis.Core.Tests.Planning;

/// <summary>Plans, one of them reckoned by hand as docs/method.md tells.</summary>
public class PrepPlannerTests
{
    private const int Day = 1440;

    // Of Poisson counts of 20, 40 and 60 cups nine in ten are at or below 26, 48 and 70 (tables of the law).
    [Fact]
    public void Three_days_reckoned_by_hand()
    {
        var plan = PrepPlanner.Plan(Given());
        Assert.Empty(plan.Conflicts);
        Assert.Equal(
            [
                // Friday's cups 26 × 20 g, and a sixth of the mix: with Saturday's it would be more than a batch. Not
                // after 17:00, and 150 min take it beyond 07:50.
                ("syrup@2026-11-27-1", 1720, (16 * 60) + 30),
                // Two days of mix, 48 × 150 g, ten minutes before the house opens.
                ("mix@2026-11-27-1", 7200, Day + (8 * 60) - 10),
                // Saturday's and Sunday's cups 48 × 20 g and a sixth of Sunday's mix.
                ("syrup@2026-11-28-1", 1610, Day + (16 * 60) + 30),
                // Sunday's 26 × 150 g.
                ("mix@2026-11-29-1", 3900, (3 * Day) + (8 * 60) - 10),
            ],
            plan.Batches.Select(batch => (batch.Key, batch.Grams, batch.Begin!.Value))
        );
        Assert.Equal(80, plan.Figures.WorkMinutes);
        Assert.Equal(60, plan.Figures.Cups, 9);
        Assert.Equal(new DateOnly(2026, 11, 28), plan.Batches[1].UseBy);
        Assert.Equal(new DateOnly(2026, 12, 9), plan.Batches[0].UseBy);

        // Of the mix 7200 − 40 × 150 is over after Saturday: 1.2 kg. What is left on Sunday keeps until Monday.
        Assert.Equal(1200, plan.Figures.WasteGrams, 6);
        Assert.Equal(2.4, plan.Figures.WasteCost, 6);
        Assert.Equal(7.2, plan.Litres[1], 6);

        // FarmMilk for both mixes, 5/6 of 11.1 kg = 9.25 kg: ten litres of which a pack brings 1000 g.
        var order = OrderList.Of(Given(), plan);
        var milk = order.Single(row => row.Item == FarmMilk);
        Assert.Equal((9250.0, 10, 11.0), (Math.Round(milk.Needed, 6), milk.Packs, Math.Round(milk.Cost!.Value, 6)));
        Assert.Equal(new DateOnly(2026, 11, 27), milk.RunsOut);
        Assert.Equal((new DateOnly(2026, 11, 26), false), (milk.OrderBy, milk.IsLate));
    }

    [Fact]
    public void What_is_in_stock_and_good_is_used_first_and_what_is_over_date_is_not()
    {
        var good = PrepPlanner.Plan(Given(stock: [new Lot("1", Mix, 3900, Thursday, null, Thursday.AddDays(1))]));
        Assert.DoesNotContain(good.Batches, batch => batch.Item == Mix && batch.From == Thursday.AddDays(1));
        var over = PrepPlanner.Plan(Given(stock: [new Lot("1", Mix, 3900, Thursday.AddDays(-1), null, Thursday)]));
        Assert.Contains(over.Batches, batch =>
            batch.Item == Mix && batch.From == Thursday.AddDays(1) && batch.Grams == 7200
        );
    }

    [Fact]
    public void Par_is_ordered_besides_and_stock_is_taken_off()
    {
        var prep = Prep with
        {
            Buying =
            [
                new BuyingDocument
                {
                    Item = "ingredient:milk",
                    ParPacks = 2,
                    LeadDays = 3,
                },
            ],
        };
        var input = Given(prep, stock: [new Lot("1", FarmMilk, 3250, Thursday, null, Thursday.AddDays(5))]);
        var milk = OrderList.Of(input, PrepPlanner.Plan(input)).Single(row => row.Item == FarmMilk);

        // 9250 + 2000 − 3250 = 8000 g: eight packs, and one gram more would be nine.
        Assert.Equal(8, milk.Packs);
        Assert.True(milk.IsLate);
        var less = Given(prep, stock: [new Lot("1", FarmMilk, 3249, Thursday, null, Thursday.AddDays(5))]);
        Assert.Equal(9, OrderList.Of(less, PrepPlanner.Plan(less)).Single(row => row.Item == FarmMilk).Packs);
    }

    [Fact]
    public void A_batch_that_was_moved_stays_there_and_what_goes_into_it_is_ready_for_it()
    {
        var at = Day + (7 * 60);
        var plan = PrepPlanner.Plan(Given(set: [new SetBatch("mix@2026-11-27-1", Mix, 0, at, false)]));
        var mix = plan.Batches.Single(batch => batch.Key == "mix@2026-11-27-1");
        Assert.Equal((at, true), (mix.Begin, mix.IsSet));
        Assert.Contains(plan.Batches, batch => batch.Item == Syrup && batch.Ready <= at);
        Assert.Empty(plan.Conflicts);
    }

    [Fact]
    public void One_that_is_moved_too_early_is_said_to_be_over_date_and_letting_it_go_is_what_would_help()
    {
        var conflict = Assert.Single(
            PrepPlanner.Plan(Given(set: [new SetBatch("mix@2026-11-27-1", Mix, 0, 10 * 60, false)])).Conflicts,
            conflict => conflict.Kind == ConflictKind.OverDate
        );
        Assert.Contains("must be used by Friday 27 November", conflict.Says, StringComparison.Ordinal);
        Assert.Contains("Let Krasis choose the time", conflict.Would);
    }

    [Fact]
    public void One_that_was_begun_is_counted_on_and_not_made_again()
    {
        var plan = PrepPlanner.Plan(
            Given(set: [new SetBatch("mix@2026-11-27-1", Mix, 7200, Day + 400, true)], now: Day + 405)
        );
        Assert.Single(plan.Batches, batch => batch.Item == Mix && batch.From <= Thursday.AddDays(2));
        Assert.True(plan.Batches.Single(batch => batch.Key == "mix@2026-11-27-1").IsBegun);
    }

    [Fact]
    public void What_is_made_or_begun_keeps_its_name_and_no_other_batch_gets_it()
    {
        // Of two batches of syrup for one day one is begun; what is still lacking is called otherwise.
        var prep = Prep with { Makings = [Prep.Makings[0], Prep.Makings[1] with { BatchGrams = 900 }] };
        var two = PrepPlanner
            .Plan(Given(prep))
            .Batches.Where(batch => batch.Item == Syrup && batch.From == Thursday.AddDays(1))
            .Select(batch => batch.Key)
            .Order();
        Assert.Equal(["syrup@2026-11-27-1", "syrup@2026-11-27-2"], two);
        var input = Given(prep, set: [new SetBatch("syrup@2026-11-27-1", Syrup, 500, 500, true)]) with
        {
            Done = new HashSet<string> { "syrup@2026-11-27-3" },
        };
        var keys = PrepPlanner.Plan(input).Batches.Select(batch => batch.Key).ToList();
        Assert.Equal(keys.Distinct().Count(), keys.Count);
        Assert.DoesNotContain("syrup@2026-11-27-3", keys);
        Assert.Contains("syrup@2026-11-27-2", keys);
    }

    [Fact]
    public void A_thousand_times_as_many_cups_are_told_of_and_not_planned_batch_by_batch()
    {
        var plan = PrepPlanner.Plan(Given(cups: 20_000));
        Assert.InRange(plan.Batches.Count, 0, 150);
        Assert.Contains(plan.Conflicts, conflict =>
            conflict.Kind == ConflictKind.NoRoom
            && conflict.Says.Contains("Batches of 8 kg are too small for that", StringComparison.Ordinal)
        );

        // Twelve batches for a day are planned, thirteen are not.
        Assert.Contains(
            PrepPlanner
                .Plan(
                    Given(
                        Prep with
                        {
                            Makings = [Prep.Makings[0] with { BatchGrams = 325, LeastGrams = 1 }, Prep.Makings[1]],
                        }
                    )
                )
                .Batches,
            batch => batch.Key == "mix@2026-11-27-12"
        );
        Assert.DoesNotContain(
            PrepPlanner
                .Plan(
                    Given(
                        Prep with
                        {
                            Makings = [Prep.Makings[0] with { BatchGrams = 324, LeastGrams = 1 }, Prep.Makings[1]],
                        }
                    )
                )
                .Batches,
            batch => batch.Item == Mix
        );
    }

    // Some 3.6 kg of the mix last on Friday: two full batches and a rest.
    [Fact]
    public void Batches_are_full_and_the_last_holds_the_rest()
    {
        var small = Prep with
        {
            Makings =
            [
                .. Prep.Makings!.Select(each => each!.Ingredient == "mix" ? each with { BatchGrams = 1500 } : each),
            ],
        };
        var friday = PrepPlanner
            .Plan(Given(small))
            .Batches.Where(batch => batch.Item == Mix && batch.From == Thursday.AddDays(1))
            .Select(batch => batch.Grams)
            .OrderDescending()
            .ToList();

        Assert.True(friday.Count > 1);
        Assert.All(friday.SkipLast(1), grams => Assert.Equal(1500, grams));
        Assert.InRange(friday[^1], 5, 1500);
    }

    [Fact]
    public void What_comes_too_late_is_told_with_what_would_help_and_each_of_that_was_tried()
    {
        // On Friday at seven nobody can have syrup for half past five.
        var input = Given(now: Day + (7 * 60));
        var plan = PrepPlanner.Plan(input);
        var late = Assert.Single(plan.Conflicts, conflict =>
            conflict.Kind == ConflictKind.Late && conflict.About == "syrup@2026-11-27-1"
        );
        Assert.Contains("cannot all be ready before Friday 27 November, 09:30", late.Says, StringComparison.Ordinal);
        Assert.Contains("It takes 2 h 30 min from start to ready", late.Says, StringComparison.Ordinal);
        Assert.Contains("cups of Drink go without.", late.Says, StringComparison.Ordinal);
        Assert.Contains("Leave Drink off the board on Friday 27 November", late.Would);
        var without = PrepPlanner.Draw(
            input with
            {
                Expected = [.. input.Expected.Where(cups => cups.Day != Thursday.AddDays(1))],
            }
        );
        Assert.DoesNotContain(without.Conflicts, conflict => conflict.About == late.About);
    }

    [Theory]
    [InlineData(7.2, false)]
    [InlineData(7.1, true)]
    public void The_fridge_is_too_small_or_just_large_enough(double litres, bool isTold) =>
        Assert.Equal(
            isTold,
            PrepPlanner
                .Plan(Given(Prep with { FridgeLitres = litres }))
                .Conflicts.Any(conflict => conflict.Kind == ConflictKind.Fridge)
        );

    [Fact]
    public void Cups_on_a_closed_day_and_things_without_a_batch_are_told()
    {
        var closed = Prep with { Hours = [.. Prep.Hours.Select((hours, i) => i == 6 ? new HoursDocument() : hours)] };
        Assert.Contains(PrepPlanner.Plan(Given(closed)).Conflicts, conflict =>
            conflict.Kind == ConflictKind.Closed
            && conflict.Says.Contains("Sunday 29 November", StringComparison.Ordinal)
        );
        var unsaid = Prep with { Makings = [Prep.Makings[0]] };
        Assert.Contains(PrepPlanner.Plan(Given(unsaid)).Conflicts, conflict =>
            conflict.Kind == ConflictKind.NoBatch && conflict.Says.Contains("Syrup", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void One_machine_down_and_a_fifth_more_cups_are_planned_beside()
    {
        var input = Given();
        var more = new WhatIf(120, null, null, [], []).On(input, _ => false);
        Assert.Equal(72, PrepPlanner.Plan(more).Figures.Cups, 9);
        var iced = new WhatIf(null, 150, null, [], []).On(input, _ => true);
        Assert.Equal(90, PrepPlanner.Plan(iced).Figures.Cups, 9);
        var down = PrepPlanner.Plan(new WhatIf(null, null, "hob", [], []).On(input, _ => false));
        Assert.Contains(down.Conflicts, conflict => conflict.Kind == ConflictKind.NoRoom);
        Assert.Empty(PrepPlanner.Plan(new WhatIf(null, null, null, ["drink"], []).On(input, _ => false)).Batches);
    }

    /// <summary>Whatever is expected, in stock and moved: hands are not doubled, nothing is planned past its last day
    /// untold, and what drinks take on each day is there or told to be late.</summary>
    [Fact]
    public void No_plan_breaks_its_promises() =>
        Gen.Select(
                Gen.Double[0.5, 80],
                Gen.Int[0, 2 * Day],
                Gen.Double[0, 9000],
                Gen.Int[0, 3],
                Gen.Int[1, 4],
                Gen.Int[1500, 8000]
            )
            .Seeded()
            .Sample(
                (cups, now, stock, goodFor, keeps, batch) =>
                {
                    var prep = Prep with
                    {
                        Makings = [Prep.Makings[0] with { KeepsDays = keeps, BatchGrams = batch }, Prep.Makings[1]],
                    };
                    var input = Given(
                        prep,
                        now,
                        [new Lot("1", Mix, stock, Thursday, null, Thursday.AddDays(goodFor))],
                        cups: cups
                    );
                    var plan = PrepPlanner.Plan(input);
                    // Batches of one thing for one day are told of together.
                    var told = plan.Conflicts.Select(conflict => Group(conflict.About)).ToHashSet();
                    Assert.All(plan.Batches, made =>
                    {
                        Assert.True(made.Begin is null || made.Begin >= now, $"{made}");
                        Assert.True(made.Ready <= made.Due || told.Contains(Group(made.Key)), $"{made}");
                        Assert.True(
                            made.UseBy is null || made.UseBy >= made.To || told.Contains(Group(made.Key)),
                            $"{made}"
                        );
                        Assert.InRange(made.Grams, 1, made.Item == Mix ? batch : 2000);
                    });
                    var working = plan
                        .Batches.Where(made => made.Begin is not null)
                        .OrderBy(made => made.Begin)
                        .ToList();
                    Assert.All(working.Zip(working.Skip(1)), pair =>
                        Assert.True(pair.First.Begin + pair.First.Work <= pair.Second.Begin)
                    );

                    // Day by day, with nothing that is over date: what drinks take on average is there, where the plan
                    // says that all is well.
                    if (plan.Conflicts.Count == 0)
                    {
                        var there = plan
                            .Batches.Where(each => each.Item == Mix)
                            .Select(each =>
                                (
                                    Left: each.Grams,
                                    From: (each.Ready!.Value - (8 * 60) + Day - 1) / Day,
                                    To: each.UseBy!.Value
                                )
                            )
                            .Append((Left: stock, From: 0, To: Thursday.AddDays(goodFor)))
                            .OrderBy(lot => lot.To)
                            .ToList();
                        for (var day = 1; day <= 3; day++)
                        {
                            var taken = cups * 150 * input.ShareOf(day);
                            for (var i = 0; i < there.Count; i++)
                            {
                                var some =
                                    there[i].From <= day && Thursday.AddDays(day) <= there[i].To
                                        ? Math.Min(there[i].Left, taken)
                                        : 0;
                                (there[i], taken) = ((there[i].Left - some, there[i].From, there[i].To), taken - some);
                            }

                            Assert.True(taken <= 1e-6, $"{taken} g are lacking on day {day}");
                        }
                    }

                    // What is there of the mix by each evening is at least what lasts over the days since it was last
                    // made afresh.
                    var made = plan.Batches.Where(each => each.Item == Mix).Sum(each => each.Grams);
                    var mean = plan.Needs.SingleOrDefault(need => need.Item == Mix)?.Mean ?? 0;
                    Assert.True(made + stock >= mean - 1e-6, $"{made} + {stock} < {mean}");
                },
                iter: 300,
                threads: 1
            );

    private static string? Group(string? key) => key?.LastIndexOf('-') is { } at and >= 0 ? key[..at] : key;
}
