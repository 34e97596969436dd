using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Moves a batch. It stays there until it is left to the plan again.</summary>
public sealed class MoveBatch(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Moves it.</summary>
    /// <param name="key">The batch of the plan.</param>
    /// <param name="request">Where to.</param>
    public Result<PrepPlanView> Run(string key, MoveBatchRequest request) =>
        file.Write(
                session => Prepare(session, key, request),
                (session, prepared) =>
                    prepared.Then(row =>
                    {
                        session.Prep.SetBatch(row);
                        return default(Done);
                    })
            )
            .Then(_ => file.Read(session => PlanViews.View(session, standards, clock)));

    private Result<SetBatchRow> Prepare(Session session, string key, MoveBatchRequest request)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        if (BatchParts.Find(session, kitchen, key) is not { } batch)
        {
            return BatchParts.NotThere(session, key);
        }

        if (batch.IsBegun)
        {
            return Refusal.Conflict($"{batch.Name} has been begun.", "What is on the stove is not moved.");
        }

        var fields = new FieldReader();
        var minute = Minute(kitchen, request, fields);
        return minute is { } begin
            ? new SetBatchRow(
                key,
                batch.Item.ToString(),
                batch.Grams,
                Timestamp.Write(kitchen.Clock.MomentOf(begin)),
                0,
                null
            )
            : Refusal.Fields(fields.Problems);
    }

    // The minute of the plan that is asked for; null, with what is wrong, where there is none.
    private static int? Minute(Kitchen kitchen, MoveBatchRequest request, FieldReader fields)
    {
        var day = fields.Day("day", request.Day);
        var wall = PrepReader.Time("time", request.Time, fields);
        if (fields.Problems.Count > 0)
        {
            return null;
        }

        var clock = kitchen.Clock.Plan;
        var index = day is { } date ? clock.IndexOf(date) : -1;
        if (index < 0 || index >= clock.Days)
        {
            fields.Report(
                "day",
                request.Day,
                "That day is not planned.",
                $"a day from {PlanWords.Day(clock.First)} to {PlanWords.Day(clock.DayAt(clock.Days - 1))}"
            );
        }
        else if (wall is not { } time)
        {
            fields.Report("time", request.Time, "It is not said when.", "a time such as 07:30");
        }
        else if (!clock.Exists(index, time))
        {
            fields.Report(
                "time",
                request.Time,
                "The clocks are put forward then: there is no such time on that day.",
                "a time before or after"
            );
        }
        else if (clock.MinuteAt(index, time) < kitchen.Now)
        {
            fields.Report(
                "time",
                request.Time,
                "That is over.",
                $"a time from {PlanWords.Moment(clock, kitchen.Now)} on"
            );
        }
        else if (!IsWorkedAt(kitchen, day!.Value, time, out var hours))
        {
            fields.Report(
                "time",
                request.Time,
                $"Nobody works at {PlanWords.Time(time)} on {PlanWords.Day(day.Value)}.",
                hours
            );
        }
        else
        {
            return clock.MinuteAt(index, time);
        }

        return null;
    }

    private static bool IsWorkedAt(Kitchen kitchen, DateOnly day, int wall, out string hours)
    {
        if (kitchen.Facts.HoursOn(day) is not { WorkFrom: { } from, WorkTo: { } to })
        {
            hours = "a day on which somebody works";
            return false;
        }

        hours = $"a time from {PlanWords.Time(from)} to {PlanWords.Time(to)}";
        return wall >= from && wall < to;
    }
}
