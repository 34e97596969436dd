using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Notes that cards were printed.</summary>
public sealed class NotePrint(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<Done> Run(PrintRequest request) =>
        file.Write<Result<Done>>(session =>
        {
            if (session.Builds.Find(request.Build ?? "") is not { } build)
            {
                return Refusal.Missing("build");
            }

            if (session.Standards.Find(build.Id, request.Standard ?? 0) is null)
            {
                return Refusal.Missing("standard");
            }

            var stations = session.Bar.Facts().Stations;
            if (request.Station is { } wanted && stations.All(station => station.Id != wanted))
            {
                return Refusal.Fields([
                    new Problem(
                        "station",
                        wanted,
                        "The house has no such station.",
                        string.Join(", ", stations.Select(station => station.Name))
                    ),
                ]);
            }

            session.Prints.Note(build.Id, request.Station ?? "", request.Standard!.Value, clock.GetUtcNow());
            return Result.Done;
        });
}
