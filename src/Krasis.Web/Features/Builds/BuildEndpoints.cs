using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Web.Features.Bar;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Builds;

/// <summary>Lists, reads, creates, changes, deletes and restores builds.</summary>
public static class BuildEndpoints
{
    private const string What = "build";

    public static void Map(IEndpointRouteBuilder routes)
    {
        var builds = routes.MapGroup("/api/builds").WithTags("Builds");
        builds.MapGet("/", List).WithSummary("The builds by name, each worked out with the bar's facts of today.");
        builds.MapGet("/deleted", ListDeleted).WithSummary("The deleted builds that can be restored, the last deleted first.");
        builds.MapGet("/blank", Blank).WithSummary("A build to start from. Nothing is kept.");
        builds.MapGet("/{id}", Read).WithSummary("One build, with its ETag.").Fails(404);
        builds.MapPost("/", Create).WithSummary("Keep a new build; byItself says that the page has done so without being asked.").Fails(400, 413, 422);
        builds.MapPut("/{id}", Update).WithSummary("Keep a changed build. Needs If-Match; byItself says that the page has done so without being asked.").Fails(400, 404, 412, 413, 422, 428);
        builds.MapDelete("/{id}", Delete).WithSummary("Delete a build. Needs If-Match; it can be restored.").Fails(404, 412, 428);
        builds.MapPost("/{id}/restore", Restore).WithSummary("Take a deletion back.").Fails(404, 409);
    }

    private static Ok<IReadOnlyList<BuildSummary>> List(KrasisFile file, TimeProvider clock) => Summaries(file, clock.Today(), session => session.Builds.List());

    private static Ok<IReadOnlyList<BuildSummary>> ListDeleted(KrasisFile file, TimeProvider clock) => Summaries(file, clock.Today(), session => session.Builds.ListDeleted());

    private static Ok<IReadOnlyList<BuildSummary>> Summaries(KrasisFile file, DateOnly today, Func<Session, IReadOnlyList<StoredBuild>> list)
    {
        var (bar, builds) = file.Read(session => (session.Bar.Facts(), list(session)));
        var versions = builds.ToDictionary(build => build.Id, build => (double)build.Version);
        var readings = builds.Select(build => BuildReader.Read(build.Document, bar)).ToList();
        var sheets = new Queue<BuildSheet>(Recompute.All([.. readings.Where(reading => reading.IsRead).Select(reading => reading.Value)], bar, sheet => sheet, today));
        return TypedResults.Ok<IReadOnlyList<BuildSummary>>([.. builds.Zip(readings, (build, reading) => new BuildSummary(
            build.Id,
            ETags.Of(build.Version),
            build.UpdatedAt,
            build.Document.Name ?? "",
            build.State,
            build.Document.Tags,
            reading.IsRead && reading.Value.Season is { } season ? BoardDay.Next(season, today) : null,
            build.Document.Parent?.Build,
            build.Document.Parent is { } parent && versions.TryGetValue(parent.Build ?? "", out var version) && version > parent.Version,
            reading.IsRead ? sheets.Dequeue() : null,
            reading.IsRead ? null : reading.Problems[0].Message))]);
    }

    private static Ok<BuildDocument> Blank(KrasisFile file) =>
        TypedResults.Ok(BlankBuild.For(file.Read(session => session.Bar.Facts())));

    private static Results<Ok<BuildView>, ProblemResult> Read(string id, KrasisFile file, HttpResponse response)
    {
        var stored = file.Read(session => session.Builds.Find(id));
        return stored is null ? ProblemResult.Missing(What) : TypedResults.Ok(View(stored, response));
    }

    private static Results<Created<BuildView>, ProblemResult> Create(
        BuildDocument build, KrasisFile file, TimeProvider clock, HttpResponse response, bool byItself = false)
    {
        var id = Guid.CreateVersion7().ToString();
        return file.Write<Results<Created<BuildView>, ProblemResult>>(session =>
        {
            var reading = BuildReader.Read(build, session.Bar.Facts());
            if (!reading.IsRead)
            {
                return ProblemResult.Fields(reading.Problems);
            }

            session.Builds.Add(id, Tidy(build, reading.Value), clock.GetUtcNow(), byItself);
            return TypedResults.Created($"/api/builds/{id}", View(session.Builds.Find(id)!, response));
        });
    }

    private static Results<Ok<BuildView>, ProblemResult> Update(
        string id, BuildDocument build, KrasisFile file, TimeProvider clock, HttpRequest request, HttpResponse response, bool byItself = false)
    {
        if (ETags.Expected(request) is not { } expected)
        {
            return ProblemResult.Unconditional();
        }

        return file.Write<Results<Ok<BuildView>, ProblemResult>>(session =>
        {
            var reading = BuildReader.Read(build, session.Bar.Facts());
            if (!reading.IsRead)
            {
                return ProblemResult.Fields(reading.Problems);
            }

            return session.Builds.Update(id, expected, Tidy(build, reading.Value), clock.GetUtcNow(), byItself) switch
            {
                SaveOutcome.Saved => TypedResults.Ok(View(session.Builds.Find(id)!, response)),
                SaveOutcome.Stale => ProblemResult.Stale(What),
                _ => ProblemResult.Missing(What),
            };
        });
    }

    private static Results<NoContent, ProblemResult> Delete(string id, KrasisFile file, TimeProvider clock, HttpRequest request)
    {
        if (ETags.Expected(request) is not { } expected)
        {
            return ProblemResult.Unconditional();
        }

        return file.Write(session => session.Builds.Delete(id, expected, clock.GetUtcNow())) switch
        {
            SaveOutcome.Saved => TypedResults.NoContent(),
            SaveOutcome.Stale => ProblemResult.Stale(What),
            _ => ProblemResult.Missing(What),
        };
    }

    private static Results<Ok<BuildView>, ProblemResult> Restore(string id, KrasisFile file, HttpResponse response) =>
        file.Write<Results<Ok<BuildView>, ProblemResult>>(session =>
        {
            if (session.Builds.FindDeleted(id) is not { } deleted)
            {
                return ProblemResult.Missing("deleted build");
            }

            // While it was away the bar may have lost what it needs.
            var reading = BuildReader.Read(deleted.Document, session.Bar.Facts());
            if (!reading.IsRead)
            {
                return ProblemResult.Conflict($"'{deleted.Document.Name}' cannot be restored.", reading.Problems[0].Message);
            }

            session.Builds.Restore(id);
            return TypedResults.Ok(View(session.Builds.Find(id)!, response));
        });

    private static BuildDocument Tidy(BuildDocument document, Build read) => document with { Name = read.Name };

    internal static BuildView View(StoredBuild stored, HttpResponse response)
    {
        var etag = ETags.Of(stored.Version);
        response.Headers.ETag = etag;
        return new BuildView(stored.Id, etag, stored.CreatedAt, stored.UpdatedAt, stored.State, stored.Document);
    }
}
