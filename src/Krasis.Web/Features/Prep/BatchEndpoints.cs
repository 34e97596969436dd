using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Input;
using Krasis.Core.Planning.Keeping;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tastings;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Prep;

/// <summary>One batch of the plan: moved, made, and ticked off.</summary>
internal static class BatchEndpoints
{
    private const double MostGrams = 1_000_000;

    public static void Map(IEndpointRouteBuilder routes)
    {
        var batch = routes.MapGroup("/api/prep/batches/{key}").WithTags("Prep");
        batch
            .MapGet("", Read)
            .WithSummary("How a batch is made, in the amount of the plan or another.")
            .Fails(404, 422);
        batch
            .MapPut("", Move)
            .WithSummary("Move a batch: it stays there until it is left to the plan again.")
            .Fails(400, 404, 409, 413, 422);
        batch.MapDelete("", Let).WithSummary("Leave a batch to the plan again.").Fails(409);
        batch.MapPost("/begin", Begin).WithSummary("Say that a batch has been begun.").Fails(400, 404, 413, 422);
        batch
            .MapPost("/done", Finish)
            .WithSummary(
                "Tick a batch off: a lot comes into stock and what went in leaves it. Sent twice under one id it is kept once."
            )
            .Fails(400, 404, 409, 413, 422);
        batch
            .MapGet("/cooling", Cooling)
            .WithSummary("Whether a cooked batch that has been begun is cooling in time.")
            .Fails(404, 409, 422);
    }

