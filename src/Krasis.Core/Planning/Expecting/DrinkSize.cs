namespace Krasis.Core.Planning.Expecting;

/// <summary>What is sold: a drink in one of its sizes at a station.</summary>
/// <param name="Station">The station's id; empty where the bar is a single place.</param>
/// <param name="Build">The build's id.</param>
/// <param name="Size">The cup's id.</param>
public readonly record struct DrinkSize(string Station, string Build, string Size);
