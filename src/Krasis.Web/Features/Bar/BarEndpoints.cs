using Krasis.Core.Bar;
using Krasis.Core.Coffee;
using Krasis.Core.Dispensers;
using Krasis.Core.Espresso;
using Krasis.Core.Ingredients;
using Krasis.Core.Milk;
using Krasis.Core.Parts;
using Krasis.Core.Vessels;
using Krasis.Store;
using Krasis.Store.Bar;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Bar;

/// <summary>Reads and changes the bar's facts, each by itself.</summary>
public static class BarEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var bar = routes.MapGroup("/api/bar").WithTags("Bar");
        bar.MapGet("/", Read).WithSummary("All of the bar's facts, each with its ETag.");
        MapKind(bar, FactKinds.Cups, "cup", static (CupDocument document, string id) => document with { Id = id });
        MapKind(bar, FactKinds.Ingredients, "ingredient", static (IngredientDocument document, string id) => document with { Id = id });
        MapKind(bar, FactKinds.Dispensers, "dispenser", static (DispenserDocument document, string id) => document with { Id = id });
        MapKind(bar, FactKinds.Espresso, "espresso recipe", static (EspressoDocument document, string id) => document with { Id = id });
        MapKind(bar, FactKinds.Coffees, "coffee recipe", static (CoffeeBaseDocument document, string id) => document with { Id = id });
        MapKind(bar, FactKinds.Foams, "foam level", static (FoamDocument document, string id) => document with { Id = id });
        MapKind(bar, FactKinds.Pitchers, "pitcher", static (PitcherDocument document, string id) => document with { Id = id });
        MapKind(bar, FactKinds.Parts, "part", static (PartDocument document, string id) => document with { Id = id });
        MapPut(bar, FactKinds.House, "set of house rules", static (HouseDocument document, string _) => document);
    }

    private static Ok<BarView> Read(KrasisFile file) => TypedResults.Ok(file.Read(session =>
    {
        var facts = session.Bar.Facts();
        return new BarView(
            [.. session.Bar.List(FactKinds.Cups).Zip(facts.Cups, (fact, cup) => new CupView(fact.Id, ETags.Of(fact.Version), fact.Document, cup.BrimCapacity, cup.Shape.Capacity))],
            [.. session.Bar.List(FactKinds.Ingredients).Zip(facts.Ingredients, (fact, ingredient) => new IngredientView(fact.Id, ETags.Of(fact.Version), fact.Document, Measures(ingredient, facts)))],
            [.. session.Bar.List(FactKinds.Dispensers).Zip(facts.Dispensers, (fact, dispenser) => new DispenserView(fact.Id, ETags.Of(fact.Version), fact.Document, dispenser.YieldPerStroke, dispenser.Weighing?.Mean, dispenser.Weighing?.Variation))],
            [.. session.Bar.List(FactKinds.Espresso).Select(View)],
            [.. session.Bar.List(FactKinds.Coffees).Select(fact => new CoffeeView(fact.Id, ETags.Of(fact.Version), fact.Document, facts.CoffeeOf(new IngredientId(fact.Document.Ingredient!))!.Strength))],
            [.. session.Bar.List(FactKinds.Foams).Select(View)],
            [.. session.Bar.List(FactKinds.Pitchers).Select(View)],
            [.. session.Bar.List(FactKinds.Parts).Select(fact => PartView.Of(fact, facts))],
            View(session.Bar.List(FactKinds.House).Single()));
    }));

    /// <summary>The measures in which the bar can say an ingredient.</summary>
    internal static List<MeasureView> Measures(Ingredient ingredient, BarFacts bar) =>
        [.. Dosing.MeasuresFor(ingredient, bar).Select(measure => new MeasureView(measure.Code, measure.Plural))];

    private static FactView<TDocument> View<TDocument>(StoredFact<TDocument> fact)
        where TDocument : class => new(fact.Id, ETags.Of(fact.Version), fact.Document);

    private static void MapKind<TDocument>(RouteGroupBuilder bar, FactKind<TDocument> kind, string what, Func<TDocument, string, TDocument> named)
        where TDocument : class
    {
        bar.MapPost($"/{kind.Name}", (TDocument document, KrasisFile file, HttpResponse response) =>
        {
            var id = Guid.CreateVersion7().ToString();
            return FactChange.Make<TDocument, Created<FactView<TDocument>>>(file, kind, id, what, Add, fact => TypedResults.Created($"/api/bar/{kind.Name}/{id}", Tagged(fact, response)));

            SaveOutcome Add(Session session)
            {
                session.Bar.Add(kind, id, named(document, id));
                return SaveOutcome.Saved;
            }
        }).WithSummary($"Keep a new {what}.").Fails(400, 409, 413, 422);
        MapPut(bar, kind, what, named);
        bar.MapDelete($"/{kind.Name}/{{id}}", Results<NoContent, ProblemResult> (string id, KrasisFile file, HttpRequest request) =>
            ETags.Expected(request) is { } expected
                ? FactChange.Make<TDocument, NoContent>(file, kind, id, what, session => session.Bar.Delete(kind, id, expected), _ => TypedResults.NoContent())
                : ProblemResult.Unconditional())
            .WithSummary($"Remove a {what} that nothing uses. Needs If-Match.").Fails(404, 409, 412, 428);
    }

    private static void MapPut<TDocument>(RouteGroupBuilder bar, FactKind<TDocument> kind, string what, Func<TDocument, string, TDocument> named)
        where TDocument : class => bar
        .MapPut($"/{kind.Name}/{{id}}", Results<Ok<FactView<TDocument>>, ProblemResult> (string id, TDocument document, KrasisFile file, HttpRequest request, HttpResponse response) =>
            ETags.Expected(request) is { } expected
                ? FactChange.Make<TDocument, Ok<FactView<TDocument>>>(file, kind, id, what, session => session.Bar.Update(kind, id, expected, named(document, id)), fact => TypedResults.Ok(Tagged(fact, response)))
                : ProblemResult.Unconditional())
        .WithSummary($"Keep a changed {what}. Needs If-Match.").Fails(400, 404, 409, 412, 413, 422, 428);

    private static FactView<TDocument> Tagged<TDocument>(StoredFact<TDocument>? fact, HttpResponse response)
        where TDocument : class
    {
        var view = View(fact!);
        response.Headers.ETag = view.Etag;
        return view;
    }
}
