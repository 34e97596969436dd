using System.Text.Json;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Input;
using Krasis.Core.Making;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Store.Makes;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Keeps what was made.</summary>
public static class MakesEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPut("/api/makes/{id}", Keep)
            .WithTags("Making")
            .WithSummary(
                "Keep a make that is over, under an id that the tablet has given it: sent twice it is kept once."
            )
            .Fails(400, 404, 409, 413, 422);

    private static Results<Ok<MadeView>, ProblemResult> Keep(
        string id,
        MakeRequest request,
        KrasisFile file,
        TimeProvider clock
    )
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
            return ProblemResult.Fields(fields.Problems);
        }

        var poured = PouredRequest.Read(request.Poured);
        if (!poured.IsRead)
        {
            return ProblemResult.Fields(poured.Problems);
        }

        var sent = JsonSerializer.Serialize(request);
        return file.Write<Results<Ok<MadeView>, ProblemResult>>(session =>
        {
            if (session.Makes.Sent(id) is { } before && before != sent)
            {
                return ProblemResult.Conflict(
                    "This make has been kept already, otherwise.",
                    "It was finished on another device. What is there stays as it is."
                );
            }

            var (drink, problem) = MadeDrink.Find(
                session,
                request.Drink.Build ?? "",
                request.Drink.Standard,
                (request.Drink.Wish ?? new()).Read()
            );
            if (drink is null)
            {
                return problem!;
            }

            var size = new CupId(request.Drink.Size ?? "");
            var taste = PouredTaste.Of(drink.Build, drink.Bar, request.Station, size, poured.Value);
            if (!taste.IsRead)
            {
                return ProblemResult.Fields(taste.Problems);
            }

            var plan = Planner.Plan(drink.Build, drink.Bar, request.Station).Value.Single(each => each.Size == size);
            if (session.Makes.Sent(id) is null)
            {
                session.Makes.Add(
                    new StoredMake(
                        id,
                        drink.Id,
                        drink.Build.Name,
                        drink.Standard,
                        plan.Station,
                        size.Value,
                        plan.SizeName,
                        who,
                        Begun(request.StartedAt!.Value, seconds, clock.GetUtcNow()),
                        seconds,
                        request.IsDone,
                        request.IsDone ? taste.Value.Strength : null,
                        request.IsDone ? taste.Value.Sweetness : null,
                        request.IsDone ? taste.Value.IsAllowed : null,
                        sent,
                        [.. request.Poured.Select(entry => Step(entry, plan, drink, request.Station))]
                    )
                );
            }

            return TypedResults.Ok(new MadeView(id, request.IsDone ? taste.Value : null));
        });
    }

    // What is still to come cannot have been: the tablet's clock is ahead, and it was begun as long ago as it took.
    private static DateTimeOffset Begun(DateTimeOffset said, double seconds, DateTimeOffset now) =>
        said <= now ? said : now.AddSeconds(-seconds);

    private static PouredStep Step(PouredRequest poured, MakingPlan plan, MadeDrink drink, string? station)
    {
        var grams = Grams.From(poured.Grams!.Value);
        var step = plan.Steps.First(each => each.Line?.Value == poured.Line);
        return new PouredStep(
            step.Line!.Value,
            step.Title,
            step.Dispenser,
            step.Shot?.Recipe,
            poured.Target is { } target ? Grams.From(target) : step.Target!.Grams,
            grams,
            poured.Seconds,
            poured.Celsius is { } warm ? Celsius.From(warm) : null,
            step.Target!.IsMet(grams) && (poured.Seconds is not { } ran || IsGood(ran))
        );

        // What has run for no time at all has not been timed.
        bool IsGood(double seconds) =>
            seconds <= 0
            || step.Shot is null
            || ShotVerdict.On(
                drink.Build,
                drink.Bar,
                station,
                plan.Size,
                new PouredLine(step.Line!.Value, grams),
                seconds
            )
                is { IsRead: true, Value.IsGood: true };
    }
}
