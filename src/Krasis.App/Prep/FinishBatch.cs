using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tastings;

namespace Krasis.App.Prep;

/// <summary>Notes that a batch is done: a lot comes into stock, and what went in leaves it.</summary>
public sealed class FinishBatch(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const double MostGrams = 1_000_000;

    /// <summary>Does it.</summary>
    public Result<LotView> Run(string key, DoneRequest request) =>
        file.Write<Result<LotView>>(session =>
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
                return Refusal.Fields(fields.Problems);
            }

            var kitchen = Kitchen.Of(session, standards, clock);
            if (session.Prep.Entry(request.Id!) is { } before)
            {
                return before.Batch == key
                    ? Result.Of(StockViews.View(kitchen, kitchen.LotOf(before.Lot)!))
                    : Refusal.Conflict(
                        "This was sent before as something else.",
                        "What was sent then stands in the book of stock. Load the page again."
                    );
            }

            if (BatchParts.Find(session, kitchen, key) is not { } batch)
            {
                return Refusal.Missing("batch");
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
            return Result.Of(StockViews.View(after, after.Lots.First(each => each.Id == lot)));
        });
}
