using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Keeping;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Judges whether a cooked batch is cooling in time.</summary>
public sealed class JudgeCooling(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<CoolingView> Run(string key, double celsius) =>
        file.Read<Result<CoolingView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (BatchParts.Find(session, kitchen, key) is not { } batch)
            {
                return Refusal.Missing("batch");
            }

            if (BatchParts.WorkEnds(kitchen, key, batch) is not { } since)
            {
                return Refusal.Conflict(
                    $"{batch.Name} has not been begun.",
                    "Begin it first: cooling is timed from when work on it is over."
                );
            }

            return celsius is >= -40 and <= 120
                ? Result.Of(
                    new CoolingView(
                        TwoStageCooling.Judge(Math.Max(0, (clock.GetUtcNow() - since).TotalMinutes), celsius)
                    )
                )
                : Refusal.Fields([
                    new Problem("celsius", null, "That is no temperature of a batch.", "a number from -40 to 120 °C"),
                ]);
        });
}
