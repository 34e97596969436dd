using Krasis.App.Tastings;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Tastings;

/// <summary>Turns what was found into the next trial version, and tastes it against the one before.</summary>
internal sealed class DecisionEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var tastings = routes.MapGroup("/api/tastings/{id}").WithTags("Tasting");
        tastings
            .MapPost("/decide", (string id, DecideRequest request, DecideTasting act) => act.Run(id, request).ToOk())
            .WithName(nameof(DecideTasting))
            .WithSummary(
                "Keep the one change that follows as the build's next trial version, or that all stays as it is, with the reason."
            )
            .Fails(400, 404, 409, 413, 422);
        tastings
            .MapPost("/again", (string id, AgainRequest request, RepeatTasting act) => act.Run(id, request).ToOk())
            .WithName(nameof(RepeatTasting))
            .WithSummary(
                "Set up the tasting of the changed build against the one before, under an id of the page's own."
            )
            .Fails(400, 404, 409, 413, 422);
        tastings
            .MapPost("/practise", (string id, PractiseRequest request, PractiseTasting act) =>
                act.Run(id, request).ToOk()
            )
            .WithName(nameof(PractiseTasting))
            .WithSummary("Have simulated tasters answer, for practice.")
            .Fails(400, 404, 409, 413, 422);
    }
}
