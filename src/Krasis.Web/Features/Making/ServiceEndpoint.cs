using Krasis.App.Making;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>What is on the board, to be chosen from at the bar.</summary>
internal sealed class ServiceEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/service", (string? station, ReadService act) => act.Run(station).ToOk())
            .WithName(nameof(ReadService))
            .WithTags("Making")
            .WithSummary("The published standards that are on the board today and can be made at a station.")
            .Fails(422);
}
