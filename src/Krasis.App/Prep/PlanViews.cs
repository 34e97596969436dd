using System.Globalization;
using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Buying;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Plans;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows the prep plan and the order that follows from it.</summary>
public static class PlanViews
{
    /// <summary>The plan as it is now.</summary>
    public static PrepPlanView View(Session session, StandardNeeds standards, TimeProvider clock)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        var input = kitchen.Input(session);
        var plan = PrepPlanner.Plan(input);
        return new PrepPlanView(
            VersionTag.Of(kitchen.Version, session),
            kitchen.Version > 0,
            kitchen.Now,
            input.Clock.End,
            kitchen.Bar.House.Currency,
            kitchen.Facts.Lasts * 100,
            [.. Enumerable.Range(0, input.Clock.Days).Select(day => Day(kitchen, input, plan, day))],
            [.. plan.Batches.Select(batch => Batch(kitchen, batch))],
            plan.Conflicts,
            [
                .. plan.Needs.Select(need => new NeedView(
                    need.Item.ToString(),
                    need.Name,
                    need.Item.Kind == ItemKind.Cup ? "cups" : "g",
                    need.IsMade,
                    need.Mean,
                    need.Lasting,
                    need.InStock,
                    need.Days
                )),
            ],
            plan.Figures
        );
    }

    public static BatchView Batch(Kitchen kitchen, PlannedBatch batch)
    {
        var clock = kitchen.Clock.Plan;
        var making = kitchen.Facts.Makings.GetValueOrDefault(batch.Item.Id);
        var begin = batch.Begin is { } minute ? clock.WallOf(Math.Max(0, minute)) : default((DateOnly Day, int Wall)?);
        return new BatchView(
            batch.Key,
            batch.Item.ToString(),
            batch.Name,
            batch.Grams,
            batch.Begin,
            batch.Work,
            batch.Wait,
            making?.WaitsFor is { } waits && batch.Wait > 0 ? Choice.Word(waits) : null,
            batch.Due,
            begin?.Day,
            begin is { } at ? PlanWords.Time(at.Wall) : null,
            batch.Begin is { } begun ? Says(kitchen, begun) : null,
            batch.Ready is { } ready ? Says(kitchen, ready) : null,
            Says(kitchen, batch.Due),
            batch.Earliest is { } earliest ? Says(kitchen, earliest) : null,
            batch.Latest is { } latest ? Says(kitchen, latest) : null,
            MoveDays(kitchen, batch),
            batch.From,
            batch.To,
            batch.UseBy,
            batch.IsSet,
            batch.IsBegun,
            making?.IsCooked ?? false,
            making?.Who,
            [.. batch.Of.Select(of => new IntoView(of.Item.ToString(), kitchen.NameOf(of.Item), of.Grams))]
        );
    }

    private static IReadOnlyList<DateOnly> MoveDays(Kitchen kitchen, PlannedBatch batch)
    {
        var clock = kitchen.Clock.Plan;
        var from = clock.DayOf(Math.Max(kitchen.Now, batch.Earliest ?? 0));
        var to = batch.Latest is { } latest && latest >= kitchen.Now ? clock.DayOf(latest) : clock.Days - 1;
        return [.. Enumerable.Range(from, Math.Max(1, to - from + 1)).Select(clock.DayAt)];
    }

    // Minutes beyond the plan are on days that its clock has not.
    public static string Says(Kitchen kitchen, int minute) =>
        PlanWords.Moment(kitchen.Clock.Plan, Math.Clamp(minute, 0, kitchen.Clock.Plan.End));

    public static PlanDayView Day(Kitchen kitchen, PlanInput input, PrepPlan plan, int day)
    {
        var (clock, date) = (input.Clock, input.Clock.DayAt(day));
        var hours = input.Prep.HoursOn(date);
        return new PlanDayView(
            date,
            PlanWords.Day(date),
            ISOWeek.GetWeekOfYear(date.ToDateTime(TimeOnly.MinValue)),
            clock.StartOf(day),
            clock.StartOf(day + 1),
            At(hours.Opens),
            At(hours.Closes),
            At(hours.WorkFrom),
            At(hours.WorkTo),
            kitchen.Kinds.TryGetValue(Kitchen.Written(date), out var kind)
                ? kitchen.Facts.Kinds.FirstOrDefault(each => each.Id == kind)?.Name
                : null,
            input.Expected.Where(cups => cups.Day == date).Sum(cups => cups.Mean),
            plan.Litres[day]
        );

        int? At(int? wall) => wall is { } time ? clock.MinuteAt(day, Math.Min(time, (24 * 60) - 1)) : null;
    }

    public static OrderView Order(Session session, StandardNeeds standards, TimeProvider clock)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        var input = kitchen.Input(session);
        var rows = OrderList.Of(input, PrepPlanner.Draw(input));
        return new OrderView(
            kitchen.Bar.House.Currency,
            input.Clock.DayAt(input.Clock.Days - 1),
            rows,
            rows.Sum(row => row.Cost ?? 0)
        );
    }
}
