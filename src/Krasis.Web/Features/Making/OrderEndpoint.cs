using Krasis.App.Making;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>Plans an order of several drinks.</summary>
internal sealed class OrderEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/order", (OrderRequest request, PlanOrder act) => act.Run(request).ToOk())
            .WithName(nameof(PlanOrder))
            .WithTags("Making")
            .WithSummary(
                "Say in which order the drinks of an order are made, and which of them share a pull or a pitcher. Nothing is kept."
            )
            .Fails(400, 404, 409, 413, 422);
}
