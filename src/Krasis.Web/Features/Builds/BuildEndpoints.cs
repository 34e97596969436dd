using Krasis.App.Builds;
using Krasis.Core.Builds;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Krasis.Web.Features.Builds;

/// <summary>Lists, reads, creates, changes, deletes and restores builds.</summary>
internal sealed class BuildEndpoints(Library library, TimeProvider clock, IOptions<JsonOptions> json) : IEndpoints
{
    private readonly ListedBuilds list = new(library, clock, json);

    public void Map(IEndpointRouteBuilder routes)
    {
        var builds = routes.MapGroup("/api/builds").WithTags("Builds");
        builds
            .MapGet("/", (HttpRequest request, HttpResponse response) => list.Answer(request, response))
            .Produces<IReadOnlyList<BuildSummary>>()
            .Produces(StatusCodes.Status304NotModified)
            .WithSummary(
                "The builds by name, as a list shows them, worked out with the bar's facts of today. Has an ETag for If-None-Match."
            );
        builds
            .MapGet("/search", (SearchBuilds act, string? text = null) => act.Run(text).ToOk())
            .WithName(nameof(SearchBuilds))
            .WithSummary(
                "The builds that have every word, contain an allergen or are without one as far as is known, and why; what is not known stands last."
            );
        builds
            .MapGet("/deleted", (ListDeletedBuilds act) => act.Run().ToOk())
            .WithName(nameof(ListDeletedBuilds))
            .WithSummary("The deleted builds that can be restored, the last deleted first.");
        builds
            .MapGet("/blank", (ReadBlankBuild act) => act.Run().ToOk())
            .WithName(nameof(ReadBlankBuild))
            .WithSummary("A build to start from. Nothing is kept.");
        builds
            .MapGet("/{id}", (string id, ReadBuild act) => act.Run(id).ToOk())
            .WithName(nameof(ReadBuild))
            .WithSummary("One build, with its ETag.")
            .Fails(404);
        builds
            .MapPost(
                "/",
                (
                    BuildDocument build,
                    CreateBuild act,
                    bool byItself = false,
                    Guid? asked = null,
                    string? page = null
                ) => act.Run(build, byItself, asked, page).ToCreated(kept => $"/api/builds/{kept.Id}")
            )
            .WithName(nameof(CreateBuild))
            .WithSummary(
                "Keep a new build; byItself says that the page has done so without being asked, and asked is the id that it is to have, so that it can be asked for again when the answer was lost."
            )
            .Fails(400, 409, 413, 422);
        builds
            .MapPut(
                "/{id}",
                (
                    string id,
                    BuildDocument build,
                    HttpRequest http,
                    SaveBuild act,
                    bool byItself = false,
                    string? page = null
                ) => http.IfMatched(expected => act.Run(id, build, expected, byItself, page)).ToOk()
            )
            .WithName(nameof(SaveBuild))
            .WithSummary(
                "Keep a changed build. Needs If-Match; byItself says that the page has done so without being asked."
            )
            .Fails(400, 404, 412, 413, 422, 428);
        builds
            .MapPut(
                "/{id}/merged",
                (string id, MergedBuild merged, HttpRequest http, SaveBuild act, string? page = null) =>
                    http.IfMatched(expected => act.RunMerged(id, merged, expected, page)).ToOk()
            )
            .WithName("SaveMergedBuild")
            .WithSummary(
                "Keep a build in which two people's changes were put together. Needs If-Match; what the one who merged had is kept in the history before it."
            )
            .Fails(400, 404, 412, 413, 422, 428);
        builds
            .MapDelete("/{id}", (string id, HttpRequest http, DeleteBuild act) =>
                http.IfMatched(expected => act.Run(id, expected)).ToNoContent()
            )
            .WithName(nameof(DeleteBuild))
            .WithSummary("Delete a build. Needs If-Match; it can be restored.")
            .Fails(404, 412, 428);
        builds
            .MapPost("/{id}/restore", (string id, RestoreBuild act) => act.Run(id).ToOk())
            .WithName(nameof(RestoreBuild))
            .WithSummary("Take a deletion back.")
            .Fails(404, 409);
    }
}
