using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Planning.Keeping;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Store.Tastings;

namespace Krasis.App.Prep;

/// <summary>What the use cases of a batch share.</summary>
public static class BatchParts
{
    // Water is bought by nobody, and goes in all the same.
    public static double? WaterOf(IngredientId made, double wanted, Kitchen kitchen)
    {
        var water = 0.0;
        if (kitchen.Bar.CoffeeOf(made) is { } coffee)
        {
            water =
                (coffee.Water.Value + (coffee.Yield.Value * coffee.DilutionParts / (1 + coffee.DilutionParts)))
                / coffee.Yield.Value
                * wanted;
        }
        else if (
            kitchen.BarDocument.Parts.FirstOrDefault(part => part.Id == made.Value) is { } part
            && PartReader.Read(part) is { IsRead: true } read
        )
        {
            water = Batch
                .Of(read.Value, [read.Value], kitchen.Bar, new Quantity(wanted, Measure.Gram))
                .Lines.Where(line => kitchen.Bar.Find(line.Ingredient)!.Kind == IngredientKind.Water)
                .Sum(line => line.Mass.Value);
        }

        return water > 0 ? water : null;
    }

    // From when work on it is over; null before it is begun.
    public static DateTimeOffset? WorkEnds(Kitchen kitchen, string key, PlannedBatch batch) =>
        kitchen.Set.FirstOrDefault(set => set.Key == key && set.IsBegun == 1) is { } begun
            ? TastingStore.Read(begun.BeginAt).AddMinutes(batch.Work)
            : null;

    public static IEnumerable<TimerView> Timers(PlannedBatch batch, MakingRule? making)
    {
        if (batch.Wait > 0)
        {
            yield return new TimerView(
                making?.WaitsFor switch
                {
                    Waiting.Steep => "Steeps",
                    Waiting.Cool => "Cools",
                    Waiting.Freeze => "Freezes",
                    _ => "Rests",
                },
                batch.Wait,
                null,
                null
            );
        }

        if (making?.IsCooked == true)
        {
            yield return new TimerView(
                "Below 21 °C",
                (int)TwoStageCooling.FirstMinutes,
                TwoStageCooling.MiddleCelsius,
                null
            );
            yield return new TimerView(
                "At 5 °C or below",
                (int)TwoStageCooling.WholeMinutes,
                TwoStageCooling.ColdCelsius,
                null
            );
        }
    }

    public static PlannedBatch? Find(Session session, Kitchen kitchen, string key) =>
        PrepPlanner.Draw(kitchen.Input(session)).Batches.FirstOrDefault(batch => batch.Key == key);
}
