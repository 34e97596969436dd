using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
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
        MapKind(bar, BarKinds.Cups);
        MapKind(bar, BarKinds.Ingredients);
        MapKind(bar, BarKinds.Dispensers);
        MapKind(bar, BarKinds.Espresso);
        MapKind(bar, BarKinds.Coffees);
        MapKind(bar, BarKinds.Foams);
        MapKind(bar, BarKinds.Pitchers);
        MapKind(bar, BarKinds.Parts);
        MapKind(bar, BarKinds.Stations);
        MapPut(bar, BarKinds.House);
        MapTry(bar, BarKinds.House);
    }

    private static Ok<BarView> Read(KrasisFile file, TimeProvider clock) => TypedResults.Ok(file.Read(session =>
    {
        var facts = session.Bar.Facts();
        var bench = new Bench(facts, true, clock.Today());
        return new BarView(
            Measured(session, BarKinds.Cups, bench),
            Pourable(session, BarKinds.Ingredients, bench),
            Measured(session, BarKinds.Dispensers, bench),
            Measured(session, BarKinds.Espresso, bench),
            Measured(session, BarKinds.Coffees, bench),
            Measured(session, BarKinds.Foams, bench),
            [.. session.Bar.List(FactKinds.Pitchers).Select(View)],
            Pourable(session, BarKinds.Parts, bench),
            [.. session.Bar.List(FactKinds.Stations).Select(View)],
            View(session.Bar.List(FactKinds.House).Single()),
            RulesView.Of(facts.House),
            LineWords.All,
            bench.Today);
    }));

    private static List<MeasuredView<TDocument, TMeasured>> Measured<TDocument, TMeasured>(Session session, BarKind<TDocument, TMeasured> kind, Bench bench)
        where TDocument : class
        where TMeasured : class =>
        [.. session.Bar.List(kind.Kind).Select(fact => new MeasuredView<TDocument, TMeasured>(fact.Id, ETags.Of(fact.Version), fact.Document, kind.Measure(fact.Document, bench)!))];

    private static List<PourableView<TDocument, TMeasured>> Pourable<TDocument, TMeasured>(Session session, BarKind<TDocument, TMeasured> kind, Bench bench)
        where TDocument : class
        where TMeasured : class =>
        [.. session.Bar.List(kind.Kind).Select(fact => new PourableView<TDocument, TMeasured>(
            fact.Id,
            ETags.Of(fact.Version),
            fact.Document,
            [.. Dosing.MeasuresFor(bench.Bar.Find(new IngredientId(fact.Id))!, bench.Bar).Select(measure => new MeasureView(measure.Code, measure.Plural))],
            [.. bench.Bar.RecipesOf(new IngredientId(fact.Id)).Select(recipe => new ChoiceView(recipe.Id, recipe.Name))],
            kind.Measure(fact.Document, bench)!))];

    private static FactView<TDocument> View<TDocument>(StoredFact<TDocument> fact)
        where TDocument : class => new(fact.Id, ETags.Of(fact.Version), fact.Document);

    private static void MapKind<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class
    {
        bar.MapPost($"/{kind.Kind.Name}", (TDocument document, KrasisFile file, TimeProvider clock, HttpResponse response) =>
        {
            var id = Guid.CreateVersion7().ToString();
            return FactChange.Make<TDocument, Created<FactView<TDocument>>>(file, kind.Kind, id, kind.What, Add, fact => TypedResults.Created($"/api/bar/{kind.Kind.Name}/{id}", Tagged(fact, response)));

            SaveOutcome Add(Session session)
            {
                session.Bar.Add(kind.Kind, id, kind.Stamp(null, kind.Named(document, id), clock.Today()));
                return SaveOutcome.Saved;
            }
        }).WithSummary($"Keep a new {kind.What}.").Fails(400, 409, 413, 422);
        MapPut(bar, kind);
        MapTry(bar, kind);
        bar.MapDelete($"/{kind.Kind.Name}/{{id}}", Results<NoContent, ProblemResult> (string id, KrasisFile file, HttpRequest request) =>
            ETags.Expected(request) is { } expected
                ? FactChange.Make<TDocument, NoContent>(file, kind.Kind, id, kind.What, session => session.Bar.Delete(kind.Kind, id, expected), _ => TypedResults.NoContent())
                : ProblemResult.Unconditional())
            .WithSummary($"Remove a {kind.What} that nothing uses. Needs If-Match.").Fails(404, 409, 412, 428);
    }

    private static void MapPut<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class => bar
        .MapPut($"/{kind.Kind.Name}/{{id}}", Results<Ok<FactView<TDocument>>, ProblemResult> (string id, TDocument document, KrasisFile file, TimeProvider clock, HttpRequest request, HttpResponse response) =>
            ETags.Expected(request) is { } expected
                ? FactChange.Make<TDocument, Ok<FactView<TDocument>>>(file, kind.Kind, id, kind.What, Update(kind, id, expected, document, clock.Today()), fact => TypedResults.Ok(Tagged(fact, response)))
                : ProblemResult.Unconditional())
        .WithSummary($"Keep a changed {kind.What}. Needs If-Match.").Fails(400, 404, 409, 412, 413, 422, 428);

    private static Func<Session, SaveOutcome> Update<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind, string id, long expected, TDocument document, DateOnly today)
        where TDocument : class
        where TMeasured : class => session =>
        {
            var before = session.Bar.List(kind.Kind).FirstOrDefault(fact => fact.Id == id)?.Document;
            return session.Bar.Update(kind.Kind, id, expected, kind.Stamp(before, kind.Named(document, id), today));
        };

    private static void MapTry<TDocument, TMeasured>(RouteGroupBuilder bar, BarKind<TDocument, TMeasured> kind)
        where TDocument : class
        where TMeasured : class => bar
        .MapPost($"/{kind.Kind.Name}/try", Results<Ok<Trial<TMeasured>>, ProblemResult> (string? id, TDocument document, KrasisFile file, TimeProvider clock) =>
            FactTrial.Of(file, kind, id, document, clock.Today()) is { } trial ? TypedResults.Ok(trial) : ProblemResult.Missing(kind.What))
        .WithSummary($"What a {kind.What}, perhaps half entered, comes to and what it would do to the builds. Nothing is kept.").Fails(400, 404, 413);

    private static FactView<TDocument> Tagged<TDocument>(StoredFact<TDocument>? fact, HttpResponse response)
        where TDocument : class
    {
        var view = View(fact!);
        response.Headers.ETag = view.Etag;
        return view;
    }
}
