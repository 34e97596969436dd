using Krasis.Core.Making.Ordering;
using Krasis.Store;
using Krasis.Web.Features.Builds;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>What is on the board, to be chosen from at the bar.</summary>
public static class ServiceEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/service", Read)
            .WithTags("Making")
            .WithSummary("The published standards that are on the board today and can be made at a station.")
            .Fails(422);

    private static Results<Ok<ServiceView>, ProblemResult> Read(
        string? station,
        KrasisFile file,
        Library library,
        Board board,
        TimeProvider clock
    )
    {
        var (bar, standards) = file.Read(session => (session.Bar.Facts(), library.Standards(session)));
        if (station is not null && bar.Stations.All(known => known.Id != station))
        {
            return ProblemResult.Fields([
                new(
                    "station",
                    station,
                    "The house has no such station.",
                    string.Join(", ", bar.Stations.Select(known => known.Name))
                ),
            ]);
        }

        return TypedResults.Ok(
            new ServiceView(
                clock.GetUtcNow(),
                station ?? bar.Station?.Id,
                [.. bar.Stations.Select(known => new StationName(known.Id, known.Name))],
                OrderPlanner.Most,
                board.On(clock.Today(), standards, station)
            )
        );
    }
}
