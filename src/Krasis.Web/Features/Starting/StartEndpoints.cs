using Krasis.App.Starting;
using Krasis.Core.Changing.Starting;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Starting;

/// <summary>Proposes builds to begin from. Nothing is kept.</summary>
internal sealed class StartEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var start = routes.MapGroup("/api/start").WithTags("Builds");
        start
            .MapGet("/choices", (ReadStartChoices act) => act.Run().ToOk())
            .WithName(nameof(ReadStartChoices))
            .WithSummary("What a drink can be made on and flavoured with, and what the bar lacks for it.");
        start
            .MapGet("/setup", (ReadSetupChoices act) => act.Run().ToOk())
            .WithName(nameof(ReadSetupChoices))
            .WithSummary(
                "What a bar can be set up with from the starter pantry, and whether it can be: as long as there is no build."
            );
        start
            .MapPost("/setup", (SetupDocument setup, SetUpBar act) => act.Run(setup).ToNoContent())
            .WithName(nameof(SetUpBar))
            .WithSummary(
                "Set the bar up with the house's own cups, shot, milks and flavours. Refused once there is a build."
            )
            .Fails(400, 409, 413, 422);
        start
            .MapPost("/", (StartRequest request, ProposeBuild act) => act.Run(request).ToOk())
            .WithName(nameof(ProposeBuild))
            .WithSummary("A build in the right pour order, from the house's own parts, ready to taste.")
            .Fails(400, 413, 422);
    }
}
