using Krasis.App.Quantities;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Quantities;

/// <summary>Reads quantities as people type them.</summary>
internal sealed class QuantityEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/quantities/read", (QuantityRequest request, ReadQuantity act) => act.Run(request).ToOk())
            .WithName(nameof(ReadQuantity))
            .WithTags("Quantities")
            .WithSummary("Read a quantity that somebody is typing, and say it in the line's measure.")
            .Fails(400, 413, 422);
}
