using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Web.Features.Bar;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Starting;

/// <summary>Proposes builds to begin from. Nothing is kept.</summary>
public static class StartEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var start = routes.MapGroup("/api/start").WithTags("Builds");
        start.MapGet("/bases", Bases).WithSummary("What a drink can be made on, and what the bar lacks for it.");
        start.MapPost("/", Propose).WithSummary("A build in the right pour order, from the house's own parts, ready to taste.").Fails(400, 413, 422);
    }

    private static Ok<IReadOnlyList<BaseChoice>> Bases(KrasisFile file) => TypedResults.Ok(Skeleton.Choices(file.Read(session => session.Bar.Facts())));

    private static Results<Ok<BuildDocument>, ProblemResult> Propose(StartRequest request, KrasisFile file)
    {
        var fields = new FieldReader();
        var made = fields.Word("base", request.Base, DrinkBase.Espresso);
        var serve = fields.Word("serve", request.Serve, Serve.Hot);
        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        var build = Skeleton.Propose(made, serve, [.. request.Sizes.Distinct().Select(id => new CupId(id ?? ""))], file.Read(session => session.Bar.Facts()));
        return build.IsRead ? TypedResults.Ok(build.Value) : ProblemResult.Fields(build.Problems);
    }
}
