using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;

namespace Krasis.Store.Makes;

/// <summary>One make of a drink, as it was.</summary>
/// <param name="Id">Its id, given by the tablet that it was made with.</param>
/// <param name="Build">The build's id.</param>
/// <param name="Drink">What the drink was called.</param>
/// <param name="Standard">By which of its standards it was made; null on trial.</param>
/// <param name="Station">What the house called the station; null where there is one place only.</param>
/// <param name="StationId">The station's id; null where there is one place only.</param>
/// <param name="Size">The cup's id.</param>
/// <param name="SizeName">What the bar called it.</param>
/// <param name="Who">Who made it; null of nobody in particular.</param>
/// <param name="StartedAt">When it was begun.</param>
/// <param name="Seconds">How long it took.</param>
/// <param name="IsDone">Whether it was handed over, and not given up.</param>
/// <param name="Strength">How far it was from its standard in strength; null when that is not known.</param>
/// <param name="Sweetness">The same in sweetness.</param>
/// <param name="IsAllowed">Whether it was as near to its standard as the house allows; null of what was given
/// up.</param>
/// <param name="Sent">What the tablet sent, word for word, by which a second sending is recognised.</param>
/// <param name="Steps">What went in.</param>
public sealed record StoredMake(
    string Id,
    string Build,
    string Drink,
    long? Standard,
    string? Station,
    string? StationId,
    string Size,
    string SizeName,
    string? Who,
    DateTimeOffset StartedAt,
    double Seconds,
    bool IsDone,
    Percent? Strength,
    Percent? Sweetness,
    bool? IsAllowed,
    string Sent,
    IReadOnlyList<PouredStep> Steps
);
