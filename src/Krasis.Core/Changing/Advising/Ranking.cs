using Krasis.Core.Bar.House;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Advising;

/// <summary>How near a cup is to the reference.</summary>
/// <param name="house">The house, whose weights count.</param>
/// <param name="reference">The reference size.</param>
internal sealed class Ranking(HouseRules house, WorkedSize reference)
{
    // A percent of the working volume left unlike the reference weighs so much of a percent of drift: enough to tell
    // two equally good tastes apart, and no more. A percent of it taken by more or less ice weighs half of one: with
    // half the ice it is another drink by the time it is drunk (no source).
    private const double FullnessWeight = 0.1;
    private const double IceWeight = 0.5;

    private readonly double fullness = reference.Poured.Occupied / reference.Size.WorkingVolume.Value;
    private readonly double ice = reference.Poured.IceMass / reference.Size.WorkingVolume.Value;

    /// <summary>What the reference size is.</summary>
    public Tally Standard { get; } = reference.Poured;

    /// <summary>What a cup is ranked by, the smaller the better.</summary>
    /// <param name="content">All that is in it.</param>
    /// <param name="working">Its working volume, ml.</param>
    public double Score(Tally content, double working) =>
        (house.StrengthWeight * Off(content.Strength, Standard.Strength))
        + (house.SweetnessWeight * Off(content.Sweetness, Standard.Sweetness))
        + (FullnessWeight * 100 * Math.Abs((content.Occupied / working) - fullness))
        + (IceWeight * 100 * Math.Abs((content.IceMass / working) - ice));

    /// <summary>Whether a cup tastes as near to the reference as the house wants it.</summary>
    public bool IsAllowed(Tally content) =>
        !Drift.IsBeyond(Drift.Of(Standard.Strength, content.Strength), house.AllowedStrengthDrift)
        && !Drift.IsBeyond(Drift.Of(Standard.Sweetness, content.Sweetness), house.AllowedSweetnessDrift);

    // What is not known, or is nothing in the reference, does not rank.
    private static double Off(double value, double standard) => Math.Abs(Drift.Of(standard, value)?.Value ?? 0);
}
