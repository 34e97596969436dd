using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Changing.Starting;
using Krasis.Store;
using Krasis.Store.Bar;
using Krasis.Web.Features.Builds;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Krasis.Web.Seeding;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Bar;

/// <summary>Reads, tries and changes the bar's facts, each by itself.</summary>
public static class BarEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var bar = routes.MapGroup("/api/bar").WithTags("Bar");
        bar.MapGet("/", Read).WithSummary("All of the bar's facts, each with its ETag.");
        bar.MapGet("/removed", ListRemoved)
            .WithSummary("The facts that were removed and can be brought back, the last removed first.");
        bar.MapGet("/house/differences", ListDifferences)
            .WithSummary("The builds whose flavours go in otherwise than the house pours them.");
        bar.MapPost("/missing", AddMissing)
            .WithSummary(
                "Keep something new that is like something of the starter pantry, with its pump if it has one."
            )
            .Fails(400, 409, 413, 422);
        BarKinds.Each(new Mapping(bar));
    }

    private static Ok<BarView> Read(KrasisFile file, TimeProvider clock) =>
        TypedResults.Ok(file.Read(session => BarView.Of(session, clock.Today())));

    private static Ok<IReadOnlyList<RemovedView>> ListRemoved(KrasisFile file) =>
        TypedResults.Ok<IReadOnlyList<RemovedView>>([
            .. file.Read(session => session.Bar.Removed())
                .Select(fact => new RemovedView(
                    fact.Kind,
                    BarKinds.All.First(kind => kind.Name == fact.Kind).What,
                    fact.Id,
                    fact.Name,
                    fact.RemovedAt
                )),
        ]);

    private static Results<Created<FactView<IngredientDocument>>, ProblemResult> AddMissing(
        MissingIngredient missing,
        KrasisFile file,
        TimeProvider clock,
        HttpResponse response
    )
    {
        var id = Guid.CreateVersion7().ToString();
        var made = missing.Make(Seeder.Load(Seeder.Starter, clock.Today()).Bar.Ingredients, id);
        return !made.IsRead
            ? ProblemResult.Fields(made.Problems)
            : FactChange.Make<IngredientDocument, Created<FactView<IngredientDocument>>>(
                file,
                BarKinds.Ingredients,
                id,
                Add,
                (fact, session) => TypedResults.Created($"/api/bar/ingredients/{id}", Tagged(fact, session, response))
            );

        SaveOutcome Add(Session session)
        {
            session.Bar.Add(BarKinds.Ingredients, id, made.Value.Ingredient, clock.GetUtcNow());
            if (made.Value.Pump is { } pump)
            {
                session.Bar.Add(BarKinds.Dispensers, pump.Id!, pump, clock.GetUtcNow());
            }

            return SaveOutcome.Saved;
        }
    }

    private static Ok<IReadOnlyList<HouseDifference>> ListDifferences(KrasisFile file, TimeProvider clock)
    {
        var (bar, builds) = file.Read(session => (session.Bar.Facts(), session.Builds.List()));
        return TypedResults.Ok(
            HouseDifferences.Of(
                [
                    .. builds
                        .Where(build => build.State != BuildState.Retired)
                        .Select(build => (build.Id, build.Document)),
                ],
                bar,
                clock.Today()
            )
        );
    }

    private static void MapKind<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class
    {
        MapPut(bar, kind);
        MapTry(bar, kind);
        bar.MapGet(
                $"/{kind.Name}/{{id}}/history",
                Results<Ok<IReadOnlyList<FactVersion<TDocument>>>, ProblemResult> (string id, KrasisFile file) =>
                    file.Read(session => (Versions: session.Bar.History(kind, id), Bar: session.Bar.Whole()))
                        is { Versions.Count: > 0 } found
                        ? TypedResults.Ok(Versions(found.Versions, found.Bar))
                        : ProblemResult.Missing(kind.What)
            )
            .WithSummary($"The versions of a {kind.What}, the newest first.")
            .Fails(404);
        if (kind.OnlyId is not null)
        {
            return;
        }

        bar.MapPost($"/{kind.Name}", (TDocument document, KrasisFile file, TimeProvider clock, HttpResponse response) =>
            {
                var id = Guid.CreateVersion7().ToString();
                return FactChange.Make<TDocument, Created<FactView<TDocument>>>(file, kind, id, Add, (fact, session) =>
                    TypedResults.Created($"/api/bar/{kind.Name}/{id}", Tagged(fact, session, response))
                );

                SaveOutcome Add(Session session)
                {
                    session.Bar.Add(
                        kind,
                        id,
                        kind.Stamp(null, kind.Named(document, id), clock.Today()),
                        clock.GetUtcNow()
                    );
                    return SaveOutcome.Saved;
                }
            })
            .WithSummary($"Keep a new {kind.What}.")
            .Fails(400, 409, 413, 422);
        bar.MapDelete(
                $"/{kind.Name}/{{id}}",
                Results<NoContent, ProblemResult> (
                    string id,
                    KrasisFile file,
                    TimeProvider clock,
                    HttpRequest request
                ) =>
                    IfMatch.Of(request) is { } expected
                        ? FactChange.Make<TDocument, NoContent>(
                            file,
                            kind,
                            id,
                            session => session.Bar.Delete(kind, id, expected.In(session), clock.GetUtcNow()),
                            (_, _) => TypedResults.NoContent()
                        )
                        : ProblemResult.Unconditional()
            )
            .WithSummary($"Remove a {kind.What} that nothing uses. Needs If-Match; it can be brought back.")
            .Fails(404, 409, 412, 428);
        bar.MapPost(
                $"/{kind.Name}/{{id}}/restore",
                (string id, KrasisFile file, TimeProvider clock, HttpResponse response) =>
                    FactChange.Make<TDocument, Ok<FactView<TDocument>>>(
                        file,
                        kind,
                        id,
                        session => session.Bar.Restore(kind, id, clock.GetUtcNow()),
                        (fact, session) => TypedResults.Ok(Tagged(fact, session, response))
                    )
            )
            .WithSummary($"Bring a removed {kind.What} back as it was last.")
            .Fails(404, 409, 422);
    }

    private static IReadOnlyList<FactVersion<TDocument>> Versions<TDocument>(
        IReadOnlyList<FactRevision<TDocument>> revisions,
        BarDocument bar
    )
        where TDocument : class =>
        [
            .. revisions.Select(
                (revision, i) =>
                    new FactVersion<TDocument>(
                        revision.Version,
                        revision.SavedAt,
                        revision.Document,
                        revision.Document is { } after
                        && revisions.Skip(i + 1).FirstOrDefault(earlier => earlier.Document is not null)?.Document
                            is { } before
                            ? FactDiff.Between(before, after, bar)
                            : []
                    )
            ),
        ];

    private static void MapPut<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class =>
        bar.MapPut(
                $"/{kind.Name}/{{id}}",
                Results<Ok<FactView<TDocument>>, ProblemResult> (
                    string id,
                    TDocument document,
                    KrasisFile file,
                    TimeProvider clock,
                    HttpRequest request,
                    HttpResponse response
                ) =>
                    IfMatch.Of(request) is { } expected
                        ? FactChange.Make<TDocument, Ok<FactView<TDocument>>>(
                            file,
                            kind,
                            id,
                            Update(kind, id, expected, document, clock),
                            (fact, session) => TypedResults.Ok(Tagged(fact, session, response))
                        )
                        : ProblemResult.Unconditional()
            )
            .WithSummary($"Keep a changed {kind.What}. Needs If-Match.")
            .Fails(400, 404, 409, 412, 413, 422, 428);

    private static Func<Session, SaveOutcome> Update<TDocument, TMeasured>(
        BarKind<TDocument, TMeasured> kind,
        string id,
        IfMatch expected,
        TDocument document,
        TimeProvider clock
    )
        where TDocument : class
        where TMeasured : class =>
        session =>
        {
            var before = session.Bar.List(kind).FirstOrDefault(fact => fact.Id == id)?.Document;
            return session.Bar.Update(
                kind,
                id,
                expected.In(session),
                kind.Stamp(before, kind.Named(document, id), clock.Today()),
                clock.GetUtcNow()
            );
        };

    private static void MapTry<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class =>
        bar.MapPost(
                $"/{kind.Name}/try",
                Results<Ok<Trial<TMeasured>>, ProblemResult> (
                    string? id,
                    TDocument document,
                    KrasisFile file,
                    Library library,
                    TimeProvider clock
                ) =>
                    FactTrial.Of(file, library, kind, id, document, clock.Today()) is { } trial
                        ? TypedResults.Ok(trial)
                        : ProblemResult.Missing(kind.What)
            )
            .WithSummary(
                $"What a {kind.What}, perhaps half entered, comes to and what it would do to the builds. Nothing is kept."
            )
            .Fails(400, 404, 413);

    private static FactView<TDocument> Tagged<TDocument>(
        StoredFact<TDocument>? fact,
        Session session,
        HttpResponse response
    )
        where TDocument : class
    {
        var view = FactView.Of(fact!, session);
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
