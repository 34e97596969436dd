using Krasis.App.Making;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>Tells how a build is made, as it stands on a sheet, as one would send it in a message.</summary>
internal sealed class TextEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/text", (TextRequest request, WriteRecipeText act) => act.Run(request).ToOk())
            .WithName(nameof(WriteRecipeText))
            .WithTags("Making")
            .WithSummary("How a build is made, as text or Markdown, in metric, US or UK words. Nothing is kept.")
            .Fails(400, 422);
}
