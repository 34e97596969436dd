using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Knows which cards have been printed, and which of them are out of date.</summary>
public static class PrintsEndpoint
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var prints = routes.MapGroup("/api/prints").WithTags("Making");
        prints
            .MapPost("", Note)
            .WithSummary("Note that the cards of a standard were printed for a station.")
            .Fails(400, 404, 413, 422);
        prints
            .MapGet("/outdated", OutOfDate)
            .WithSummary("The printed cards of which there is a later standard by now.");
    }

    private static Results<NoContent, ProblemResult> Note(PrintRequest request, KrasisFile file, TimeProvider clock) =>
        file.Write<Results<NoContent, ProblemResult>>(session =>
        {
            if (session.Builds.Find(request.Build ?? "") is not { } build)
            {
                return ProblemResult.Missing("build");
            }

            if (session.Standards.Find(build.Id, request.Standard ?? 0) is null)
            {
                return ProblemResult.Missing("standard");
            }

            var stations = session.Bar.Facts().Stations;
            if (request.Station is { } wanted && stations.All(station => station.Id != wanted))
            {
                return ProblemResult.Fields([
                    new Problem(
                        "station",
                        wanted,
                        "The house has no such station.",
                        string.Join(", ", stations.Select(station => station.Name))
                    ),
                ]);
            }

            session.Prints.Note(build.Id, request.Station ?? "", request.Standard!.Value, clock.GetUtcNow());
            return TypedResults.NoContent();
        });

    private static Ok<IReadOnlyList<OldCards>> OutOfDate(KrasisFile file) =>
        TypedResults.Ok(
            file.Read<IReadOnlyList<OldCards>>(session =>
            {
                var stations = session.Bar.Facts().Stations;
                return
                [
                    .. session
                        .Prints.OutOfDate()
                        .Select(print => new OldCards(
                            print.Build,
                            session.Builds.Find(print.Build)?.Document.Name ?? "",
                            stations.FirstOrDefault(station => station.Id == print.Station)?.Name,
                            print.Standard,
                            print.Last,
                            print.At
                        )),
                ];
            })
        );
}
