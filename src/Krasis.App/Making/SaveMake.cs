using System.Text.Json;
using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Store;
using Krasis.Store.Makes;

namespace Krasis.App.Making;

/// <summary>Saves a make: who made what, when, and what really went in.</summary>
public sealed class SaveMake(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<MadeView> Run(string id, MakeRequest request)
    {
        var fields = new FieldReader();
        if (GivenId.Refusal("id", id, "No tablet calls a make so.") is { } refusal)
        {
            fields.Take([refusal]);
        }

        var seconds = fields.Number("seconds", request.Seconds, 0, 86_400, "s");
        var who = request.Who?.Trim() is { Length: > 0 } name ? fields.Name("who", name) : null;
        if (request.StartedAt is null)
        {
            fields.Report("startedAt", null, "It is not said when it was begun.", "a moment");
        }

        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        var poured = PouredRequest.Read(request.Poured);
        if (!poured.IsRead)
        {
            return Refusal.Fields(poured.Problems);
        }

        var sent = JsonSerializer.Serialize(request);
        return file.Write(
            session => Prepare(session, id, request, poured.Value, who, seconds, sent),
            (session, prepared) =>
                prepared.Then(made =>
                {
                    if (made.Row is { } row)
                    {
                        session.Makes.Add(row);
                    }

                    return made.View;
                })
        );
    }

    // What is to be kept, none where it has been kept already; and what is answered.
    private Result<(StoredMake? Row, MadeView View)> Prepare(
        Session session,
        string id,
        MakeRequest request,
        IReadOnlyList<PouredLine> poured,
        string? who,
        double seconds,
        string sent
    )
    {
        var before = session.Makes.Sent(id);
        if (before is not null && before != sent)
        {
            return Refusal.Conflict(
                "This make has been kept already, otherwise.",
                "It was finished on another device. What is there stays as it is."
            );
        }

        var (drink, problem) = MadeDrink.Find(session, request.Drink);
        if (drink is null)
        {
            return problem!;
        }

        var size = new CupId(request.Drink.Size ?? "");
        var taste = PouredTaste.Of(
            drink.Build,
            drink.Bar,
            request.Station,
            size,
            [.. poured, .. request.LeftOut.Select(line => new PouredLine(new LineId(line ?? ""), default))]
        );
        if (!taste.IsRead)
        {
            return Refusal.Fields(taste.Problems);
        }

        var plan = drink.PlanAt(request.Station).Value.Single(each => each.Size == size);
        var comes = request.IsDone ? taste.Value : null;
        var row = new StoredMake(
            id,
            drink.Id,
            drink.Build.Name,
            drink.Standard,
            plan.Station,
            request.Station ?? drink.Bar.Station?.Id,
            size.Value,
            plan.SizeName,
            who,
            MakeParts.Begun(request.StartedAt!.Value, seconds, clock.GetUtcNow()),
            seconds,
            request.IsDone,
            comes?.Strength,
            comes?.Sweetness,
            comes?.IsAllowed,
            sent,
            [.. request.Poured.Select(entry => MakeParts.Step(entry, plan, drink, request.Station))]
        );
        return Result.Of((before is null ? row : null, new MadeView(id, comes)));
    }
}
