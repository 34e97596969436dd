namespace Krasis.App.Seeding;

/// <summary>A build that is off the board.</summary>
/// <param name="Build">Its name.</param>
/// <param name="Reason">Why.</param>
public sealed record SeedRetired(string Build, string Reason);
