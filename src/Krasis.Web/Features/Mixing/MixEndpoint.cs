using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Mixing;

/// <summary>Works a build out without saving it, and says how it could be mended and bettered.</summary>
public static class MixEndpoint
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var mixing = routes.MapGroup("/api").WithTags("Mixing");
        mixing
            .MapPost("/mix", Mix)
            .WithSummary("Work a build out for every size, without saving it. The name may be missing.")
            .WithMetadata(new SameAnswer.Mark())
            .Fails(400, 413, 422);
        mixing
            .MapGet("/schools", Schools)
            .WithSummary("The schools by which a build's other sizes can follow from its reference size.");
        mixing
            .MapPost("/advise", Advise)
            .WithSummary("The best ways of pouring one size with what the bar can really pour, the best first.")
            .Fails(400, 413, 422);
        mixing
            .MapPost("/edit", Edit)
            .WithSummary("Do one thing to a build as it stands on a sheet, and work it out anew. Nothing is kept.")
            .Fails(400, 413, 422);
    }

    private static Ok<IReadOnlyList<SchoolView>> Schools() =>
        TypedResults.Ok<IReadOnlyList<SchoolView>>([
            .. School.All.Select(school => new SchoolView(school.Code, school.Name, school.Says)),
        ]);

    private static Results<Ok<BuildSheet>, ProblemResult> Mix(BuildDocument build, KrasisFile file, TimeProvider clock)
    {
        var bar = file.Read(session => session.Bar.Facts());
        build = build.WithoutNulls();
        var reading = BuildReader.Read(build, bar, nameless: true);
        return reading.IsRead
            ? TypedResults.Ok(TriedSheet.Mix(build, reading.Value, bar, clock.Today()))
            : ProblemResult.Fields(reading.Problems);
    }

    private static Results<Ok<IReadOnlyList<Advice>>, ProblemResult> Advise(AdviseRequest request, KrasisFile file)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var reading = BuildReader.Read(request.Build.WithoutNulls(), bar, nameless: true);
        if (!reading.IsRead)
        {
            return ProblemResult.Fields([
                .. reading.Problems.Select(problem => problem with { Field = $"build.{problem.Field}" }),
            ]);
        }

        var size = new CupId(request.Size ?? "");
        return reading.Value.Sizes.Contains(size)
            ? TypedResults.Ok(Adviser.Advise(request.Build.WithoutNulls(), reading.Value, bar, size))
            : ProblemResult.Fields([
                new("size", request.Size, "The build has no such size.", "one of the build's sizes"),
            ]);
    }

    private static Results<Ok<EditedView>, ProblemResult> Edit(EditRequest request, KrasisFile file, TimeProvider clock)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var edited = Editor.Apply(request.Build.WithoutNulls(), request.Edit.WithoutNulls(), bar);
        if (!edited.IsRead)
        {
            return ProblemResult.Fields(edited.Problems);
        }

        var (build, said, troubles) = edited.Value;
        var reading = BuildReader.Read(build, bar, nameless: true);
        return TypedResults.Ok(
            new EditedView(
                build,
                said,
                troubles,
                reading.IsRead ? TriedSheet.Mix(build, reading.Value, bar, clock.Today()) : null
            )
        );
    }
}
