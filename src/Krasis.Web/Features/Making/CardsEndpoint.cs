using Krasis.Core.Making;
using Krasis.Core.Making.Pouring;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>How a drink is made, to be put on cards and shown at the bar.</summary>
public static class CardsEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/builds/{id}/cards", Read)
            .WithTags("Making")
            .WithSummary(
                "How every size of a standard is made at a station, step by step, with the facts that it was published with and as a guest asks for it; a build on trial as it is saved."
            )
            .Fails(404, 409, 422);

    private static Results<Ok<CardsView>, ProblemResult> Read(
        string id,
        long? standard,
        string? station,
        string? milk,
        double? sweet,
        int? shots,
        bool? decaf,
        bool? noTop,
        KrasisFile file
    )
    {
        var wish = new WishQuery
        {
            Milk = milk,
            Sweet = sweet,
            Shots = shots,
            Decaf = decaf,
            NoTop = noTop,
        }.Read();
        var (drink, problem) = file.Read(session => MadeDrink.Find(session, id, standard, wish));
        if (drink is null)
        {
            return problem!;
        }

        var plans = Planner.Plan(drink.Build, drink.Bar, station);
        return plans.IsRead
            ? TypedResults.Ok(
                new CardsView(
                    id,
                    drink.Build.Name,
                    drink.Standard,
                    drink.At,
                    drink.IsLast,
                    drink.State,
                    station ?? drink.Bar.Station?.Id,
                    [.. drink.Bar.Stations.Select(known => new StationName(known.Id, known.Name))],
                    drink.Wishes,
                    PourLimits.All,
                    drink.Changes,
                    plans.Value
                )
            )
            : ProblemResult.Fields(plans.Problems);
    }
}
