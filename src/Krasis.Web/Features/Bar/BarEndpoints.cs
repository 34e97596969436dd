using Krasis.App.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Changing.Starting;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Bar;

/// <summary>Reads, tries and changes the bar's facts, each on its own.</summary>
internal sealed class BarEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var bar = routes.MapGroup("/api/bar").WithTags("Bar");
        bar.MapGet("/", (ReadBar read) => read.Run().ToOk())
            .WithName(nameof(ReadBar))
            .WithSummary("All of the bar's facts, each with its ETag.");
        bar.MapGet("/removed", (ListRemovedFacts list) => list.Run().ToOk())
            .WithName(nameof(ListRemovedFacts))
            .WithSummary("The facts that were removed and can be brought back, the last removed first.");
        bar.MapGet("/house/differences", (ListHouseDifferences list) => list.Run().ToOk())
            .WithName(nameof(ListHouseDifferences))
            .WithSummary("The builds whose flavours go in otherwise than the house pours them.");
        bar.MapPost("/missing", (MissingIngredient missing, AddMissingIngredient add) =>
                add.Run(missing).ToCreated(fact => $"/api/bar/ingredients/{fact.Id}")
            )
            .WithName(nameof(AddMissingIngredient))
            .WithSummary(
                "Keep something new that is like something of the starter pantry, with its pump if it has one."
            )
            .Fails(400, 409, 413, 422);
        BarKinds.Each(new Mapping(bar));
    }

    private sealed class Mapping(RouteGroupBuilder bar) : IBarKindVisitor
    {
        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            MapFact(kind);
            if (kind.OnlyId is null)
            {
                MapList(kind);
            }
        }

        private void MapFact<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            bar.MapPut($"/{kind.Name}/{{id}}", (string id, TDocument document, HttpRequest http, ChangeFact change) =>
                    http.IfMatched(expected => change.Save(kind, id, document, expected)).ToOk()
                )
                .WithName($"Save_{kind.Name}")
                .WithSummary($"Keep a changed {kind.What}. Needs If-Match.")
                .Fails(400, 404, 409, 412, 413, 422, 428);
            bar.MapPost($"/{kind.Name}/try", (string? id, TDocument document, TryFact attempt) =>
                    attempt.Run(kind, id, document).ToOk()
                )
                .WithName($"Try_{kind.Name}")
                .WithSummary(
                    $"What a {kind.What}, perhaps half entered, comes to and what it would do to the builds. Nothing is kept."
                )
                .Fails(400, 404, 413);
            bar.MapGet($"/{kind.Name}/{{id}}/history", (string id, ReadFactHistory read) => read.Run(kind, id).ToOk())
                .WithName($"History_{kind.Name}")
                .WithSummary($"The versions of a {kind.What}, the newest first.")
                .Fails(404);
        }

        private void MapList<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            bar.MapPost($"/{kind.Name}", (TDocument document, ChangeFact change) =>
                    change.Add(kind, document).ToCreated(fact => $"/api/bar/{kind.Name}/{fact.Id}")
                )
                .WithName($"Add_{kind.Name}")
                .WithSummary($"Keep a new {kind.What}.")
                .Fails(400, 409, 413, 422);
            bar.MapDelete($"/{kind.Name}/{{id}}", (string id, HttpRequest http, ChangeFact change) =>
                    http.IfMatched(expected => change.Remove(kind, id, expected)).ToNoContent()
                )
                .WithName($"Remove_{kind.Name}")
                .WithSummary($"Remove a {kind.What} that nothing uses. Needs If-Match; it can be brought back.")
                .Fails(404, 409, 412, 428);
            bar.MapPost($"/{kind.Name}/{{id}}/restore", (string id, ChangeFact change) =>
                    change.Restore(kind, id).ToOk()
                )
                .WithName($"Restore_{kind.Name}")
                .WithSummary($"Bring a removed {kind.What} back as it was last.")
                .Fails(404, 409, 422);
        }
    }
}
