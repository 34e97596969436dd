namespace Krasis.App.Making;

/// <summary>Cards that were printed.</summary>
public sealed record PrintRequest
{
    /// <summary>The build's id.</summary>
    public string? Build { get; init; }

    /// <summary>Of which of its standards.</summary>
    public long? Standard { get; init; }

    /// <summary>The id of the station that they are for; null where the house has one place only.</summary>
    public string? Station { get; init; }
}

/// <summary>Printed cards of which there is a later standard by now.</summary>
/// <param name="Build">The build's id.</param>
/// <param name="Drink">What the drink is called.</param>
/// <param name="Station">For which station they are; null where the house has one place only.</param>
/// <param name="Standard">Of which standard they are.</param>
/// <param name="Last">Which standard is the last.</param>
/// <param name="PrintedAt">When they were printed.</param>
public sealed record OldCards(
    string Build,
    string Drink,
    string? Station,
    long Standard,
    long Last,
    DateTimeOffset PrintedAt
);
