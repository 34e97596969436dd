using Krasis.App.Prep;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Prep;

/// <summary>Takes in what was sold.</summary>
internal sealed class SalesEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var sales = routes.MapGroup("/api/prep/sales").WithTags("Prep");
        sales
            .MapPost("/check", (SalesRequest request, CheckSales act) => act.Run(request).ToOk())
            .WithName(nameof(CheckSales))
            .WithSummary("Read a sales file and say what would be taken in. Nothing is kept.")
            .Fails(400, 413, 422);
        sales
            .MapPost("/import", (SalesRequest request, ImportSales act) => act.Run(request).ToOk())
            .WithName(nameof(ImportSales))
            .WithSummary(
                "Keep a sales file: all of it, or all of its good rows, or nothing. A day takes the place of what was known of it."
            )
            .Fails(400, 413, 422);
    }
}
