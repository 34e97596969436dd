using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Plans;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Notes that work on a batch has begun.</summary>
public sealed class BeginBatch(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const double MostGrams = 1_000_000;

    /// <summary>Notes it. Begun twice, it was begun the first time.</summary>
    public Result<PrepPlanView> Run(string key, BeginRequest request)
    {
        var fields = new FieldReader();
        var who = fields.Note("who", request.Who, 80);
        var grams = fields.Optional("grams", request.Grams, 1, MostGrams, "g");
        return fields.Problems.Count > 0
            ? Refusal.Fields(fields.Problems)
            : file.Write(
                    session => BatchParts.Find(session, Kitchen.Of(session, standards, clock), key),
                    (session, batch) => batch is null ? BatchParts.NotThere(session, key) : Keep(session, batch)
                )
                .Then(_ => file.Read(session => PlanViews.View(session, standards, clock)));

        Result<Done> Keep(Session session, PlannedBatch batch)
        {
            if (!batch.IsBegun)
            {
                var now = Timestamp.Write(clock.GetUtcNow());
                session.Prep.SetBatch(new SetBatchRow(key, batch.Item.ToString(), grams ?? batch.Grams, now, 1, who));
            }

            return Result.Done;
        }
    }
}
