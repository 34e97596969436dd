using Krasis.App.Making;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>Says what can still be made of a drink that something went wrong with.</summary>
internal sealed class RescueEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/rescue", (RescueRequest request, FindRescue act) => act.Run(request).ToOk())
            .WithName(nameof(FindRescue))
            .WithTags("Making")
            .WithSummary(
                "Say how a drink is still made of what is in the cup, so that it fits and tastes as the house allows, or that it must be begun again. Nothing is kept."
            )
            .Fails(400, 404, 409, 413, 422);
        routes
            .MapPost("/api/shot", (ShotRequest request, JudgeShot act) => act.Run(request).ToOk())
            .WithName(nameof(JudgeShot))
            .WithTags("Making")
            .WithSummary(
                "Say what is to be said of the espresso that has run into a cup, by the recipe of its station. Nothing is kept."
            )
            .Fails(400, 404, 409, 413, 422);
    }
}
