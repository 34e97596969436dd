using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Scaling;

/// <summary>Works out how much of a line brings what is in the cup to a mark.</summary>
internal static class MarkFill
{
    // Millilitres: far below the width of a printed line.
    private const double Exactly = 1e-9;

    /// <summary>The amount that fills the cup to a height with what is already in it; what goes in later is not there
    /// yet.</summary>
    /// <param name="before">What went in before the line.</param>
    /// <param name="line">The line.</param>
    /// <param name="stretch">How its pulls are stretched.</param>
    /// <param name="volume">The cup's volume up to the mark, ml.</param>
    /// <returns>The amount in the line's measure; zero and less than nothing short where the cup stands at or above the
    /// mark already; the most that its measure takes where that is not enough.</returns>
    public static Filled To(Tally before, LineFacts line, double stretch, double volume)
    {
        var already = LevelOf(before, line);
        if (already >= volume - Exactly)
        {
            return new Filled(0, already > volume + 0.005 ? MarkTrouble.BelowTheLiquid : MarkTrouble.None);
        }

        var most = line.Line.Set.Measure.Most;
        return With(most) < volume
            ? new Filled(most, MarkTrouble.OutOfReach)
            : new Filled(IncreasingSolver.Solve(With, volume, most), MarkTrouble.None);

        double With(double amount)
        {
            var tally = before;
            tally.Add(line, line.Mass(amount, stretch));
            return LevelOf(tally, line);
        }
    }

    // Ice is filled to where it reaches, anything else to where the drink stands.
    private static double LevelOf(Tally tally, LineFacts line) => line.IsIce ? tally.Levels.Top : tally.Surface;
}

/// <summary>How much fills to a mark.</summary>
/// <param name="Amount">In the line's measure.</param>
/// <param name="Trouble">Why the mark is not met.</param>
internal readonly record struct Filled(double Amount, MarkTrouble Trouble);
