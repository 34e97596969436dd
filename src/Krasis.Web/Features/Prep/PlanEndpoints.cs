using Krasis.Core.Input;
using Krasis.Core.Planning.Buying;
using Krasis.Core.Planning.Days;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Plans;
using Krasis.Exchange.Prep;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Prep;

/// <summary>The plan, what it would be, and what has to be bought for it.</summary>
internal static class PlanEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var prep = routes.MapGroup("/api/prep").WithTags("Prep");
        prep.MapGet("/plan", (KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
                TypedResults.Ok(file.Read(session => View(session, standards, clock)))
            )
            .WithSummary("What has to be made, and when.");
        prep.MapPost("/what-if", Try).WithSummary("What the plan would come to.").Fails(400, 413, 422);
        prep.MapGet("/order", (KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
                TypedResults.Ok(file.Read(session => Order(session, standards, clock)))
            )
            .WithSummary("What has to be bought.");
        prep.MapGet("/order.csv", (KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
                SheetResult.Csv(OrderSheet.Of(file.Read(session => Order(session, standards, clock)).Rows))
            )
            .WithSummary("What has to be bought, as comma-separated values.")
            .Produces<string>(200, "text/csv");
        prep.MapGet("/order.xlsx", (KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
                SheetResult.Workbook(
                    "order",
                    OrderSheet.Of(file.Read(session => Order(session, standards, clock)).Rows)
                )
            )
            .WithSummary("What has to be bought, as a workbook.")
            .Produces<string>(200, SheetResult.WorkbookType);
    }

    /// <summary>The plan as it is now.</summary>
    internal static PrepPlanView View(Session session, StandardNeeds standards, TimeProvider clock)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        var input = kitchen.Input(session);
        var plan = PrepPlanner.Plan(input);
        return new PrepPlanView(
            ETags.Of(kitchen.Version, session),
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

    internal static BatchView Batch(Kitchen kitchen, PlannedBatch batch)
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

    // Minutes beyond the plan are on days that its clock has not.
    private static string Says(Kitchen kitchen, int minute) =>
        PlanWords.Moment(kitchen.Clock.Plan, Math.Clamp(minute, 0, kitchen.Clock.Plan.End));

    private static PlanDayView Day(Kitchen kitchen, PlanInput input, PrepPlan plan, int day)
    {
        var (clock, date) = (input.Clock, input.Clock.DayAt(day));
        var hours = input.Prep.HoursOn(date);
        return new PlanDayView(
            date,
            PlanWords.Day(date),
            IsoWeek.Of(date),
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

        int? At(int? wall) => wall is { } time ? clock.At(day, Math.Min(time, (24 * 60) - 1)) : null;
    }

    private static OrderView Order(Session session, StandardNeeds standards, TimeProvider clock)
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

    private static Results<Ok<WhatIfView>, ProblemResult> Try(
        WhatIfRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Read<Results<Ok<WhatIfView>, ProblemResult>>(session =>
        {
            var (off, instead) = (request.Off ?? [], request.Instead ?? []);
            var kitchen = Kitchen.Of(session, standards, clock, instead);
            var fields = new FieldReader();
            var cups = fields.Optional("cupsPercent", request.CupsPercent, 0, 1000, "%");
            var iced = fields.Optional("icedPercent", request.IcedPercent, 0, 1000, "%");
            if (request.Without is { } without && !kitchen.Facts.Equipment.Any(each => each.Id == without))
            {
                fields.Report(
                    "without",
                    without,
                    "There is no such equipment.",
                    string.Join(", ", kitchen.Facts.Equipment.Select(each => each.Id).DefaultIfEmpty("none is entered"))
                );
            }

            foreach (
                var (id, field) in off.Select((id, i) => (id, $"off[{i}]"))
                    .Concat(instead.Select((id, i) => (id, $"instead[{i}]")))
            )
            {
                if (id is null || !kitchen.Drinks.ContainsKey(id))
                {
                    fields.Report(field, id, "There is no such build.", "a build of the library");
                }
            }

            if (fields.Problems.Count > 0)
            {
                return ProblemResult.Fields(fields.Problems);
            }

            var input = kitchen.Input(session);
            var other = new WhatIf(cups, iced, request.Without, off, instead).On(input, kitchen.Iced.Contains);
            var (now, then) = (PrepPlanner.Plan(input), PrepPlanner.Plan(other));
            return TypedResults.Ok(
                new WhatIfView(
                    now.Figures,
                    then.Figures,
                    Cost(input, now),
                    Cost(other, then),
                    now.Conflicts,
                    then.Conflicts
                )
            );

            static double Cost(PlanInput input, PrepPlan plan) => OrderList.Of(input, plan).Sum(row => row.Cost ?? 0);
        });
}
