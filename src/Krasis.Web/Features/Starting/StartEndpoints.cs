using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Krasis.Web.Seeding;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Starting;

/// <summary>Proposes builds to begin from. Nothing is kept.</summary>
public static class StartEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var start = routes.MapGroup("/api/start").WithTags("Builds");
        start
            .MapGet("/choices", Choices)
            .WithSummary("What a drink can be made on and flavoured with, and what the bar lacks for it.");
        start
            .MapGet("/setup", SetupChoices)
            .WithSummary(
                "What a bar can be set up with from the starter pantry, and whether it can be: as long as there is no build."
            );
        start
            .MapPost("/setup", SetUp)
            .WithSummary(
                "Set the bar up with the house's own cups, shot, milks and flavours. Refused once there is a build."
            )
            .Fails(400, 409, 413, 422);
        start
            .MapPost("/", Propose)
            .WithSummary("A build in the right pour order, from the house's own parts, ready to taste.")
            .Fails(400, 413, 422);
    }

    private static Ok<StartChoices> Choices(KrasisFile file)
    {
        var bar = file.Read(session => session.Bar.Facts());
        return TypedResults.Ok(new StartChoices(Skeleton.Choices(bar), Skeleton.Flavours(bar)));
    }

    private static Results<Ok<BuildDocument>, ProblemResult> Propose(StartRequest request, KrasisFile file)
    {
        var fields = new FieldReader();
        var made = fields.Word("base", request.Base, DrinkBase.Espresso);
        var serve = fields.Word("serve", request.Serve, Serve.Hot);
        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        var build = Skeleton.Propose(
            made,
            serve,
            [.. request.Sizes.Distinct().Select(id => new CupId(id ?? ""))],
            file.Read(session => session.Bar.Facts()),
            request.Of,
            request.Flavour
        );
        return build.IsRead ? TypedResults.Ok(build.Value) : ProblemResult.Fields(build.Problems);
    }

    private static Ok<SetupChoices> SetupChoices(KrasisFile file, TimeProvider clock)
    {
        var starter = Seeder.Load(Seeder.Starter, clock.Today()).Bar;
        return TypedResults.Ok(
            new SetupChoices(
                file.Read(session => session.Builds.Heads()).Count == 0,
                BarSetup.Milks(starter),
                BarSetup.Likes(starter)
            )
        );
    }

    private static Results<NoContent, ProblemResult> SetUp(SetupDocument setup, KrasisFile file, TimeProvider clock) =>
        file.Write<Results<NoContent, ProblemResult>>(session =>
        {
            if (session.Builds.Heads().Count > 0)
            {
                return ProblemResult.Conflict(
                    "There are builds already.",
                    "The bar is changed fact by fact now, on the pages of the bar."
                );
            }

            var bar = BarSetup.Make(Seeder.Load(Seeder.Starter, clock.Today()).Bar, setup.WithoutNulls());
            if (!bar.IsRead)
            {
                return ProblemResult.Fields(bar.Problems);
            }

            Seeder.Replace(session, bar.Value, clock.GetUtcNow());
            return TypedResults.NoContent();
        });
}
