using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Health;

/// <summary>Says whether the program works and what is entered is kept: tried by writing.</summary>
internal sealed class HealthEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/health", Results<Ok<HealthView>, ProblemResult> (KrasisFile file) =>
                file.Trouble() is { } trouble
                    ? ProblemResult.Unkept(trouble)
                    : TypedResults.Ok(new HealthView("ok", file.Read(session => session.Builds.Count)))
            )
            .Fails(503, 507)
            .WithTags("Health");
}
