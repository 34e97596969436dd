using Krasis.App.Tastings;
using Krasis.Exchange.Tasting;
using Krasis.Store;
using Krasis.Tasting.Documents;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Tastings;

/// <summary>Sets tastings up, opens and closes them, and reads their answers.</summary>
internal sealed class TastingEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var tastings = routes.MapGroup("/api/tastings").WithTags("Tasting");
        tastings
            .MapGet("/choices", (ReadTastingChoices act) => act.Run().ToOk())
            .WithName(nameof(ReadTastingChoices))
            .WithSummary("What can be asked, and on which scales.");
        tastings
            .MapPost("/try", (TastingDocument document, TryTasting act) => act.Run(document).ToOk())
            .WithName(nameof(TryTasting))
            .WithSummary(
                "What a tasting comes to as it stands on the page: how many tasters it takes, codes and tray. Nothing is kept."
            )
            .Fails(400, 413);
        tastings
            .MapGet("/{id}", (string id, ReadTasting act) => act.Run(id).ToOk())
            .WithName(nameof(ReadTasting))
            .WithSummary("One tasting as the lead sees it, with its ETag.")
            .Fails(404);
        tastings
            .MapPut("/{id}", (string id, TastingDocument document, HttpRequest http, SaveTasting act) =>
                act.Run(id, document, IfMatch.Of(http)).ToOk()
            )
            .WithName(nameof(SaveTasting))
            .WithMetadata(new MayBeNew())
            .WithSummary(
                "Keep a tasting that is being set up: a new one under an id of the page's own, a changed one with If-Match."
            )
            .Fails(400, 404, 409, 412, 413, 422, 428);
        tastings
            .MapDelete("/{id}", (string id, HttpRequest http, DeleteTasting act) =>
                http.IfMatched(expected => act.Run(id, expected)).ToNoContent()
            )
            .WithName(nameof(DeleteTasting))
            .WithSummary("Throw a tasting away that has not been opened. Needs If-Match.")
            .Fails(404, 409, 412, 428);
        tastings
            .MapPost("/{id}/open", (string id, HttpRequest http, OpenTasting act) =>
                http.IfMatched(expected => act.Run(id, expected)).ToOk()
            )
            .WithName(nameof(OpenTasting))
            .WithSummary("Open it: tasters may come, and what is tasted stays as it is. Needs If-Match.")
            .Fails(404, 409, 412, 422, 428);
        tastings
            .MapPost("/{id}/close", (string id, HttpRequest http, CloseTasting act) =>
                http.IfMatched(expected => act.Run(id, expected)).ToOk()
            )
            .WithName(nameof(CloseTasting))
            .WithSummary("Close it. What is answered later is kept and not counted. Needs If-Match.")
            .Fails(404, 409, 412, 428);
        tastings
            .MapPost("/{id}/withdraw", (string id, WithdrawRequest request, WithdrawAnswer act) =>
                act.Run(id, request).ToOk()
            )
            .WithName(nameof(WithdrawAnswer))
            .WithSummary("Serve a sample no more; what was said of it stays.")
            .Fails(404, 409, 422);
        tastings
            .MapPost("/{id}/late", (string id, CountLateAnswer act) => act.Run(id).ToOk())
            .WithName(nameof(CountLateAnswer))
            .WithSummary("Count in what was answered after closing.")
            .Fails(404, 409);
        tastings
            .MapGet("/{id}/results", (string id, ReadTastingResult act) => act.Run(id).ToOk())
            .WithName(nameof(ReadTastingResult))
            .WithSummary("What the answers mean, and what may be changed because of them.")
            .Fails(404, 409);
        tastings
            .MapGet("/{id}/answers.csv", Export)
            .WithSummary("Every answer as comma-separated values.")
            .Produces<string>(200, "text/csv")
            .Fails(404);
    }

    private static Results<FileContentHttpResult, ProblemResult> Export(string id, KrasisFile file) =>
        file.Read<Results<FileContentHttpResult, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing("tasting");
            }

            return SheetResult.Csv(AnswersSheet.Of(TastingViews.Answers(session, stored)));
        });
}