    private static Results<Ok<BatchSheetView>, ProblemResult> Read(
        string key,
        double? grams,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Read<Results<Ok<BatchSheetView>, ProblemResult>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (Find(session, kitchen, key) is not { } batch)
            {
                return ProblemResult.Missing("batch");
            }

            if (grams is { } asked && !(asked is >= 1 and <= MostGrams))
            {
                return ProblemResult.Fields([
                    new Problem("grams", null, "That is no amount of a batch.", "1 to 1,000,000 g"),
                ]);
            }

            var item = kitchen.Catalogue[batch.Item];
            var wanted = grams ?? batch.Grams;
            var part = kitchen.BarDocument.Parts.FirstOrDefault(each => each.Id == batch.Item.Id);
            var making = kitchen.Facts.Makings.GetValueOrDefault(batch.Item.Id);
            var lines = item
                .Of.Select(of => new BatchLineView(
                    of.Item.ToString(),
                    kitchen.NameOf(of.Item),
                    of.Share * wanted,
                    kitchen.Catalogue.GetValueOrDefault(of.Item)?.GramsPerMl is { } density
                        ? of.Share * wanted / density
                        : null,
                    [
                        .. Stock
                            .Take(kitchen.Lots, of.Item, of.Share * wanted, kitchen.Today)
                            .Select(taken => taken.Lot.Id),
                    ]
                ))
                .ToList();
            return TypedResults.Ok(
                new BatchSheetView(
                    PlanEndpoints.Batch(kitchen, batch),
                    wanted,
                    lines,
                    WaterOf(new IngredientId(batch.Item.Id), wanted, kitchen),
                    [
                        .. (part?.Method ?? "").Split(
                            ['\n', '.'],
                            StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
                        ),
                    ],
                    [
                        .. Timers(batch, making)
                            .Select(timer =>
                                timer with
                                {
                                    EndsAt = WorkEnds(kitchen, key, batch)?.AddMinutes(timer.Minutes),
                                }
                            ),
                    ],
                    item.Keeps,
                    item.IsChilled,
                    kitchen.Set.FirstOrDefault(set => set.Key == key && set.IsBegun == 1) is { } begun
                        ? TastingStore.Read(begun.BeginAt)
                        : null
                )
            );
        });

    // Water is bought by nobody, and goes in all the same.
    private static double? WaterOf(IngredientId made, double wanted, Kitchen kitchen)
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

    private static Results<Ok<CoolingView>, ProblemResult> Cooling(
        string key,
        double celsius,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Read<Results<Ok<CoolingView>, ProblemResult>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (Find(session, kitchen, key) is not { } batch)
            {
                return ProblemResult.Missing("batch");
            }

            if (WorkEnds(kitchen, key, batch) is not { } since)
            {
                return ProblemResult.Conflict(
                    $"{batch.Name} has not been begun.",
                    "Begin it first: cooling is timed from when work on it is over."
                );
            }

            return celsius is >= -40 and <= 120
                ? TypedResults.Ok(
                    new CoolingView(
                        TwoStageCooling.Judge(Math.Max(0, (clock.GetUtcNow() - since).TotalMinutes), celsius)
                    )
                )
                : ProblemResult.Fields([
                    new Problem("celsius", null, "That is no temperature of a batch.", "a number from -40 to 120 °C"),
                ]);
        });

    // From when work on it is over; null before it is begun.
    private static DateTimeOffset? WorkEnds(Kitchen kitchen, string key, PlannedBatch batch) =>
        kitchen.Set.FirstOrDefault(set => set.Key == key && set.IsBegun == 1) is { } begun
            ? TastingStore.Read(begun.BeginAt).AddMinutes(batch.Work)
            : null;

    private static IEnumerable<TimerView> Timers(PlannedBatch batch, MakingRule? making)
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

    private static Results<Ok<PrepPlanView>, ProblemResult> Move(
        string key,
        MoveBatchRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Write<Results<Ok<PrepPlanView>, ProblemResult>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (Find(session, kitchen, key) is not { } batch)
            {
                return ProblemResult.Missing("batch");
            }

            if (batch.IsBegun)
            {
                return ProblemResult.Conflict($"{batch.Name} has been begun.", "What is on the stove is not moved.");
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
                return ProblemResult.Fields(fields.Problems);
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
            return TypedResults.Ok(PlanEndpoints.View(session, standards, clock));
        });

    private static Results<Ok<PrepPlanView>, ProblemResult> Let(
        string key,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Write<Results<Ok<PrepPlanView>, ProblemResult>>(session =>
        {
            if (
                session.Prep.Set().Any(set => set.Key == key && set.IsBegun == 1)
                && session.Prep.Book().Any(row => row.Batch == key)
            )
            {
                return ProblemResult.Conflict(
                    "This batch is done.",
                    "What was made is in stock: throw it away there, or count it."
                );
            }

            session.Prep.LetBatch(key);
            return TypedResults.Ok(PlanEndpoints.View(session, standards, clock));
        });

    private static Results<Ok<PrepPlanView>, ProblemResult> Begin(
        string key,
        BeginRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Write<Results<Ok<PrepPlanView>, ProblemResult>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (Find(session, kitchen, key) is not { } batch)
            {
                return ProblemResult.Missing("batch");
            }

            var fields = new FieldReader();
            var who = fields.Note("who", request.Who, 80);
            var grams = fields.Optional("grams", request.Grams, 1, MostGrams, "g") ?? batch.Grams;
            if (fields.Problems.Count > 0)
            {
                return ProblemResult.Fields(fields.Problems);
            }

            // Begun twice, it was begun the first time.
            if (!batch.IsBegun)
            {
                session.Prep.SetBatch(
                    new SetBatchRow(key, batch.Item.ToString(), grams, TastingStore.Written(clock.GetUtcNow()), 1, who)
                );
            }

            return TypedResults.Ok(PlanEndpoints.View(session, standards, clock));
        });

    private static Results<Ok<LotView>, ProblemResult> Finish(
        string key,
        DoneRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Write<Results<Ok<LotView>, ProblemResult>>(session =>
        {
            var fields = new FieldReader();
            if (GivenId.Refusal("id", request.Id, "No page ticks a batch off so.") is { } refusal)
            {
                fields.Take([refusal]);
            }

            var grams = fields.Number("grams", request.Grams, 1, MostGrams, "g");
            var who = fields.Note("who", request.Who, 80);
            if (fields.Problems.Count > 0)
            {
                return ProblemResult.Fields(fields.Problems);
            }

            var kitchen = Kitchen.Of(session, standards, clock);
            if (session.Prep.Entry(request.Id!) is { } before)
            {
                return before.Batch == key
                    ? TypedResults.Ok(StockEndpoints.View(kitchen, kitchen.LotOf(before.Lot)!))
                    : ProblemResult.Conflict(
                        "This was sent before as something else.",
                        "What was sent then stands in the book of stock. Load the page again."
                    );
            }

            if (Find(session, kitchen, key) is not { } batch)
            {
                return ProblemResult.Missing("batch");
            }

            var (now, today) = (TastingStore.Written(clock.GetUtcNow()), kitchen.Today);
            var item = kitchen.Catalogue[batch.Item];
            var lot = StockBook.NextLot(session, today);
            var of = new List<Lot>();
            foreach (var (inner, share) in item.Of)
            {
                of.AddRange(
                    StockBook.TakeOut(
                        session,
                        kitchen.Lots,
                        inner,
                        share * grams,
                        today,
                        $"Went into {batch.Name} {lot}",
                        who,
                        now
                    )
                );
            }

            // Day 1 is the day on which it was begun.
            var day1 = kitchen.Set.FirstOrDefault(set => set.Key == key && set.IsBegun == 1) is { } begun
                ? DateOnly.FromDateTime(
                    TimeZoneInfo.ConvertTime(TastingStore.Read(begun.BeginAt), clock.LocalTimeZone).DateTime
                )
                : today;
            var useBy = StockBook.UseBy(day1, item.Keeps, item.StartsAnew ? [] : of);
            session.Prep.Write(
                new LotRow(
                    0,
                    request.Id!,
                    now,
                    lot,
                    batch.Item.ToString(),
                    "made",
                    grams,
                    Kitchen.Written(day1),
                    useBy is { } last ? Kitchen.Written(last) : null,
                    key,
                    null,
                    who,
                    item.Price * grams
                )
            );
            session.Prep.LetBatch(key);
            var after = Kitchen.Of(session, standards, clock);
            return TypedResults.Ok(StockEndpoints.View(after, after.Lots.First(each => each.Id == lot)));
        });

    private static PlannedBatch? Find(Session session, Kitchen kitchen, string key) =>
        PrepPlanner.Draw(kitchen.Input(session)).Batches.FirstOrDefault(batch => batch.Key == key);
}

