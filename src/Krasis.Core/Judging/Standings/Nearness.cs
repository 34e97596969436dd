using Krasis.Core.Bar.House;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Judging.Standings;

/// <summary>How near a cup is to the one that it is to be like.</summary>
/// <param name="house">The house, whose weights count.</param>
/// <param name="standard">What it is to be like.</param>
internal sealed class Nearness(HouseRules house, Measured standard)
{
    // What is off counts by its square: a little of everything is noticed less than much of one thing. Ten percent of
    // drift count 10, and so does ice that takes ten percent more or less of the working volume: an iced drink with a
    // third of its ice is another drink. Ten percent of the working volume left unlike the reference count 5 (no source).
    private const double DriftWeight = 0.1;
    private const double FullnessWeight = 0.05;
    private const double IceWeight = 0.1;

    /// <summary>How far off a cup is; 0 is the same.</summary>
    public double Off(in Measured cup) =>
        OffInTaste(Drift.Of(standard.Strength, cup.Strength)?.Value, Drift.Of(standard.Sweetness, cup.Sweetness)?.Value)
        + OffInRoom(cup.Fullness, cup.Ice);

    /// <summary>The part of it that is strength and sweetness.</summary>
    /// <param name="strength">The drift in strength, %; null when it is not known.</param>
    /// <param name="sweetness">The same in sweetness.</param>
    public double OffInTaste(double? strength, double? sweetness) =>
        (house.StrengthWeight * DriftWeight * Squared(strength))
        + (house.SweetnessWeight * DriftWeight * Squared(sweetness));

    /// <summary>The part of it that is how full the cup is, and how much of that is ice.</summary>
    /// <param name="fullness">How much of the working volume is taken up, as a share.</param>
    /// <param name="ice">Grams of ice to a millilitre of it.</param>
    public double OffInRoom(double fullness, double ice) =>
        (FullnessWeight * Squared(100 * (fullness - standard.Fullness)))
        + (IceWeight * Squared(100 * (ice - standard.Ice)));

    // What is not known, or is nothing in the reference, does not count.
    private static double Squared(double? off) => off is { } known ? known * known : 0;
}
