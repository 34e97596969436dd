using Krasis.App.Pantry;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Pantry;

/// <summary>The starter pantry: generic ingredients to begin from.</summary>
internal sealed class PantryEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/pantry", (ReadPantry act) => act.Run().ToOk())
            .WithName(nameof(ReadPantry))
            .WithTags("Bar")
            .WithSummary(
                "Generic ingredients to begin from, each value with its source. They are no part of the bar until they are added to it."
            );
}
