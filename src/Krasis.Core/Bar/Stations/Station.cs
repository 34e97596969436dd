namespace Krasis.Core.Bar.Stations;

/// <summary>A place of the bar at which drinks are made, with pumps, cups and a grinder of its own.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the house calls it.</param>
public sealed record Station(string Id, string Name);
