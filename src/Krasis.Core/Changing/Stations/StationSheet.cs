namespace Krasis.Core.Changing.Stations;

/// <summary>How a build is poured at a station.</summary>
/// <param name="Station">The station's id.</param>
/// <param name="Name">What the house calls the station.</param>
/// <param name="Sizes">The sizes for which the station has the cup, in the build's order.</param>
/// <param name="Elsewhere">The names of the sizes for which it has none.</param>
public sealed record StationSheet(
    string Station,
    string Name,
    IReadOnlyList<StationSize> Sizes,
    IReadOnlyList<string> Elsewhere
);
