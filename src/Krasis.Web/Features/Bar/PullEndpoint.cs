using Krasis.App.Bar;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Bar;

/// <summary>Judges a pull.</summary>
internal sealed class PullEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/bar/espresso/{id}/verdict", (string id, PullRequest pull, JudgePull act) =>
                act.Run(id, pull).ToOk()
            )
            .WithName(nameof(JudgePull))
            .WithTags("Bar")
            .WithSummary("Say what is to be said of a pull by its recipe. Nothing is kept.")
            .Fails(400, 404, 413, 422);
}
