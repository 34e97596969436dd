using Krasis.App.Making;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>Says what may be behind a complaint about a drink.</summary>
internal sealed class TroubleEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var trouble = routes.MapGroup("/api/complaints").WithTags("Making");
        trouble
            .MapPost("offered", (ComplainedRequest request, ListComplaints act) => act.Run(request).ToOk())
            .WithName(nameof(ListComplaints))
            .WithSummary("What people may say is wrong with a build, in words: of a hot drink not that it is not cold.")
            .Fails(400, 413);
        trouble
            .MapPost("", (ComplaintRequest request, AnswerComplaint act) => act.Run(request).ToOk())
            .WithName(nameof(AnswerComplaint))
            .WithSummary(
                "What may be behind a complaint about a build: the likeliest first, each with the edit, the bench or the hands' work."
            )
            .Fails(400, 413, 422);
    }
}
