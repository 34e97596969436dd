using Krasis.App.Versions;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Versions;

/// <summary>Moves builds from draft to retired, keeps their history, and compares.</summary>
internal sealed class VersionEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var builds = routes.MapGroup("/api/builds/{id}").WithTags("Versions");
        builds
            .MapPost("/state", (string id, MoveRequest move, HttpRequest http, MoveBuild act) =>
                http.IfMatched(expected => act.Run(id, move, expected)).ToOk()
            )
            .WithName(nameof(MoveBuild))
            .WithSummary("Move a build to another state, with a reason. Needs If-Match.")
            .Fails(400, 404, 409, 412, 422, 428);
        builds
            .MapGet("/history", (string id, ReadHistory act) => act.Run(id).ToOk())
            .WithName(nameof(ReadHistory))
            .WithSummary("What happened to a build, the newest first.")
            .Fails(404);
        builds
            .MapGet("/revisions/{version}", (string id, long version, ReadRevision act) => act.Run(id, version).ToOk())
            .WithName(nameof(ReadRevision))
            .WithSummary("A build as it was saved once.")
            .Fails(404);
        builds
            .MapGet("/adjusted", (string id, AdjustStandard act) => act.Run(id).ToOk())
            .WithName(nameof(AdjustStandard))
            .WithSummary(
                "A standard that the bar has moved: as it was published, as the bar pours it now, and written so that it pours what it poured. Of a build that has been changed since, nothing."
            )
            .Fails(404);
        builds
            .MapPost("/merge", (string id, MergeRequest request, MergeBuild act) => act.Run(id, request).ToOk())
            .WithName(nameof(MergeBuild))
            .WithSummary("Lay what somebody has made of a build on what is kept by now. Nothing is kept.")
            .Fails(400, 404, 413, 422);
        var versions = routes.MapGroup("/api").WithTags("Versions");
        versions
            .MapGet("/diff", (string from, string to, CompareVersions act) => act.Run(from, to).ToOk())
            .WithName(nameof(CompareVersions))
            .WithSummary(
                "How two builds, or two versions of one, differ: from=ID@now, ID@v3 (a save) or ID@s1 (a standard), and to= likewise."
            )
            .Fails(404);
        versions
            .MapGet("/compare", (string[] side, CompareBuilds act) => act.Run(side).ToOk())
            .WithName(nameof(CompareBuilds))
            .WithSummary(
                "Two to six builds, versions or sizes side by side: side=ID@now@CUP, ID@v3 (a save) or ID@s1 (a standard), the cup left out for the reference."
            )
            .Fails(404, 422);
        versions
            .MapGet("/standards/moved", (ReadMovedStandards act) => act.Run().ToOk())
            .WithName(nameof(ReadMovedStandards))
            .WithSummary("The standards that the bar has moved since they were published.");
    }
}
