using Krasis.App.Making;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>Keeps what was made.</summary>
internal sealed class MakesEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPut("/api/makes/{id}", (string id, MakeRequest request, SaveMake act) => act.Run(id, request).ToOk())
            .WithName(nameof(SaveMake))
            .WithTags("Making")
            .WithSummary(
                "Keep a make that is over, under an id that the tablet has given it: sent twice it is kept once."
            )
            .Fails(400, 404, 409, 413, 422);
}
