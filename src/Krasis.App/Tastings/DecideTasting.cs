using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Tastings;

/// <summary>Decides a tasting: keeps the one change that follows as the next trial version, or notes that everything stays.</summary>
public sealed class DecideTasting(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id, DecideRequest request)
    {
        var fields = new FieldReader();
        var who = fields.Note("who", request.Who, 80) ?? "";
        var why = fields.Note("why", request.Why) ?? "";
        if (request.ChangesNothing && why.Length == 0)
        {
            fields.Report("why", request.Why, "It is not said why all stays as it is.", "a few words");
        }

        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        return file.Write<Result<Done>>(session =>
            {
                if (session.Tastings.Find(id) is not { } stored)
                {
                    return Refusal.Missing(What);
                }

                var tasted = Tasted.Of(stored);
                if (Outcome.Of(session, tasted) is not { } outcome || stored.State != "closed")
                {
                    return TastingViews.Running("Close it first: who is still tasting may change what is found.");
                }

                // Decided on another device, or the answer to this was lost: what was decided stays.
                if (tasted.Decision is { } before)
                {
                    return before.Why == why && request.ChangesNothing == (before.Build is null)
                        ? default(Done)
                        : Refusal.Conflict("It has been decided already.", before.Says ?? "All stays as it is.");
                }

                var now = clock.GetUtcNow();
                var decision = request.ChangesNothing
                    ? new TastingDecision(
                        now,
                        who,
                        why,
                        null,
                        $"All stays as it is after the tasting of {Outcome.Day(Timestamp.Read(stored.OpenedAt!), clock)}.",
                        null,
                        null,
                        null,
                        null
                    )
                    : Deciding.Change(
                        session,
                        outcome,
                        request,
                        who,
                        why,
                        now,
                        Outcome.Day(Timestamp.Read(stored.OpenedAt!), clock)
                    );
                if (decision is null)
                {
                    session.Abandon();
                    return Refusal.Conflict(
                        "That change is no longer proposed.",
                        "The build, the bar or the answers have changed. Look at the results again."
                    );
                }

                session.Tastings.Decide(id, Tasted.Write(decision));
                return default(Done);
            })
            .Then(_ => TastingViews.Now(file, id));
    }
}
