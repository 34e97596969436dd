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
        var batch = plan.Batches.FirstOrDefault(each => each.Key == conflict.About);
        var making = batch is null ? null : input.Prep.Makings.GetValueOrDefault(batch.Item.Id);
        return batch is not null && making is not null
            ? WaysOfMaking(input, plan, batch, making).Concat(WithoutDrinks(input, batch, conflict))
            : WithoutDrinks(input, batch, conflict);
    }

    private static IEnumerable<(string Says, PlanInput Input)> WaysOfMaking(
        PlanInput input,
        PrepPlan plan,
        PlannedBatch batch,
        MakingRule making
    )
    {
        var prep = input.Prep;
        if (batch.IsSet)
        {
            var free = input with { Set = [.. input.Set.Where(set => set.Key != batch.Key)] };
            yield return ("Let Krasis choose the time", free);
        }

        foreach (var (inner, _) in batch.Of)
        {
            var longer = input.Stock.Where(lot => lot.Item != inner || !(lot.UseBy < batch.To)).ToList();
            if (longer.Count < input.Stock.Count)
            {
                yield return (
                    $"Use {input.Catalogue.GetValueOrDefault(inner)?.Name ?? inner.Id} with a later use-by day",
                    input with
                    {
                        Stock = longer,
                    }
                );
            }
        }

        yield return ("Begin work two hours earlier", WithHours(BeginEarlier));
        foreach (var used in prep.Equipment.Where(each => making.WorkOn.Contains(each.Id) || making.WaitOn == each.Id))
        {
            var more = prep.Equipment.Select(each => each == used ? each with { Count = each.Count + 1 } : each);
            yield return ($"One more {used.Name}", With(prep with { Equipment = [.. more] }));
        }

        yield return ("Somebody more to prepare", WithHours(hours => hours with { People = hours.People + 1 }));
        if (plan.Batches.Count(each => each.Item == batch.Item) > 1)
        {
            var makings = new Dictionary<string, MakingRule>(prep.Makings)
            {
                [making.Ingredient] = making with { Batch = making.Batch * 2 },
            };
            yield return ($"Batches of {PlanWords.Mass(making.Batch * 2)}", With(prep with { Makings = makings }));
        }

        PlanInput With(PrepFacts other) => input with { Prep = other };
        PlanInput WithHours(Func<DayHours, DayHours> change) =>
            With(prep with { Hours = [.. prep.Hours.Select(change)] });
        static DayHours BeginEarlier(DayHours hours) =>
            hours with
            {
                WorkFrom = hours.WorkFrom is { } from ? Math.Max(0, from - EarlierMinutes) : null,
            };
    }

    // Of the fridge it is not said which part is too much in it: each is tried.
    private static IEnumerable<(string Says, PlanInput Input)> WithoutDrinks(
        PlanInput input,
        PlannedBatch? batch,
        Conflict conflict
    )
    {
        IEnumerable<Needing.Item> about =
            batch is not null ? [batch.Item]
            : conflict.Kind == ConflictKind.Fridge
                ? input.Catalogue.Values.Where(item => item.IsMade && item.IsChilled).Select(item => item.Item)
            : [];
        foreach (var item in about)
        {
            var users = Users(input, item, conflict.Day).ToList();
            if (users.Count is 0 or > 4)
            {
                continue;
            }

            var names = PlanWords.List([.. users.Select(build => input.Drinks.GetValueOrDefault(build, build))]);
            var left = input.Expected.Where(cups => cups.Day != conflict.Day || !users.Contains(cups.What.Build));
            yield return (
                $"Leave {names} off the board on {PlanWords.Day(conflict.Day)}",
                input with
                {
                    Expected = [.. left],
                }
            );
        }
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
