using Krasis.Core.Input;
using Krasis.Core.Making;
using Krasis.Core.Making.Ordering;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Plans an order of several drinks.</summary>
public static class OrderEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/order", Plan)
            .WithTags("Making")
            .WithSummary(
                "Say in which order the drinks of an order are made, and which of them share a pull or a pitcher. Nothing is kept."
            )
            .Fails(400, 404, 409, 413, 422);

    private static Results<Ok<OrderPlan>, ProblemResult> Plan(OrderRequest request, KrasisFile file)
    {
        if (request.Drinks.Count is 0 or > OrderPlanner.Most)
        {
            return ProblemResult.Fields([
                new(
                    "drinks",
                    null,
                    request.Drinks.Count == 0
                        ? "There is nothing in the order."
                        : $"{request.Drinks.Count} drinks are too many to be made at once.",
                    $"1 to {OrderPlanner.Most} drinks"
                ),
            ]);
        }

        if (request.Drinks.Any(drink => (DrinkRequest?)drink is null))
        {
            return ProblemResult.Fields([
                new("drinks", null, "One of the drinks is nothing.", "a build and a cup for each"),
            ]);
        }

        var (made, bar) = file.Read(session =>
            (
                request
                    .Drinks.Select(drink =>
                        MadeDrink.Find(session, drink.Build ?? "", drink.Standard, (drink.Wish ?? new()).Read())
                    )
                    .ToList(),
                session.Bar.Facts()
            )
        );
        var plans = new List<MakingPlan>();
        foreach (var ((drink, problem), asked) in made.Zip(request.Drinks))
        {
            if (drink is null)
            {
                return problem!;
            }

            var sizes = Planner.Plan(drink.Build, drink.Bar, request.Station);
            if (!sizes.IsRead)
            {
                return ProblemResult.Fields(sizes.Problems);
            }

            if (sizes.Value.FirstOrDefault(plan => plan.Size.Value == asked.Size) is not { } plan)
            {
                return ProblemResult.Fields([
                    new Problem(
                        $"drinks[{plans.Count}].size",
                        asked.Size,
                        $"{drink.Build.Name} is not made in that cup here.",
                        string.Join(", ", sizes.Value.Select(size => size.SizeName))
                    ),
                ]);
            }

            plans.Add(plan);
        }

        var planned = OrderPlanner.Plan(plans, bar.Pitchers, bar.House.Standing);
        return planned.IsRead ? TypedResults.Ok(planned.Value) : ProblemResult.Fields(planned.Problems);
    }
}
