using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Plans;

/// <summary>Works out the use-by days of batches as their labels will show them: no batch may be used longer than any lot
/// that goes into it (<see cref="Stocking.UseByDate.OfMade"/>). The lot that expires first is used first.</summary>
/// <param name="input">What the plan is made of.</param>
/// <param name="demands">How much of each item drinks and batches need.</param>
internal sealed class BatchUseBy(PlanInput input, IReadOnlyDictionary<Item, Demand> demands)
{
    private readonly int days = input.Clock.Days;
    private readonly Dictionary<Item, Pantry> pantries = [];

    /// <summary>A batch with its use-by day, and the item in it that makes that day earlier; null if none does.</summary>
    internal sealed record Dated(PlannedBatch Batch, Item? By);

    /// <summary>The batches with their use-by days, in the order in which they are started.</summary>
    /// <param name="batches">The batches that have a start.</param>
    public IEnumerable<Dated> On(IEnumerable<PlannedBatch> batches)
    {
        var waiting = new Queue<PlannedBatch>(batches.OrderBy(batch => batch.Begin));
        var dated = new List<Dated>();
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
                dated.Add(one);
            }

            foreach (var (item, demand) in demands)
            {
                PantryOf(item).Use(day, Math.Max(0, demand.Mean(day) - taken.GetValueOrDefault(item)));
            }
        }

        return dated;
    }

    private Dated Made(PlannedBatch batch, int day, Dictionary<Item, double> taken)
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
                && (last is not { } own || over < own)
            )
            {
                (last, by) = (over, inner);
            }
        }

        return new Dated(batch with { UseBy = last }, by);
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
