using Krasis.Core.Builds;
using Krasis.Core.Mixing;
using Krasis.Core.Scaling;
using Krasis.Store;
using Krasis.Web.Features.Bar;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Mixing;

/// <summary>Works a build out without saving it.</summary>
public static class MixEndpoint
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/mix", Mix)
            .WithTags("Mixing")
            .WithSummary("Work a build out for every size, without saving it. The name may be missing.")
            .Fails(400, 413, 422);
        routes.MapGet("/api/schools", Schools)
            .WithTags("Mixing")
            .WithSummary("The schools by which a build's other sizes can follow from its reference size.");
    }

    private static Ok<IReadOnlyList<SchoolView>> Schools() =>
        TypedResults.Ok<IReadOnlyList<SchoolView>>([.. School.All.Select(school => new SchoolView(school.Code, school.Name, school.Says))]);

    private static Results<Ok<BuildSheet>, ProblemResult> Mix(BuildDocument build, KrasisFile file)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var reading = BuildReader.Read(build, bar, nameless: true);
        return reading.IsRead
            ? TypedResults.Ok(Mixer.Mix(reading.Value, bar))
            : ProblemResult.Fields(reading.Problems);
    }
}
