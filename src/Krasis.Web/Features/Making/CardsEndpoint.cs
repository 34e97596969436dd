using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>How a drink is made, to be put on cards.</summary>
public static class CardsEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) => routes
        .MapGet("/api/builds/{id}/cards", Read)
        .WithTags("Making")
        .WithSummary("How every size of a standard is made at a station, step by step, with the facts that it was published with; a build on trial as it is saved.")
        .Fails(404, 409, 422);

    // What was published could be read on that day, and neither it nor its facts have changed since.
    private static Results<Ok<CardsView>, ProblemResult> Read(string id, long? standard, string? station, KrasisFile file)
    {
        var (build, last, wanted, facts) = file.Read(session => (
            session.Builds.Find(id),
            session.Standards.Last(id),
            standard is { } number ? session.Standards.Find(id, number) : null,
            session.Bar.Facts()));
        if (build is null)
        {
            return ProblemResult.Missing("build");
        }

        if (standard is not null && wanted is null)
        {
            return ProblemResult.Missing("standard");
        }

        var published = wanted ?? (build.State == BuildState.Trial ? null : last);
        if (published is null && build.State != BuildState.Trial)
        {
            return ProblemResult.Conflict($"'{build.Document.Name}' has no cards yet.", "Put it on trial or publish it first: what is still being written is not handed to anybody.");
        }

        var bar = published is null ? facts : BarReader.Read(published.Bar).Value;
        var reading = BuildReader.Read(published?.Document ?? build.Document, bar);
        if (!reading.IsRead)
        {
            return ProblemResult.Conflict($"'{build.Document.Name}' cannot be worked out now.", reading.Problems[0].Message);
        }

        var plans = Planner.Plan(reading.Value, bar, station);
        return plans.IsRead
            ? TypedResults.Ok(new CardsView(
                id,
                reading.Value.Name,
                published?.Number,
                published?.PublishedAt ?? build.UpdatedAt,
                published is not null && published.Number == last?.Number,
                station ?? bar.Station?.Id,
                [.. bar.Stations.Select(known => new StationName(known.Id, known.Name))],
                plans.Value))
            : ProblemResult.Fields(plans.Problems);
    }
}
