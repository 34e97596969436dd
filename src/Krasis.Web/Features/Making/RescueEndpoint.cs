using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Says what can still be made of a drink that something went wrong with.</summary>
public static class RescueEndpoint
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/rescue", Find)
            .WithTags("Making")
            .WithSummary(
                "Say how a drink is still made of what is in the cup, so that it fits and tastes as the house allows, or that it must be begun again. Nothing is kept."
            )
            .Fails(400, 404, 409, 413, 422);
        routes
            .MapPost("/api/shot", Judge)
            .WithTags("Making")
            .WithSummary(
                "Say what is to be said of the espresso that has run into a cup, by the recipe of its station. Nothing is kept."
            )
            .Fails(400, 404, 409, 413, 422);
    }

    private static Results<Ok<Rescue>, ProblemResult> Find(RescueRequest request, KrasisFile file)
    {
        var (drink, problem) = file.Read(session =>
            MadeDrink.Find(
                session,
                request.Drink.Build ?? "",
                request.Drink.Standard,
                (request.Drink.Wish ?? new()).Read()
            )
        );
        if (drink is null)
        {
            return problem!;
        }

        var poured = PouredRequest.Read(request.Poured);
        if (!poured.IsRead)
        {
            return ProblemResult.Fields(poured.Problems);
        }

        var rescue = Rescuer.Rescue(
            drink.Build,
            drink.Bar,
            request.Station,
            new CupId(request.Drink.Size ?? ""),
            poured.Value
        );
        return rescue.IsRead ? TypedResults.Ok(rescue.Value) : ProblemResult.Fields(rescue.Problems);
    }

    private static Results<Ok<PullVerdict>, ProblemResult> Judge(ShotRequest request, KrasisFile file)
    {
        var (drink, problem) = file.Read(session =>
            MadeDrink.Find(
                session,
                request.Drink.Build ?? "",
                request.Drink.Standard,
                (request.Drink.Wish ?? new()).Read()
            )
        );
        if (drink is null)
        {
            return problem!;
        }

        var fields = new FieldReader();
        var grams = fields.Number("grams", request.Grams, 1, 300, "g");
        var seconds = fields.Number("seconds", request.Seconds, 1, 200, "s");
        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        var verdict = ShotVerdict.On(
            drink.Build,
            drink.Bar,
            request.Station,
            new CupId(request.Drink.Size ?? ""),
            new PouredLine(new LineId(request.Line ?? ""), Grams.From(grams)),
            seconds
        );
        return verdict.IsRead ? TypedResults.Ok(verdict.Value) : ProblemResult.Fields(verdict.Problems);
    }
}