/// <summary>How a batch is made.</summary>
/// <param name="Batch">The batch.</param>
/// <param name="Grams">How much comes out.</param>
/// <param name="Lines">What goes in.</param>
/// <param name="WaterGrams">Water that goes in, g; null for none.</param>
/// <param name="Steps">How it is made, step by step.</param>
/// <param name="Timers">What is to be timed.</param>
/// <param name="KeepsDays">How many days it keeps, the day of making counted; null when it keeps.</param>
/// <param name="IsChilled">Whether it stands in the fridge.</param>
/// <param name="BegunAt">When it was begun; null before.</param>
public sealed record BatchSheetView(
    BatchView Batch,
    double Grams,
    IReadOnlyList<BatchLineView> Lines,
    double? WaterGrams,
    IReadOnlyList<string> Steps,
    IReadOnlyList<TimerView> Timers,
    int? KeepsDays,
    bool IsChilled,
    DateTimeOffset? BegunAt
);

/// <summary>One thing that goes in.</summary>
/// <param name="Item">Which.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Grams">How much.</param>
/// <param name="Ml">The same by volume; null when its density is not known.</param>
/// <param name="Lots">Which lots are to be used first.</param>
public sealed record BatchLineView(string Item, string Name, double Grams, double? Ml, IReadOnlyList<string> Lots);

/// <summary>Something that is timed.</summary>
/// <param name="Name">What.</param>
/// <param name="Minutes">How long, from when work on it is over.</param>
/// <param name="Celsius">How warm it may be then at the most; null where that is not asked.</param>
/// <param name="EndsAt">When it is over; null before the batch is begun.</param>
public sealed record TimerView(string Name, int Minutes, double? Celsius, DateTimeOffset? EndsAt);

/// <summary>How far a cooked batch has cooled.</summary>
public sealed record CoolingView(CoolingVerdict Verdict);

/// <summary>Where a batch is moved to.</summary>
/// <param name="Day">The day.</param>
/// <param name="Time">The time, as 07:30.</param>
public sealed record MoveBatchRequest(string? Day, string? Time);

/// <summary>That a batch has been begun.</summary>
/// <param name="Who">By whom.</param>
/// <param name="Grams">How much is made; null as planned.</param>
public sealed record BeginRequest(string? Who, double? Grams);

/// <summary>That a batch is done.</summary>
/// <param name="Id">An id of the page's own.</param>
/// <param name="Grams">How much really came out.</param>
/// <param name="Who">Who made it.</param>
public sealed record DoneRequest(string? Id, double? Grams, string? Who);
