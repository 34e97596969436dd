using Krasis.App.Making;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>Knows which cards have been printed, and which of them are out of date.</summary>
internal sealed class PrintsEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var prints = routes.MapGroup("/api/prints").WithTags("Making");
        prints
            .MapPost("", (PrintRequest request, NotePrint act) => act.Run(request).ToNoContent())
            .WithName(nameof(NotePrint))
            .WithSummary("Note that the cards of a standard were printed for a station.")
            .Fails(400, 404, 413, 422);
        prints
            .MapGet("/outdated", (ReadOldCards act) => act.Run().ToOk())
            .WithName(nameof(ReadOldCards))
            .WithSummary("The printed cards of which there is a later standard by now.");
    }
}
