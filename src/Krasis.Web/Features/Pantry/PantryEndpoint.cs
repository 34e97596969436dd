using Krasis.Core.Bar.Ingredients;
using Krasis.Web.Hosting;
using Krasis.Web.Seeding;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Pantry;

/// <summary>The starter pantry: generic ingredients to begin from.</summary>
public static class PantryEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/pantry", Read)
            .WithTags("Bar")
            .WithSummary(
                "Generic ingredients to begin from, each value with its source. They are no part of the bar until they are added to it."
            );

    private static Ok<IReadOnlyList<IngredientDocument>> Read(TimeProvider clock) =>
        TypedResults.Ok(Seeder.Load(Seeder.Starter, clock.Today()).Bar.Ingredients);
}
