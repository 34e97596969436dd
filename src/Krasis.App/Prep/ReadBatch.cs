using Krasis.App.Shared;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;
using Krasis.Core.Quantities;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Says how a batch is made, in the amount of the plan or another.</summary>
public sealed class ReadBatch(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const double MostGrams = 1_000_000;

    /// <summary>Does it.</summary>
    public Result<BatchSheetView> Run(string key, double? grams) =>
        file.Read<Result<BatchSheetView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (BatchParts.Find(session, kitchen, key) is not { } batch)
            {
                return BatchParts.NotThere(session, key);
            }

            if (grams is { } asked && !(asked is >= 1 and <= MostGrams))
            {
                return Refusal.Fields([
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
            var begunAt = BatchParts.BegunAt(kitchen, key);
            var workEnds = BatchParts.WorkEnds(kitchen, key, batch);
            var cooling = begunAt is { } since
                ? ReadCooling.View(session, key, since, clock.GetUtcNow()).Since
                : default(DateTimeOffset?);
            return Result.Of(
                new BatchSheetView(
                    PlanViews.Batch(kitchen, batch),
                    wanted,
                    lines,
                    BatchWater
                        .Of(new IngredientId(batch.Item.Id), Grams.From(wanted), kitchen.BarDocument, kitchen.Bar)
                        ?.Value,
                    [
                        .. (part?.Method ?? "").Split(
                            ['\n', '.'],
                            StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
                        ),
                    ],
                    [
                        .. BatchParts
                            .Timers(batch, making)
                            .Select(timer =>
                                timer with
                                {
                                    EndsAt = (timer.Celsius is null ? workEnds : cooling)?.AddMinutes(timer.Minutes),
                                }
                            ),
                    ],
                    item.Keeps,
                    item.IsChilled,
                    begunAt
                )
            );
        });
}
