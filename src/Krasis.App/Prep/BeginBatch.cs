using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tastings;

namespace Krasis.App.Prep;

/// <summary>Notes that work on a batch has begun.</summary>
public sealed class BeginBatch(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const double MostGrams = 1_000_000;

    /// <summary>Does it.</summary>
    public Result<PrepPlanView> Run(string key, BeginRequest request) =>
        file.Write<Result<PrepPlanView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (BatchParts.Find(session, kitchen, key) is not { } batch)
            {
                return Refusal.Missing("batch");
            }

            var fields = new FieldReader();
            var who = fields.Note("who", request.Who, 80);
            var grams = fields.Optional("grams", request.Grams, 1, MostGrams, "g") ?? batch.Grams;
            if (fields.Problems.Count > 0)
            {
                return Refusal.Fields(fields.Problems);
            }

            // Begun twice, it was begun the first time.
            if (!batch.IsBegun)
            {
                session.Prep.SetBatch(
                    new SetBatchRow(key, batch.Item.ToString(), grams, TastingStore.Written(clock.GetUtcNow()), 1, who)
                );
            }

            return Result.Of(PlanViews.View(session, standards, clock));
        });
}
