using Krasis.App.Files;
using Krasis.Store;
using Krasis.Store.Files;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Files;

/// <summary>Says how the data file is copied, and hands out a copy of everything, as <c>krasis restore</c> takes
/// it.</summary>
internal sealed class CopyEndpoint(KrasisOptions options) : IEndpoints
{
    private const string Type = "application/vnd.sqlite3";

    public void Map(IEndpointRouteBuilder routes)
    {
        var files = routes.MapGroup("/api/files").WithTags("Files");
        files
            .MapGet("", Ok<FilesView> (KrasisFile file) =>
                TypedResults.Ok(
                    new FilesView(
                        file.Path,
                        file.CopiesFolder,
                        options.CopyEvery?.TotalHours,
                        Copies.Timed(file.Path, file.CopiesFolder) is [var newest, ..] ? newest.At : null
                    )
                )
            )
            .WithSummary("Where everything is, and how it is copied.");
        files
            .MapGet("/copy", Copy)
            .WithSummary("A copy of the data file as it is now.")
            .Produces(StatusCodes.Status200OK, contentType: Type)
            .Fails(503);
    }

    private static IResult Copy(KrasisFile file, TimeProvider clock)
    {
        // Of a file that cannot be written any more a copy is wanted all the more.
        if (file.Trouble() is { Trouble: DataFileTrouble.Gone or DataFileTrouble.Damaged } trouble)
        {
            return ProblemResult.Unkept(trouble);
        }

        var made = Path.Combine(Path.GetTempPath(), $"krasis-{Guid.NewGuid():N}.db");
        Copies.Make(file.Path, made);
        var stream = new FileStream(
            made,
            FileMode.Open,
            FileAccess.Read,
            FileShare.Delete,
            bufferSize: 64 * 1024,
            FileOptions.DeleteOnClose
        );
        return Results.Stream(stream, Type, Copies.NameOf(file.Path, clock.GetUtcNow()));
    }
}
