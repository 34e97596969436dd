namespace Krasis.Core.Making.Pouring;

/// <summary>What can be said of one pour, both ends included.</summary>
/// <param name="MostGrams">The most that can have gone in, g: more than any cup holds.</param>
/// <param name="MostSeconds">The longest that a pull can have run, s.</param>
/// <param name="CelsiusFrom">The coldest that it can have been, °C.</param>
/// <param name="CelsiusTo">The warmest, °C.</param>
public sealed record PourLimits(double MostGrams, double MostSeconds, double CelsiusFrom, double CelsiusTo)
{
    /// <summary>Wide enough for every drink: bounds on slips of the hand, no rules of the trade.</summary>
    public static PourLimits All { get; } = new(5000, 600, -30, 100);
}
