using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Seeking;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.Standards;
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
        builds
            .MapGet("/", List)
            .WithSummary(
                "The builds by name, as a list shows them, worked out with the bar's facts of today. Has an ETag for If-None-Match."
            );
        builds
            .MapGet("/search", Search)
            .WithSummary(
                "The builds that have every word, contain an allergen or are without one as far as is known, and why; what is not known stands last."
            );
        builds
            .MapGet("/deleted", ListDeleted)
            .WithSummary("The deleted builds that can be restored, the last deleted first.");
        builds.MapGet("/blank", Blank).WithSummary("A build to start from. Nothing is kept.");
        builds.MapGet("/{id}", Read).WithSummary("One build, with its ETag.").Fails(404);
        builds
            .MapPost("/", Create)
            .WithSummary(
                "Keep a new build; byItself says that the page has done so without being asked, and asked is the id that it is to have, so that it can be asked for again when the answer was lost."
            )
            .Fails(400, 409, 413, 422);
        builds
            .MapPut("/{id}", Update)
            .WithSummary(
                "Keep a changed build. Needs If-Match; byItself says that the page has done so without being asked."
            )
            .Fails(400, 404, 412, 413, 422, 428);
        builds
            .MapDelete("/{id}", Delete)
            .WithSummary("Delete a build. Needs If-Match; it can be restored.")
            .Fails(404, 412, 428);
        builds.MapPost("/{id}/restore", Restore).WithSummary("Take a deletion back.").Fails(404, 409);
    }

    private static Results<Ok<IReadOnlyList<BuildSummary>>, StatusCodeHttpResult> List(
        Library library,
        TimeProvider clock,
        HttpRequest request,
        HttpResponse response
    )
    {
        var shelf = library.On(clock.Today());
        response.Headers.ETag = shelf.Tag;
        response.Headers.CacheControl = "no-cache";
        return request.Headers.IfNoneMatch.Contains(shelf.Tag)
            ? TypedResults.StatusCode(StatusCodes.Status304NotModified)
            : TypedResults.Ok<IReadOnlyList<BuildSummary>>([.. shelf.Builds.Select(build => build.Row)]);
    }

    private static Ok<IReadOnlyList<FoundBuild>> Search(Library library, TimeProvider clock, string? text = null)
    {
        var query = SeekQuery.Read(text);
        return TypedResults.Ok<IReadOnlyList<FoundBuild>>([
            .. library
                .On(clock.Today())
                .Builds.Select(build => (build.Row.Id, Match: query.Of(build.Sought)))
                .Where(found => found.Match is not null)
                .Select(found => new FoundBuild(found.Id, found.Match!.Why, found.Match.IsKnown))
                .OrderByDescending(found => found.IsKnown),
        ]);
    }

    private static Ok<IReadOnlyList<DeletedBuild>> ListDeleted(KrasisFile file) =>
        TypedResults.Ok<IReadOnlyList<DeletedBuild>>([
            .. file.Read(session => session.Builds.ListDeleted())
                .Select(build => new DeletedBuild(build.Id, build.Document.Name ?? "")),
        ]);

    private static Ok<BuildDocument> Blank(KrasisFile file) =>
        TypedResults.Ok(BlankBuild.For(file.Read(session => session.Bar.Facts())));

    private static Results<Ok<BuildView>, ProblemResult> Read(string id, KrasisFile file, HttpResponse response) =>
        file.Read<Results<Ok<BuildView>, ProblemResult>>(session =>
            session.Builds.Find(id) is { } stored
                ? TypedResults.Ok(View(session, stored, response))
                : ProblemResult.Missing(What)
        );

    private static Results<Created<BuildView>, ProblemResult> Create(
        BuildDocument build,
        KrasisFile file,
        TimeProvider clock,
        HttpResponse response,
        bool byItself = false,
        Guid? asked = null
    )
    {
        var id = (asked ?? Guid.CreateVersion7()).ToString();
        return file.Write<Results<Created<BuildView>, ProblemResult>>(session =>
        {
            var reading = BuildReader.Read(build, session.Bar.Facts());
            if (!reading.IsRead)
            {
                return ProblemResult.Fields(reading.Problems);
            }

            // A page that has not heard the answer asks again under the same id: what is kept already is not kept
            // twice.
            if (session.Builds.Find(id) is { } there)
            {
                return there.IsSame(Tidy(build, reading.Value))
                    ? TypedResults.Created($"/api/builds/{id}", View(session, there, response))
                    : ProblemResult.Conflict(
                        "There is such a build already.",
                        "It has been changed since. Open it, or save this one as another build."
                    );
            }

            if (session.Builds.FindDeleted(id) is not null)
            {
                return ProblemResult.Conflict(
                    "That build has been deleted.",
                    "Bring it back, or save this one as another build."
                );
            }

            session.Builds.Add(id, Tidy(build, reading.Value), clock.GetUtcNow(), byItself);
            return TypedResults.Created($"/api/builds/{id}", View(session, session.Builds.Find(id)!, response));
        });
    }

    private static Results<Ok<BuildView>, ProblemResult> Update(
        string id,
        BuildDocument build,
        KrasisFile file,
        TimeProvider clock,
        HttpRequest request,
        HttpResponse response,
        bool byItself = false
    )
    {
        if (IfMatch.Of(request) is not { } expected)
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

            // A page that saves by itself has not seen that the build is no draft any more.
            if (byItself && session.Builds.Find(id) is { } kept && !BuildLife.MaySaveItself(kept.State))
            {
                return ProblemResult.Stale(What);
            }

            return session.Builds.Update(
                id,
                expected.In(session),
                Tidy(build, reading.Value),
                clock.GetUtcNow(),
                byItself
            ) switch
            {
                SaveOutcome.Saved => TypedResults.Ok(View(session, session.Builds.Find(id)!, response)),

                // What is there is what was to be kept: the answer to an earlier request was lost, and nobody else has
                // changed anything.
                SaveOutcome.Stale
                    when session.Builds.Find(id) is { } there && there.IsSame(Tidy(build, reading.Value)) =>
                    TypedResults.Ok(View(session, there, response)),
                SaveOutcome.Stale => ProblemResult.Stale(What),
                _ => ProblemResult.Missing(What),
            };
        });
    }

    private static Results<NoContent, ProblemResult> Delete(
        string id,
        KrasisFile file,
        TimeProvider clock,
        HttpRequest request
    )
    {
        if (IfMatch.Of(request) is not { } expected)
        {
            return ProblemResult.Unconditional();
        }

        return file.Write(session => session.Builds.Delete(id, expected.In(session), clock.GetUtcNow())) switch
        {
            SaveOutcome.Saved => TypedResults.NoContent(),
            SaveOutcome.Stale => ProblemResult.Stale(What),
            _ => ProblemResult.Missing(What),
        };
    }

    private static Results<Ok<RestoredBuild>, ProblemResult> Restore(
        string id,
        KrasisFile file,
        TimeProvider clock,
        HttpResponse response
    ) =>
        file.Write<Results<Ok<RestoredBuild>, ProblemResult>>(session =>
        {
            if (session.Builds.FindDeleted(id) is not { } deleted)
            {
                return ProblemResult.Missing("deleted build");
            }

            var back = LostFacts.BringBack(session, deleted.Document, clock.GetUtcNow());
            var bar = BarReader.Read(session.Bar.Whole());
            var problems = bar.IsRead ? BuildReader.Read(deleted.Document, session.Bar.Facts()).Problems : bar.Problems;
            if (problems is [var first, ..])
            {
                session.Abandon();
                return ProblemResult.Conflict($"'{deleted.Document.Name}' cannot be restored.", first.Message);
            }

            session.Builds.Restore(id);
            return TypedResults.Ok(new RestoredBuild(View(session, session.Builds.Find(id)!, response), back));
        });

    private static BuildDocument Tidy(BuildDocument document, Build read) => document with { Name = read.Name };

    private static StandardPlace? Place(StoredStandard? standard, StoredBuild build) =>
        standard is null ? null : new StandardPlace(standard.Number, standard.HasChangedIn(build));

    /// <summary>What is said of a move that there is not; null where there is one.</summary>
    internal static ProblemResult? NoSuchMove(StoredBuild build, BuildState to) =>
        BuildLife.CanMove(build.State, to)
            ? null
            : ProblemResult.Conflict(
                $"'{build.Document.Name}' is {BuildLife.Say(build.State)} and cannot become {BuildLife.Say(to)}.",
                $"It can become {BuildLife.SayMoves(build.State)}."
            );

    internal static BuildView View(Session session, StoredBuild stored, HttpResponse response)
    {
        var etag = ETags.Of(stored.Version, session);
        response.Headers.ETag = etag;
        return new BuildView(
            stored.Id,
            etag,
            stored.SavedVersion,
            stored.CreatedAt,
            stored.UpdatedAt,
            stored.State,
            BuildLife.MaySaveItself(stored.State),
            BuildLife.MovesFrom(stored.State),
            Place(session.Standards.Last(stored.Id), stored),
            stored.Document
        );
    }
}
