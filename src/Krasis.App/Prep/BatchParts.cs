using Krasis.App.Shared;
using Krasis.Core.Planning.Keeping;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>What the use cases of a batch share.</summary>
public static class BatchParts
{
    // When it was begun; null before.
    public static DateTimeOffset? BegunAt(Kitchen kitchen, string key) =>
        kitchen.Set.FirstOrDefault(set => set.Key == key && set.IsBegun == 1) is { } begun
            ? Timestamp.Read(begun.BeginAt)
            : null;

    // From when work on it is over; null before it is begun.
    public static DateTimeOffset? WorkEnds(Kitchen kitchen, string key, PlannedBatch batch) =>
        BegunAt(kitchen, key)?.AddMinutes(batch.Work);

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

    // Why a batch is not in the plan: somebody else may have ticked it off in the meantime.
    public static Refusal NotThere(Session session, string key) =>
        session.Prep.IsDone(key)
            ? Refusal.Gone("This batch was made already.", "Somebody has ticked it off, and it is in stock.")
            : Refusal.Missing("batch");

    public static PlannedBatch? Find(Session session, Kitchen kitchen, string key) =>
        PrepPlanner.Draw(kitchen.Input(session)).Batches.FirstOrDefault(batch => batch.Key == key);
}
