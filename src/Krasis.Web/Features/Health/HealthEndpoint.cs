using Krasis.Store;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Health;

/// <summary>Says whether the program works, its data file included.</summary>
public static class HealthEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) => routes
        .MapGet("/health", Ok<HealthView> (KrasisFile file) =>
            TypedResults.Ok(new HealthView("ok", file.Read(session => session.Builds.List().Count))))
        .WithTags("Health");
}
