using Krasis.App.Mixing;
using Krasis.Core.Builds;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Mixing;

/// <summary>Works a build out without saving it, and says how it could be mended and bettered.</summary>
internal sealed class MixEndpoint : IEndpoints
{
    public void Map(IEndpointRouteBuilder routes)
    {
        var mixing = routes.MapGroup("/api").WithTags("Mixing");
        mixing
            .MapPost("/mix", (BuildDocument build, MixBuild act) => act.Run(build).ToOk())
            .WithName(nameof(MixBuild))
            .WithSummary("Work a build out for every size, without saving it. The name may be missing.")
            .WithMetadata(new SameAnswer.Mark())
            .Fails(400, 413, 422);
        mixing
            .MapGet("/schools", (ListSchools act) => act.Run().ToOk())
            .WithName(nameof(ListSchools))
            .WithSummary("The schools by which a build's other sizes can follow from its reference size.");
        mixing
            .MapPost("/advise", (AdviseRequest request, AdviseBuild act) => act.Run(request).ToOk())
            .WithName(nameof(AdviseBuild))
            .WithSummary("The best ways of pouring one size with what the bar can really pour, the best first.")
            .Fails(400, 413, 422);
        mixing
            .MapPost("/edit", (EditRequest request, EditBuild act) => act.Run(request).ToOk())
            .WithName(nameof(EditBuild))
            .WithSummary("Do one thing to a build as it stands on a sheet, and work it out anew. Nothing is kept.")
            .Fails(400, 413, 422);
        mixing
            .MapPost("/every-size", (EverySizeRequest request, ChangeEverySize act) => act.Run(request).ToOk())
            .WithName(nameof(ChangeEverySize))
            .WithSummary("Change one thing of a build in every size, to be looked at before it is kept.")
            .Fails(400, 413, 422);
    }
}
