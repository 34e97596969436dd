using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Stations;
using Krasis.Store;

namespace Krasis.App.Stations;

/// <summary>Says what a build becomes at the other stations.</summary>
public sealed class PourAtStations(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<StationSheet>> Run(BuildDocument build)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var reading = BuildReader.Read(build, bar, nameless: true);
        return reading.IsRead
            ? Result.Of(StationPour.Everywhere(reading.Value, bar))
            : Refusal.Fields(reading.Problems);
    }
}
