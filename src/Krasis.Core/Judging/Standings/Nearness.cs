using Krasis.Core.Bar.House;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Judging.Standings;

/// <summary>How near a cup is to the one that it is to be like.</summary>
/// <param name="house">The house, whose weights count.</param>
/// <param name="standard">What it is to be like.</param>
internal sealed class Nearness(HouseRules house, Measured standard)
{
    // What is off counts by its square: a little of everything is noticed less than much of one thing. Ten percent of
    // drift count 10; ten percent of the working volume left unlike the reference, or taken by more or less ice, count 5
    // (no source).
    private const double DriftWeight = 0.1;
    private const double FullnessWeight = 0.05;
    private const double IceWeight = 0.05;

    /// <summary>How far off a cup is; 0 is the same.</summary>
    public double Off(in Measured cup) =>
        (house.StrengthWeight * DriftWeight * Squared(Drift.Of(standard.Strength, cup.Strength)?.Value))
        + (house.SweetnessWeight * DriftWeight * Squared(Drift.Of(standard.Sweetness, cup.Sweetness)?.Value))
        + (FullnessWeight * Squared(100 * (cup.Fullness - standard.Fullness)))
        + (IceWeight * Squared(100 * (cup.Ice - standard.Ice)));

    // What is not known, or is nothing in the reference, does not count.
    private static double Squared(double? off) => off is { } known ? known * known : 0;
}
