using Krasis.Core.Bar.House;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Judging.Standings;

/// <summary>How near a cup is to the one that it is to be like.</summary>
/// <param name="house">The house, whose weights count.</param>
/// <param name="standard">What it is to be like.</param>
internal sealed class Nearness(HouseRules house, Measured standard)
{
    // A percent of the working volume left unlike the reference weighs so much of a percent of drift: enough to tell
    // two equally good tastes apart, and no more. A percent of it taken by more or less ice weighs half of one: with
    // half the ice it is another drink by the time it is drunk (no source).
    private const double FullnessWeight = 0.1;
    private const double IceWeight = 0.5;

    /// <summary>How far off a cup is; 0 is the same, and a percent of drift in strength is the house's weight of
    /// it.</summary>
    public double Off(in Measured cup) =>
        (house.StrengthWeight * Drifted(standard.Strength, cup.Strength))
        + (house.SweetnessWeight * Drifted(standard.Sweetness, cup.Sweetness))
        + (FullnessWeight * 100 * Math.Abs(cup.Fullness - standard.Fullness))
        + (IceWeight * 100 * Math.Abs(cup.Ice - standard.Ice));

    // What is not known, or is nothing in the reference, does not count.
    private static double Drifted(double standard, double value) => Math.Abs(Drift.Of(standard, value)?.Value ?? 0);
}
