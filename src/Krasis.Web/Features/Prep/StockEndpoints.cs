using Krasis.App.Prep;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Prep;

/// <summary>What is in stock.</summary>
internal sealed class StockEndpoints : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var prep = routes.MapGroup("/api/prep").WithTags("Prep");
        prep.MapGet("/stock", (ReadStock act) => act.Run().ToOk())
            .WithName(nameof(ReadStock))
            .WithSummary("What is in stock, what has to be used first before the rest, and what was thrown away.");
        prep.MapPost("/stock", (StockRequest request, WriteStock act) => act.Run(request).ToOk())
            .WithName(nameof(WriteStock))
            .WithSummary(
                "Write in the book of stock: a delivery, an opening, what was thrown away or counted. Sent twice under one id it is kept once; something else under that id is refused."
            )
            .Fails(400, 404, 409, 413, 422);
        prep.MapGet("/lots/{lot}", (string lot, ReadLot act) => act.Run(lot).ToOk())
            .WithName(nameof(ReadLot))
            .WithSummary("One lot, and all that happened to it.")
            .Fails(404);
        prep.MapGet("/short", (ReadShortages act) => act.Run().ToOk())
            .WithName(nameof(ReadShortages))
            .WithSummary("What a standard needs that is out or over date, of what the book of stock knows.");
    }
}
