using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Notes that a batch is done: a lot comes into stock, and what went in leaves it.</summary>
public sealed class FinishBatch(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const double MostGrams = 1_000_000;

    /// <summary>Notes it. Sent twice under one id, it is noted once.</summary>
    /// <param name="key">The batch of the plan.</param>
    /// <param name="request">How much came out, and of whom.</param>
    public Result<LotView> Run(string key, DoneRequest request)
    {
        var fields = new FieldReader();
        if (GivenId.Refusal("id", request.Id, "No page ticks a batch off so.") is { } unknown)
        {
            fields.Take([unknown]);
        }

        var grams = fields.Number("grams", request.Grams, 1, MostGrams, "g");
        var who = fields.Note("who", request.Who, 80);
        return fields.Problems.Count > 0
            ? Refusal.Fields(fields.Problems)
            : file.Write(
                    session => Prepare(session, key, request.Id!),
                    (session, prepared) =>
                        prepared.Then(made => made.Lot ?? Keep(session, made, request.Id!, grams, who))
                )
                .Then(lot =>
                    file.Read(session => StockViews.View(session, Kitchen.Of(session, standards, clock), lot))
                );
    }

    private Result<Prepared> Prepare(Session session, string key, string id)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        if (session.Prep.Entry(id) is { } before)
        {
            return before.Batch == key ? new Prepared(kitchen, null, before.Lot) : Refusal.SentAsSomethingElse;
        }

        return BatchParts.Find(session, kitchen, key) is { } batch
            ? new Prepared(kitchen, batch, null)
            : BatchParts.NotThere(session, key);
    }

    private string Keep(Session session, Prepared prepared, string id, double grams, string? who)
    {
        var (kitchen, batch) = (prepared.Kitchen, prepared.Batch!);
        var (now, today) = (Timestamp.Write(clock.GetUtcNow()), kitchen.Today);
        var item = kitchen.Catalogue[batch.Item];
        var lot = StockBook.NextLot(session, today);
        var madeOf = item
            .Of.SelectMany(inner =>
                StockBook.TakeOut(
                    session,
                    kitchen.Lots,
                    inner.Item,
                    inner.Share * grams,
                    today,
                    $"Went into {batch.Name} {lot}",
                    who,
                    now
                )
            )
            .ToList();
        var day1 = DayOne(kitchen, batch.Key);
        var useBy = UseByDate.OfMade(day1, item.Keeps, item.StartsAnew ? [] : madeOf);
        session.Prep.Write(
            new LotRow(
                0,
                id,
                now,
                lot,
                batch.Item.ToString(),
                "made",
                grams,
                Kitchen.Written(day1),
                useBy is { } last ? Kitchen.Written(last) : null,
                batch.Key,
                null,
                who,
                item.Price * grams
            )
        );
        session.Prep.LetBatch(batch.Key);
        return lot;
    }

    // Day 1 is the day on which it was begun (US Food Code 3-501.17).
    private DateOnly DayOne(Kitchen kitchen, string key) =>
        kitchen.Set.FirstOrDefault(set => set.Key == key && set.IsBegun == 1) is { } begun
            ? DateOnly.FromDateTime(
                TimeZoneInfo.ConvertTime(Timestamp.Read(begun.BeginAt), clock.LocalTimeZone).DateTime
            )
            : kitchen.Today;

    // What is to be written; with the lot where it was written before.
    private sealed record Prepared(Kitchen Kitchen, PlannedBatch? Batch, string? Lot);
}
