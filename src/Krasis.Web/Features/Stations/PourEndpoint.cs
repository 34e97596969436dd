using Krasis.App.Stations;
using Krasis.Core.Builds;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Stations;

/// <summary>Says how a build is poured at the other stations. Nothing is kept.</summary>
internal sealed class PourEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/pour", (BuildDocument build, PourAtStations act) => act.Run(build).ToOk())
            .WithName(nameof(PourAtStations))
            .WithTags("Mixing")
            .WithSummary("How a build is poured at every station but the one where standards are set.")
            .Fails(400, 413, 422);
}
