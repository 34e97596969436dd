using Krasis.Core.Planning.Preparing;

namespace Krasis.Core.Planning.Plans;

/// <summary>What would solve what a plan cannot: each is tried, and told only if the plan that it leads to no longer
/// has the conflict and has no more of others.</summary>
internal static class Remedies
{
    private const int MostTried = 4;
    private const int EarlierMinutes = 120;

    // So many batches take their time, and there are other worries.
    private const int MostBatches = 150;

    /// <summary>The conflicts of a plan with what would solve them.</summary>
    public static IReadOnlyList<Conflict> For(PlanInput input, PrepPlan plan) =>
        [
            .. plan.Conflicts.Select(
                (conflict, i) =>
                    i < MostTried && plan.Batches.Count <= MostBatches && conflict.Would.Count == 0
                        ? conflict with
                        {
                            Would = [.. Tried(input, plan, conflict)],
                        }
                        : conflict
            ),
        ];

    private static IEnumerable<string> Tried(PlanInput input, PrepPlan plan, Conflict conflict)
    {
        foreach (var (says, other) in Ways(input, plan, conflict))
        {
            var drawn = PrepPlanner.Draw(other);
            if (
                drawn.Conflicts.Count < plan.Conflicts.Count
                && !drawn.Conflicts.Any(left =>
                    left.Kind == conflict.Kind && (left.About == conflict.About || left.Day == conflict.Day)
                )
            )
            {
                yield return says;
            }
        }
    }

    private static IEnumerable<(string Says, PlanInput Input)> Ways(PlanInput input, PrepPlan plan, Conflict conflict)
    {
        var prep = input.Prep;
        var batch = plan.Batches.FirstOrDefault(each => each.Key == conflict.About);
        if (batch is not null && prep.Makings.GetValueOrDefault(batch.Item.Id) is { } making)
        {
            if (batch.IsSet)
            {
                yield return (
                    "Let Krasis choose the time",
                    input with
                    {
                        Set = [.. input.Set.Where(set => set.Key != batch.Key)],
                    }
                );
            }

            yield return (
                "Begin work two hours earlier",
                With(
                    prep with
                    {
                        Hours =
                        [
                            .. prep.Hours.Select(hours =>
                                hours with
                                {
                                    WorkFrom = hours.WorkFrom is { } from ? Math.Max(0, from - EarlierMinutes) : null,
                                }
                            ),
                        ],
                    }
                )
            );
            foreach (
                var used in prep.Equipment.Where(each => making.WorkOn.Contains(each.Id) || making.WaitOn == each.Id)
            )
            {
                yield return (
                    $"One more {used.Name}",
                    With(
                        prep with
                        {
                            Equipment =
                            [
                                .. prep.Equipment.Select(each =>
                                    each == used ? each with { Count = each.Count + 1 } : each
                                ),
                            ],
                        }
                    )
                );
            }

            yield return (
                "Somebody more to prepare",
                With(prep with { Hours = [.. prep.Hours.Select(hours => hours with { People = hours.People + 1 })] })
            );
            if (plan.Batches.Count(each => each.Item == batch.Item) > 1)
            {
                yield return (
                    $"Batches of {PlanWords.Mass(making.Batch * 2)}",
                    With(
                        prep with
                        {
                            Makings = new Dictionary<string, MakingRule>(prep.Makings)
                            {
                                [making.Ingredient] = making with { Batch = making.Batch * 2 },
                            },
                        }
                    )
                );
            }
        }

        // Of the fridge it is not said which part is too much in it: each is tried.
        IEnumerable<Needing.Item> about =
            batch is not null ? [batch.Item]
            : conflict.Kind == ConflictKind.Fridge
                ? input.Catalogue.Values.Where(item => item.IsMade && item.IsChilled).Select(item => item.Item)
            : [];
        foreach (var item in about)
        {
            var users = Users(input, item, conflict.Day).ToList();
            if (users.Count is > 0 and <= 4)
            {
                var names = PlanWords.List([.. users.Select(build => input.Drinks.GetValueOrDefault(build, build))]);
                yield return (
                    $"Leave {names} off the board on {PlanWords.Day(conflict.Day)}",
                    input with
                    {
                        Expected =
                        [
                            .. input.Expected.Where(cups =>
                                cups.Day != conflict.Day || !users.Contains(cups.What.Build)
                            ),
                        ],
                    }
                );
            }
        }

        PlanInput With(PrepFacts other) => input with { Prep = other };
    }

    // The drinks of a day that use an item, or something that it goes into.
    private static IEnumerable<string> Users(PlanInput input, Needing.Item wanted, DateOnly day) =>
        input
            .Expected.Where(cups =>
                cups.Day == day
                && cups.Mean > 0
                && input.Needs.TryGetValue(cups.What, out var need)
                && need.Keys.Any(used => Holds(input, used, wanted, 0))
            )
            .Select(cups => cups.What.Build)
            .Distinct();

    private static bool Holds(PlanInput input, Needing.Item outer, Needing.Item inner, int depth) =>
        outer == inner
        || (
            depth < 20
            && (input.Catalogue.GetValueOrDefault(outer)?.Of ?? []).Any(of => Holds(input, of.Item, inner, depth + 1))
        );
}
