using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Scheduling;

namespace Krasis.Core.Planning.Plans;

/// <summary>Tells what a plan cannot solve, in sentences.</summary>
/// <param name="input">What the plan goes by.</param>
/// <param name="workshop">Hands and equipment.</param>
/// <param name="sizing">Says until when a batch may be used.</param>
/// <param name="placed">The batches that have their times; it grows while the plan is drawn.</param>
/// <param name="conflicts">Where it is told.</param>
/// <param name="isExplained">Whether it is looked for what is short where a batch is late. That takes time.</param>
internal sealed class ConflictTelling(
    PlanInput input,
    Workshop workshop,
    BatchSizing sizing,
    IReadOnlyList<ScheduledJob> placed,
    List<Conflict> conflicts,
    bool isExplained
)
{
    /// <summary>Tells of cups that somebody typed for a drink that is not to be had on that day.</summary>
    public void OffTheBoard(DateOnly date)
    {
        foreach (
            var drink in input
                .Expected.Where(each => each.Day == date && each.Mean > 0)
                .Where(each => !input.Board.Has(each.What.Build, date))
                .GroupBy(each => each.What.Build)
        )
        {
            conflicts.Add(
                new Conflict(
                    ConflictKind.OffTheBoard,
                    drink.Key,
                    date,
                    $"{input.Drinks.GetValueOrDefault(drink.Key, "A drink that is gone")} is not on the board on {PlanWords.Day(date)}. The {drink.Sum(each => each.Mean):0} cups that were typed are not counted.",
                    []
                )
            );
        }
    }

    /// <summary>Tells of late batches: one conflict for each thing and day, however many of its batches are late.</summary>
    public void Late(IReadOnlyList<(WantedBatch Wanted, ScheduledJob Place)> late, IReadOnlyList<WantedBatch> all)
    {
        var shorts = new GoingShort(input, workshop);
        foreach (
            var group in late.GroupBy(pair =>
                (pair.Wanted.Item.Item, pair.Wanted.From, IsMade: pair.Place.Begin is not null)
            )
        )
        {
            var (first, name) = (group.First().Wanted, group.First().Wanted.Item.Name);
            var (mass, due) = (
                PlanWords.Mass(group.Sum(pair => pair.Wanted.Grams)),
                PlanWords.Moment(input.Clock, group.Min(pair => pair.Wanted.Job.Due))
            );
            var why = isExplained ? shorts.Says([.. group.Select(pair => pair.Wanted)], all, placed) : "";
            conflicts.Add(
                group.Key.IsMade
                    ? new Conflict(
                        ConflictKind.Late,
                        first.Key,
                        input.Clock.DayAt(first.From),
                        $"{mass} of {name}, needed by {due}, cannot all be ready before {PlanWords.Moment(input.Clock, group.Max(pair => pair.Place.Ready!.Value))}.{why}",
                        []
                    )
                    : new Conflict(
                        ConflictKind.NoRoom,
                        first.Key,
                        input.Clock.DayAt(first.From),
                        $"{mass} of {name}, needed by {due}, cannot be ready in time.{why}",
                        []
                    )
            );
        }
    }

    /// <summary>Tells where a batch would be over date, or was moved to when hands or equipment are busy.</summary>
    public void Trouble(WantedBatch wanted, ScheduledJob place, IReadOnlyList<ScheduledJob> fitted)
    {
        var (name, job) = (wanted.Item.Name, place.Job);
        var day = input.Clock.DayAt(wanted.From);
        if (place.Begin is not { } begin)
        {
            return;
        }

        if (sizing.LastDay(wanted.Item, begin) < wanted.To)
        {
            conflicts.Add(
                new Conflict(
                    ConflictKind.OverDate,
                    wanted.Key,
                    day,
                    $"{name} started on {PlanWords.Moment(input.Clock, begin)} must be used by {PlanWords.Day(input.Clock.DayAt(0).AddDays(sizing.LastDay(wanted.Item, begin)))}, but it is needed until {PlanWords.Day(input.Clock.DayAt(wanted.To))}.",
                    []
                )
            );
        }

        if (job.FixedAt is not null && !wanted.IsBegun)
        {
            Busy(wanted, begin, fitted);
        }
    }

    /// <summary>Tells that a batch expires before it is used up because an ingredient in it does.</summary>
    public void ExpiresWithAnIngredient(PlannedBatch batch, Item inner)
    {
        if (batch.UseBy is not { } last || last >= batch.To)
        {
            return;
        }

        var (name, begin) = (input.Catalogue.GetValueOrDefault(inner)?.Name ?? inner.Id, batch.Begin!.Value);
        conflicts.Add(
            new Conflict(
                ConflictKind.OverDate,
                batch.Key,
                batch.From,
                $"{batch.Name} started on {PlanWords.Moment(input.Clock, begin)} uses {name} with use-by day {PlanWords.Day(last)}, so the batch must be used by then too. It is needed until {PlanWords.Day(batch.To)}.",
                []
            )
        );
    }

    // Somebody has moved it: whether there are hands and equipment for it then, beside all that is fixed as well.
    private void Busy(WantedBatch wanted, int begin, IReadOnlyList<ScheduledJob> fitted)
    {
        var job = wanted.Job;
        var others = new Bookings(workshop);
        foreach (
            var other in fitted
                .Concat(placed)
                .Where(other => other.Begin is not null && other.Job.FixedAt is not null && other.Job.Key != job.Key)
        )
        {
            others.Add(other.Job, other.Begin!.Value);
        }

        foreach (var busy in others.Overbooked(job, begin).Distinct())
        {
            var what = input.Prep.Equipment.FirstOrDefault(each => each.Id == busy)?.Name;
            conflicts.Add(
                new Conflict(
                    ConflictKind.Busy,
                    wanted.Key,
                    input.Clock.DayAt(wanted.From),
                    what is null
                        ? $"{wanted.Item.Name} was moved to {PlanWords.Moment(input.Clock, begin)}, when nobody is free to make it."
                        : $"{wanted.Item.Name} was moved to {PlanWords.Moment(input.Clock, begin)}, when {what} is busy.",
                    ["Move it, or let Krasis choose the time"]
                )
            );
        }
    }

    /// <summary>Tells of the first day on which the fridge is too small.</summary>
    public void FullFridge(double[] litres)
    {
        if (
            input.Prep.FridgeLitres is { } holds
            && Array.FindIndex(litres, each => each > holds + 1e-9) is var day and >= 0
        )
        {
            conflicts.Add(
                new Conflict(
                    ConflictKind.Fridge,
                    null,
                    input.Clock.DayAt(day),
                    $"{litres[day]:0.#} l would be in the fridge on {PlanWords.Day(input.Clock.DayAt(day))}, but it holds {holds:0.#} l.",
                    []
                )
            );
        }
    }

    /// <summary>Tells of something unless the same is told already.</summary>
    public void Once(Conflict conflict)
    {
        if (!conflicts.Any(known => known.Kind == conflict.Kind && known.About == conflict.About))
        {
            conflicts.Add(conflict);
        }
    }
}
