namespace Krasis.Core.Making.Pouring;

/// <summary>Something that what was poured tells the lead.</summary>
/// <param name="Of">What it is about.</param>
/// <param name="Id">The id of the dispenser, the recipe or the ingredient's name.</param>
/// <param name="Station">What the house calls the station; null where there is one place only.</param>
/// <param name="Who">Whose pours they are; null of everybody's.</param>
/// <param name="Says">What it is and what to do, in a sentence.</param>
/// <param name="By">By how much, in percent, or in seconds of pulls.</param>
public sealed record PourFinding(SeriesOf Of, string Id, string? Station, string? Who, string Says, double By);
