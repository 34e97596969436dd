using Krasis.Core.Builds;
using Krasis.Core.Mixing;
using Krasis.Store;
using Krasis.Web.Features.Bar;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Mixing;

/// <summary>Works a build out without saving it.</summary>
public static class MixEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) => routes
        .MapPost("/api/mix", Mix)
        .WithTags("Mixing")
        .WithSummary("Work a build out for every size, without saving it. The name may be missing.")
        .Fails(400, 413, 422);

    private static Results<Ok<BuildSheet>, ProblemResult> Mix(BuildDocument build, KrasisFile file)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var reading = BuildReader.Read(build, bar, nameless: true);
        return reading.IsRead
            ? TypedResults.Ok(Mixer.Mix(reading.Value, bar))
            : ProblemResult.Fields(reading.Problems);
    }
}
