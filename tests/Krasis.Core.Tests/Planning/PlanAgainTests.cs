using CsCheck;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Planning.SmallHouse;

namespace Krasis.Core.Tests.Planning;

/// <summary>Plans gone through again minute by minute, by a second and naive program: who works, what is busy, what is
/// there, and until when it may be used.</summary>
public class PlanAgainTests
{
    private sealed record Portion(Item Item, int From, DateOnly LastDay)
    {
        public double Left { get; set; }
    }

    private static readonly Gen<PlanInput> Houses = Gen.Select(
            Gen.Int[5, 60],
            Gen.Int[10, 80],
            Gen.Int[5, 30],
            Gen.Int[1, 2],
            Gen.Int[5, 8],
            Gen.Int[13, 18],
            Gen.Int[0, 10],
            Gen.Int[0, 6000]
        )
        .Select(
            (cups, mix, syrup, hobs, from, to, now, stock) =>
                Given(
                    Prep with
                    {
                        Hours =
                        [
                            .. Prep.Hours!.Select(hours =>
                                hours! with
                                {
                                    WorkFrom = $"{from:00}:00",
                                    WorkTo = $"{to}:00",
                                }
                            ),
                        ],
                        Equipment =
                        [
                            new EquipmentDocument
                            {
                                Id = "hob",
                                Name = "hob",
                                Count = hobs,
                            },
                        ],
                        Makings =
                        [
                            .. Prep.Makings!.Select(making =>
                                making! with
                                {
                                    BatchGrams = (making.Ingredient == "mix" ? mix : syrup) * 100,
                                    LeastGrams = 100,
                                }
                            ),
                        ],
                    },
                    now: now * 60,
                    stock:
                    [
                        new Lot("mix", Mix, stock, Thursday, null, Thursday.AddDays(1)),
                        new Lot("syrup", Syrup, stock / 10.0, Thursday, null, Thursday.AddDays(stock % 5)),
                    ],
                    cups: cups
                )
        );

    [Fact]
    public void No_minute_has_more_work_than_hands_and_no_hob_holds_two()
    {
        var tried = 0;
        Houses
            .Seeded()
            .Sample(
                input =>
                {
                    var plan = PrepPlanner.Draw(input);
                    tried += plan.Batches.Count;
                    for (var minute = 0; minute < input.Clock.End; minute++)
                    {
                        var working = plan
                            .Batches.Where(batch => batch.Begin <= minute && minute < batch.Begin + batch.Work)
                            .ToList();
                        if (working.Count == 0)
                        {
                            continue;
                        }

                        var (day, wall) = input.Clock.WallOf(minute);
                        var hours = input.Prep.HoursOn(day);
                        Assert.InRange(wall, hours.WorkFrom!.Value, hours.WorkTo!.Value - 1);
                        Assert.True(working.Count <= hours.People);
                        Assert.True(working.Count(batch => batch.Item == Syrup) <= input.Prep.Equipment.Single().Count);
                        Assert.All(working, batch => Assert.True(batch.Begin >= input.Now));
                    }
                },
                iter: Proof.Times(30)
            );
        Proof.Tell($"{tried} batches, no minute with more work than hands");
    }

    [Fact]
    public void Nothing_is_used_that_is_not_there_or_is_over_date_where_no_conflict_is_told()
    {
        int plans = 0,
            told = 0;
        Houses
            .Seeded()
            .Sample(
                input =>
                {
                    var plan = PrepPlanner.Draw(input);
                    plans++;
                    if (plan.Conflicts.Count > 0)
                    {
                        told++;
                        return;
                    }

                    GoThrough(input, plan);
                },
                iter: Proof.Times(30)
            );
        Assert.True(told < plans);
        Proof.Tell($"{plans} plans, {told} with conflicts that are told; in the others nothing was lacking");
    }

    // The mix keeps for two days. With a syrup that expires on Friday, a mix made on Friday expires on Friday too. With a
    // later syrup, or if the mix is cooked, it keeps for its two days.
    [Theory]
    [InlineData(1, false, 1)]
    [InlineData(2, false, 2)]
    [InlineData(30, false, 2)]
    [InlineData(1, true, 2)]
    public void A_batch_expires_no_later_than_what_goes_into_it(int syrupGoodFor, bool startsAnew, int mixGoodUntil)
    {
        var input = Given(stock: [new Lot("old", Syrup, 50_000, Thursday, null, Thursday.AddDays(syrupGoodFor))]);
        input = input with
        {
            Catalogue = input.Catalogue.ToDictionary(
                each => each.Key,
                each => each.Key == Mix ? each.Value with { StartsAnew = startsAnew } : each.Value
            ),
        };
        var plan = PrepPlanner.Plan(input);
        var first = plan.Batches.First(batch => batch.Item == Mix && batch.Begin / 1440 == 1);

        Assert.Equal(Thursday.AddDays(mixGoodUntil), first.UseBy);
        var told = plan.Conflicts.Where(conflict => conflict.Kind == ConflictKind.OverDate).ToList();
        Assert.Equal(first.UseBy < first.To, told.Count > 0);
        Assert.All(told, conflict =>
        {
            Assert.Contains("uses Syrup with use-by day", conflict.Says, StringComparison.Ordinal);
            Assert.Contains("Use Syrup with a later use-by day", conflict.Would);
        });
    }

    // Twenty cups and the like a day, evenly over the opening hours; the portion that is over date first is used first.
    private static void GoThrough(PlanInput input, PrepPlan plan)
    {
        var portions = input
            .Stock.Select(lot => new Portion(lot.Item, 0, lot.UseBy ?? DateOnly.MaxValue) { Left = lot.Left })
            .Concat(
                plan.Batches.Select(batch => new Portion(
                    batch.Item,
                    batch.Ready!.Value,
                    batch.UseBy ?? DateOnly.MaxValue
                )
                {
                    Left = batch.Grams,
                })
            )
            .OrderBy(portion => portion.LastDay)
            .ThenBy(portion => portion.From)
            .ToList();
        for (var minute = 0; minute < input.Clock.End; minute++)
        {
            var (day, wall) = input.Clock.WallOf(minute);
            foreach (var batch in plan.Batches.Where(batch => batch.Begin == minute))
            {
                foreach (var (item, grams) in batch.Of.Where(inner => inner.Item == Syrup))
                {
                    var soonest = portions.Find(each =>
                        each.Item == item && each.From <= minute && day <= each.LastDay && each.Left > 1
                    );
                    Assert.True(
                        soonest is null || batch.UseBy <= soonest.LastDay,
                        $"{batch.Key} expires with what goes in"
                    );
                    Use(item, grams, $"{batch.Key} begins");
                }
            }

            var hours = input.Prep.HoursOn(day);
            if (wall < hours.Opens || wall >= hours.Closes)
            {
                continue;
            }

            foreach (var cups in input.Expected.Where(each => each.Day == day))
            {
                foreach (var (item, grams) in input.Needs[cups.What])
                {
                    Use(item, grams * cups.Mean / (hours.Closes!.Value - hours.Opens!.Value), "cups");
                }
            }

            void Use(Item item, double grams, string what)
            {
                foreach (
                    var portion in portions.Where(each =>
                        each.Item == item && each.From <= minute && day <= each.LastDay
                    )
                )
                {
                    var some = Math.Min(portion.Left, grams);
                    portion.Left -= some;
                    grams -= some;
                }

                Assert.True(
                    grams < 1,
                    $"{what}: {grams} g of {item} are lacking on {day} at {wall / 60}:{wall % 60:00}"
                );
            }
        }
    }
}
