using Krasis.Core.Builds;
using Krasis.Core.Changing.Stations;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Stations;

/// <summary>Says how a build is poured at the other stations. Nothing is kept.</summary>
public static class PourEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/pour", Pour)
            .WithTags("Mixing")
            .WithSummary("How a build is poured at every station but the one where standards are set.")
            .Fails(400, 413, 422);

    private static Results<Ok<IReadOnlyList<StationSheet>>, ProblemResult> Pour(BuildDocument build, KrasisFile file)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var reading = BuildReader.Read(build, bar, nameless: true);
        return reading.IsRead
            ? TypedResults.Ok(StationPour.Everywhere(reading.Value, bar))
            : ProblemResult.Fields(reading.Problems);
    }
}
