using Krasis.App.Standards;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Standards;

/// <summary>Publishes builds, and reads what was published.</summary>
internal sealed class StandardEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var standards = routes.MapGroup("/api/builds/{id}/standards").WithTags("Standards");
        standards
            .MapPost("/", (string id, PublishRequest publish, HttpRequest http, PublishBuild act) =>
                http.IfMatched(expected => act.Run(id, publish, expected))
                    .ToCreated(view => $"/api/builds/{view.BuildId}/standards/{view.Number}")
            )
            .WithName(nameof(PublishBuild))
            .WithSummary("Publish a build as it is, with the facts that it rests on. Needs If-Match.")
            .Fails(400, 404, 409, 412, 422, 428);
        standards
            .MapGet("/", (string id, ListStandards act) => act.Run(id).ToOk())
            .WithName(nameof(ListStandards))
            .WithSummary("The standards of a build, the newest first.");
        standards
            .MapGet("/next", (string id, CheckPublishing act) => act.Run(id).ToOk())
            .WithName(nameof(CheckPublishing))
            .WithSummary(
                "What stands against publishing a build now, what is not known of it, and what is different from its last standard."
            )
            .Fails(404);
        standards
            .MapGet("/{number:long}", (string id, long number, ReadStandard act) => act.Run(id, number).ToOk())
            .WithName(nameof(ReadStandard))
            .WithSummary("One standard, worked out with the facts of its day.")
            .Fails(404);
    }
}
