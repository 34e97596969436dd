using Krasis.Core.Bar.Kinds;
using Krasis.Store;
using Krasis.Store.Bar;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Bar;

/// <summary>Reads, tries and changes the bar's facts, each by itself.</summary>
public static class BarEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var bar = routes.MapGroup("/api/bar").WithTags("Bar");
        bar.MapGet("/", Read).WithSummary("All of the bar's facts, each with its ETag.");
        BarKinds.Each(new Mapping(bar));
    }

    private static Ok<BarView> Read(KrasisFile file, TimeProvider clock) => TypedResults.Ok(file.Read(session => BarView.Of(session, clock.Today())));

    private static void MapKind<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class
    {
        MapPut(bar, kind);
        MapTry(bar, kind);
        if (kind.OnlyId is not null)
        {
            return;
        }

        bar.MapPost($"/{kind.Name}", (TDocument document, KrasisFile file, TimeProvider clock, HttpResponse response) =>
        {
            var id = Guid.CreateVersion7().ToString();
            return FactChange.Make<TDocument, Created<FactView<TDocument>>>(file, kind, id, Add, fact => TypedResults.Created($"/api/bar/{kind.Name}/{id}", Tagged(fact, response)));

            SaveOutcome Add(Session session)
            {
                session.Bar.Add(kind, id, kind.Stamp(null, kind.Named(document, id), clock.Today()));
                return SaveOutcome.Saved;
            }
        }).WithSummary($"Keep a new {kind.What}.").Fails(400, 409, 413, 422);
        bar.MapDelete($"/{kind.Name}/{{id}}", Results<NoContent, ProblemResult> (string id, KrasisFile file, HttpRequest request) =>
            ETags.Expected(request) is { } expected
                ? FactChange.Make<TDocument, NoContent>(file, kind, id, session => session.Bar.Delete(kind, id, expected), _ => TypedResults.NoContent())
                : ProblemResult.Unconditional())
            .WithSummary($"Remove a {kind.What} that nothing uses. Needs If-Match.").Fails(404, 409, 412, 428);
    }

    private static void MapPut<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class => bar
        .MapPut($"/{kind.Name}/{{id}}", Results<Ok<FactView<TDocument>>, ProblemResult> (string id, TDocument document, KrasisFile file, TimeProvider clock, HttpRequest request, HttpResponse response) =>
            ETags.Expected(request) is { } expected
                ? FactChange.Make<TDocument, Ok<FactView<TDocument>>>(file, kind, id, Update(kind, id, expected, document, clock.Today()), fact => TypedResults.Ok(Tagged(fact, response)))
                : ProblemResult.Unconditional())
        .WithSummary($"Keep a changed {kind.What}. Needs If-Match.").Fails(400, 404, 409, 412, 413, 422, 428);

    private static Func<Session, SaveOutcome> Update<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind, string id, long expected, TDocument document, DateOnly today)
        where TDocument : class
        where TMeasured : class => session =>
        {
            var before = session.Bar.List(kind).FirstOrDefault(fact => fact.Id == id)?.Document;
            return session.Bar.Update(kind, id, expected, kind.Stamp(before, kind.Named(document, id), today));
        };

    private static void MapTry<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class => bar
        .MapPost($"/{kind.Name}/try", Results<Ok<Trial<TMeasured>>, ProblemResult> (string? id, TDocument document, KrasisFile file, TimeProvider clock) =>
            FactTrial.Of(file, kind, id, document, clock.Today()) is { } trial ? TypedResults.Ok(trial) : ProblemResult.Missing(kind.What))
        .WithSummary($"What a {kind.What}, perhaps half entered, comes to and what it would do to the builds. Nothing is kept.").Fails(400, 404, 413);

    private static FactView<TDocument> Tagged<TDocument>(StoredFact<TDocument>? fact, HttpResponse response)
        where TDocument : class
    {
        var view = FactView.Of(fact!);
        response.Headers.ETag = view.Etag;
        return view;
    }

    private sealed class Mapping(RouteGroupBuilder bar) : IBarKindVisitor
    {
        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class => MapKind(bar, kind);
    }
}
