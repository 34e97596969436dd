using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Pouring;

/// <summary>One drink in the book that was handed over.</summary>
/// <param name="On">The day.</param>
/// <param name="Drink">What it is called.</param>
/// <param name="Station">What the house calls the station; null where there is one place only.</param>
/// <param name="Seconds">How long it took.</param>
/// <param name="Strength">How far it was from its standard in strength; null when that is not known.</param>
/// <param name="IsAllowed">Whether it was as near to its standard as the house allows.</param>
public sealed record Made(
    DateOnly On,
    string Drink,
    string? Station,
    double Seconds,
    Percent? Strength,
    bool IsAllowed
);
