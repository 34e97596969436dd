using Krasis.Core.Bar;
using Krasis.Core.Builds.Scaling;

namespace Krasis.Core.Builds;

/// <summary>What a lead starts from when there is nothing yet.</summary>
public static class BlankBuild
{
    private const int UsualSizes = 3;

    /// <summary>A build without a name or a line, in the bar's first cups, the middle one for reference, with the
    /// house's reserve (or less, where half of a small cup is less).</summary>
    public static BuildDocument For(BarFacts bar)
    {
        var cups = bar.Cups.Take(UsualSizes).ToList();
        var lowest = cups.Select(cup => cup.Shape.Height.Value / 2).DefaultIfEmpty(double.MaxValue).Min();
        return new BuildDocument
        {
            Name = "",
            ReserveMm = Math.Min(bar.House.Reserve.Value, lowest),
            Sizes = [.. cups.Select(cup => cup.Id.Value)],
            ReferenceSize = cups.Count == 0 ? null : cups[cups.Count / 2].Id.Value,
            School = School.All[0].Code,
            Lines = [],
        };
    }
}
