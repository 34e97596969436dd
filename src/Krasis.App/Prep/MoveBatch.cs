using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tastings;

namespace Krasis.App.Prep;

/// <summary>Moves a batch. It stays there until it is left to the plan again.</summary>
public sealed class MoveBatch(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PrepPlanView> Run(string key, MoveBatchRequest request) =>
        file.Write<Result<PrepPlanView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (BatchParts.Find(session, kitchen, key) is not { } batch)
            {
                return Refusal.Missing("batch");
            }

            if (batch.IsBegun)
            {
                return Refusal.Conflict($"{batch.Name} has been begun.", "What is on the stove is not moved.");
            }

            var fields = new FieldReader();
            var day = fields.Day("day", request.Day);
            var wall = PrepReader.Time("time", request.Time, fields);
            var clockOf = kitchen.Clock.Plan;
            var index = day is { } date ? clockOf.IndexOf(date) : -1;
            if (fields.Problems.Count == 0)
            {
                if (index < 0 || index >= clockOf.Days)
                {
                    fields.Report(
                        "day",
                        request.Day,
                        "That day is not planned.",
                        $"a day from {PlanWords.Day(clockOf.First)} to {PlanWords.Day(clockOf.DayAt(clockOf.Days - 1))}"
                    );
                }
                else if (wall is not { } time)
                {
                    fields.Report("time", request.Time, "It is not said when.", "a time such as 07:30");
                }
                else if (!clockOf.Exists(index, time))
                {
                    fields.Report(
                        "time",
                        request.Time,
                        "The clocks are put forward then: there is no such time on that day.",
                        "a time before or after"
                    );
                }
                else if (clockOf.At(index, time) < kitchen.Now)
                {
                    fields.Report(
                        "time",
                        request.Time,
                        "That is over.",
                        $"a time from {PlanWords.Moment(clockOf, kitchen.Now)} on"
                    );
                }
            }

            if (fields.Problems.Count > 0)
            {
                return Refusal.Fields(fields.Problems);
            }

            session.Prep.SetBatch(
                new SetBatchRow(
                    key,
                    batch.Item.ToString(),
                    batch.Grams,
                    TastingStore.Written(kitchen.Clock.MomentOf(clockOf.At(index, wall!.Value))),
                    0,
                    null
                )
            );
            return Result.Of(PlanViews.View(session, standards, clock));
        });
}
