using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Leaves a batch to the plan again.</summary>
public sealed class ReleaseBatch(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Leaves it to the plan.</summary>
    public Result<PrepPlanView> Run(string key) =>
        file.Write<Result<Done>>(session =>
            {
                if (session.Prep.Set().Any(set => set.Key == key && set.IsBegun == 1) && session.Prep.IsDone(key))
                {
                    return Refusal.Conflict(
                        "This batch is done.",
                        "What was made is in stock: throw it away there, or count it."
                    );
                }

                session.Prep.LetBatch(key);
                return Result.Done;
            })
            .Then(_ => file.Read(session => PlanViews.View(session, standards, clock)));
}
