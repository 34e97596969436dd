namespace Krasis.Core.Bar.Stations;

/// <summary>A place of the bar at which drinks are made, as it is entered and stored. The first one is where the
/// standards are set.</summary>
public sealed record StationDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the house calls it.</summary>
    public string? Name { get; init; }
}
