using Krasis.Core.Bar.House;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Advising;

/// <summary>What a size is poured for: within what the house allows first, then as near to the reference as it
/// gets.</summary>
internal sealed class Goal
{
    // Anything beyond what the house allows outweighs any nearness, and a percent of it outweighs what is nearer.
    private const double BeyondAll = 1e6;
    private const double Beyond = 1000;

    // A percent of flavours out of balance weighs so much of a percent of drift: two strokes to one instead of three to
    // one, 33 %, as much as 3 % of drift (no source).
    private const double BalanceWeight = 0.1;

    private readonly HouseRules house;
    private readonly WorkedSize own;
    private readonly WorkedSize reference;
    private readonly Tally standard;
    private readonly Nearness nearness;
    private readonly double leastFill;
    private readonly double leastIce;

    /// <summary>A goal for one size.</summary>
    /// <param name="house">The house.</param>
    /// <param name="serve">How the drink is served.</param>
    /// <param name="reference">The reference size as it is.</param>
    /// <param name="own">The size.</param>
    public Goal(HouseRules house, Serve serve, WorkedSize reference, WorkedSize own)
    {
        (this.house, this.reference, this.own) = (house, reference, own);
        standard = reference.Poured;
        var wanted = Measured.Of(standard, reference.Size.WorkingVolume.Value);
        Wanted = wanted with { Fullness = Math.Min(1, wanted.Fullness) };
        nearness = new Nearness(house, Wanted);
        var isReference = own.Size.Cup.Id == reference.Size.Cup.Id;
        leastFill = FullCup.Least(house, isReference ? null : wanted.Fullness);
        leastIce = serve is Serve.Iced or Serve.Layered
            ? house.Serving.LeastIce.Value / 100 * own.Size.Cup.BrimCapacity.Value
            : 0;
        Working = own.Size.WorkingVolume.Value;
    }

    /// <summary>What the size is to be like.</summary>
    public Measured Wanted { get; }

    /// <summary>The size's working volume, ml.</summary>
    public double Working { get; }

    /// <summary>Whether a cup's content stays below the reserve.</summary>
    public bool Fits(in Tally content) => content.Occupied <= Working + 1e-6;

    /// <summary>What a cup is ranked by, the smaller the better.</summary>
    /// <param name="content">All that is in it.</param>
    /// <param name="amounts">How much of each line is poured, in the line's measure.</param>
    public double Score(in Tally content, double[] amounts)
    {
        var balance = FlavourBalance.Off(reference, own, amounts);
        var cup = Measured.Of(content, Working);
        var beyond =
            Over(standard.Strength, cup.Strength, house.AllowedStrengthDrift.Value)
            + Over(standard.Sweetness, cup.Sweetness, house.AllowedSweetnessDrift.Value)
            + Math.Max(0, balance - FlavourBalance.Allowed)
            + Math.Max(0, (leastFill - cup.Fullness) * 100)
            + (leastIce > 0 ? Math.Max(0, (leastIce - content.IceMass - content.Scoops) / leastIce * 100) : 0);
        return nearness.Off(cup) + (BalanceWeight * balance) + (beyond > 0 ? BeyondAll + (Beyond * beyond) : 0);
    }

    /// <summary>Whether a score is of a cup that is within all that the house allows.</summary>
    public static bool IsAllowed(double score) => score < BeyondAll;

    private static double Over(double standard, double value, double allowed) =>
        Math.Max(0, Math.Abs(Drift.Of(standard, value)?.Value ?? 0) - allowed);
}
