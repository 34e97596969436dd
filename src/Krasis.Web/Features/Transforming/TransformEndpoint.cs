using Krasis.App.Transforming;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Transforming;

/// <summary>Makes another build of a build, without keeping it.</summary>
internal sealed class TransformEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/transform", (TransformRequest request, TransformBuild act) => act.Run(request).ToOk())
            .WithName(nameof(TransformBuild))
            .WithTags("Transforming")
            .WithSummary("Make another build of a build, with a list of what changed and why. Nothing is kept.")
            .Fails(400, 413, 422);
}
