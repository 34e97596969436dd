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

    private const double Hair = 1e-6;

    private readonly HouseRules house;
    private readonly FlavourBalance.Flavour[] flavours;
    private readonly Tally standard;
    private readonly double strength;
    private readonly Nearness nearness;
    private readonly double leastFill;
    private readonly double leastIce;

    /// <summary>A goal for one size.</summary>
    /// <param name="house">The house.</param>
    /// <param name="serve">How the drink is served.</param>
    /// <param name="reference">The reference size as it is.</param>
    /// <param name="own">The size.</param>
    /// <param name="strength">How strong it is to be, as a share; null for as strong as the reference size.</param>
    public Goal(HouseRules house, Serve serve, WorkedSize reference, WorkedSize own, double? strength = null)
    {
        this.house = house;
        flavours = FlavourBalance.In(reference, own);
        standard = reference.Poured;
        this.strength = strength ?? standard.Strength;
        var wanted = Measured.Of(standard, reference.Size.WorkingVolume.Value) with { Strength = this.strength };
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
    public bool Fits(in Tally content) => content.Occupied <= Working + Hair;

    /// <summary>What a cup is ranked by, the smaller the better.</summary>
    /// <param name="content">All that is in it.</param>
    /// <param name="amounts">How much of each line is poured, in the line's measure.</param>
    public double Score(in Tally content, double[] amounts) =>
        Score(content, content.Occupied, amounts, double.PositiveInfinity);

    /// <summary>The same of a cup that need not fit; beyond any number where it does not, or where it is soon seen to be
    /// no better than another one.</summary>
    /// <param name="content">All that is in it.</param>
    /// <param name="amounts">How much of each line is poured, in the line's measure.</param>
    /// <param name="than">The score that it is to be better than.</param>
    public double ScoreIfBetter(in Tally content, double[] amounts, double than) =>
        content.Occupied is var occupied && occupied <= Working + Hair
            ? Score(content, occupied, amounts, than)
            : double.PositiveInfinity;

    private double Score(in Tally content, double occupied, double[] amounts, double than)
    {
        var strong = Drift.Of(strength, content.Strength)?.Value;
        var sweet = Drift.Of(standard.Sweetness, content.Sweetness)?.Value;
        var off = nearness.OffInTaste(strong, sweet);
        var beyond = Over(strong, house.AllowedStrengthDrift.Value) + Over(sweet, house.AllowedSweetnessDrift.Value);
        if (Total(off, beyond) > than)
        {
            return double.PositiveInfinity;
        }

        var fullness = occupied / Working;
        var balance = FlavourBalance.Off(flavours, amounts);
        off += nearness.OffInRoom(fullness, content.IceMass / Working) + (BalanceWeight * balance);
        beyond +=
            Math.Max(0, balance - FlavourBalance.Allowed)
            + Math.Max(0, (leastFill - fullness) * 100)
            + (leastIce > 0 ? Math.Max(0, (leastIce - content.IceMass - content.Scoops) / leastIce * 100) : 0);
        return Total(off, beyond);
    }

    private static double Total(double off, double beyond) => off + (beyond > 0 ? BeyondAll + (Beyond * beyond) : 0);

    /// <summary>Whether a score is of a cup that is within all that the house allows.</summary>
    public static bool IsAllowed(double score) => score < BeyondAll;

    private static double Over(double? drift, double allowed) => Math.Max(0, Math.Abs(drift ?? 0) - allowed);
}
