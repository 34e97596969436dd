using Krasis.App.Making;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>How a drink is made, to be put on cards and shown at the bar.</summary>
internal sealed class CardsEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet(
                "/api/builds/{id}/cards",
                (string id, long? standard, string? station, [AsParameters] WishQuery wish, ReadCards act) =>
                    act.Run(id, standard, station, wish).ToOk()
            )
            .WithName(nameof(ReadCards))
            .WithTags("Making")
            .WithSummary(
                "How every size of a standard is made at a station, step by step, with the facts that it was published with and as a guest asks for it; a build on trial as it is saved."
            )
            .Fails(404, 409, 422);
}
