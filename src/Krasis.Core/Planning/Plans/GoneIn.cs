using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Plans;

/// <summary>Until when batches may be used because of what goes into them: no longer than any lot that does, as it will
/// stand on their labels (<see cref="Stocking.UseByDate.OfMade"/>). Lots go in as they are used, the one that is over
/// date first.</summary>
/// <param name="input">What the plan is made of.</param>
/// <param name="demands">What is needed of everything, what goes into batches with it.</param>
internal sealed class GoneIn(PlanInput input, IReadOnlyDictionary<Item, Demand> demands)
{
    private readonly int days = input.Clock.Days;
    private readonly Dictionary<Item, Pantry> pantries = [];

    /// <summary>A batch, and what in it is over date before it would be by itself; null where nothing is.</summary>
    internal sealed record Capped(PlannedBatch Batch, Item? By);

    /// <summary>The batches with the days until which they may be used, in the order in which they are begun.</summary>
    /// <param name="batches">The batches that have a time.</param>
    public IEnumerable<Capped> Cap(IEnumerable<PlannedBatch> batches)
    {
        var waiting = new Queue<PlannedBatch>(batches.OrderBy(batch => batch.Begin));
        var capped = new List<Capped>();
        for (var day = 0; day < days; day++)
        {
            var taken = new Dictionary<Item, double>();
            while (waiting.TryPeek(out var next) && input.Clock.DayOf(Math.Max(0, next.Begin!.Value)) <= day)
            {
                var one = Made(waiting.Dequeue(), day, taken);
                PantryOf(one.Batch.Item)
                    .Add(
                        one.Batch.Grams,
                        Math.Max(0, input.Clock.DayOf(Math.Max(0, one.Batch.Ready!.Value))),
                        one.Batch.UseBy is { } last ? input.Clock.IndexOf(last) : days
                    );
                capped.Add(one);
            }

            foreach (var (item, demand) in demands)
            {
                PantryOf(item).Use(day, Math.Max(0, demand.Mean(day) - taken.GetValueOrDefault(item)));
            }
        }

        return capped;
    }

    private Capped Made(PlannedBatch batch, int day, Dictionary<Item, double> taken)
    {
        var (last, by) = (batch.UseBy, default(Item?));
        foreach (var (inner, grams) in batch.Of)
        {
            taken[inner] = taken.GetValueOrDefault(inner) + grams;
            var soonest = PantryOf(inner).Take(day, grams);
            if (
                soonest < days
                && !input.Catalogue[batch.Item].StartsAnew
                && input.Clock.First.AddDays(soonest) is var over
                && (last is not { } day1 || over < day1)
            )
            {
                (last, by) = (over, inner);
            }
        }

        return new Capped(batch with { UseBy = last }, by);
    }

    private Pantry PantryOf(Item item)
    {
        if (!pantries.TryGetValue(item, out var pantry))
        {
            pantries[item] = pantry = new Pantry();
            foreach (var lot in input.Stock.Where(lot => lot.Item == item))
            {
                pantry.Add(lot.Left, 0, lot.UseBy is { } day ? input.Clock.IndexOf(day) : days);
            }
        }

        return pantry;
    }
}
