using Krasis.App.Builds;
using Krasis.App.Shared;
using Krasis.Core.Making.Ordering;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Shows the board of a station.</summary>
public sealed class ReadService(KrasisFile file, Library library, Board board, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<ServiceView> Run(string? station)
    {
        var (bar, standards) = file.Read(session => (session.Bar.Facts(), library.Standards(session)));
        if (station is not null && bar.Stations.All(known => known.Id != station))
        {
            return Refusal.Fields([
                new(
                    "station",
                    station,
                    "The house has no such station.",
                    string.Join(", ", bar.Stations.Select(known => known.Name))
                ),
            ]);
        }

        return Result.Of(
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
