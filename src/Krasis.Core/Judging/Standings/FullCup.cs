using Krasis.Core.Bar.House;

namespace Krasis.Core.Judging.Standings;

/// <summary>When a cup counts as full.</summary>
internal static class FullCup
{
    // A size may be so much emptier than its reference, as a share of how full that is (no source).
    private const double OfTheReference = 0.9;

    /// <summary>The least that a size is filled, as a share of what fits below the reserve: what the house wants, and
    /// beside the reference no more than the reference itself, so that a macchiato may be small.</summary>
    /// <param name="house">The house.</param>
    /// <param name="reference">How full the reference size is, as a share; null for the reference itself.</param>
    public static double Least(HouseRules house, double? reference) =>
        Math.Min(house.Serving.LeastFill.Value / 100, reference * OfTheReference ?? double.PositiveInfinity);
}
