using Krasis.App.Tastings;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Tastings;

/// <summary>The logbook: all tastings and notes, and what the house may learn of them.</summary>
internal sealed class LogEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/tastings", (ReadTastingLog act, string? text = null, string? build = null) =>
                act.Run(text, build).ToOk()
            )
            .WithName(nameof(ReadTastingLog))
            .WithTags("Tasting")
            .WithSummary("All tastings and notes that have every word, or are of a build, the last first.");
        routes
            .MapPut("/api/notes/{id}", (string id, NoteRequest request, SaveTastingNote act) =>
                act.Run(id, request).ToOk()
            )
            .WithName(nameof(SaveTastingNote))
            .WithTags("Tasting")
            .WithSummary("Keep a taster's note under an id of the page's own: sent twice it is kept once.")
            .Fails(400, 404, 409, 413, 422);
        routes
            .MapGet("/api/tastings/learned", (ReadLearnedDrift act) => act.Run().ToOk())
            .WithName(nameof(ReadLearnedDrift))
            .WithTags("Tasting")
            .WithSummary(
                "What finished triangles and duo-trios say of how far a drink may drift before guests can tell."
            );
    }
}
