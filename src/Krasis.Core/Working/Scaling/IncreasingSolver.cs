namespace Krasis.Core.Working.Scaling;

/// <summary>Finds how much may go into a cup until it stands as high as it should.</summary>
internal static class IncreasingSolver
{
    // As many halvings as lead from any amount of a bar to its last bit, and then some.
    private const int MostRounds = 200;

    // A share of the amount: wider than what rounding makes of a straight line, and far below anything that is poured.
    private const double Hair = 2e-15;

    /// <summary>The largest amount with which a level stays at or below a target.</summary>
    /// <remarks>Levels are straight in an amount, or nearly so, as long as nothing begins to float or to stand out:
    /// where the straight line between what is known meets the target, the answer is looked for first. What is left is
    /// halved until it is a hair.</remarks>
    /// <param name="level">How high an amount brings it; never lower for more.</param>
    /// <param name="target">How high it may stand.</param>
    /// <param name="most">An amount that brings it above the target.</param>
    /// <returns>The amount, to fourteen digits and never above; zero where it stands above the target without
    /// any.</returns>
    public static double Solve(Func<double, double> level, double target, double most)
    {
        double low = 0,
            high = most;
        double atLow = level(low),
            atHigh = level(high);
        if (atLow > target)
        {
            return 0;
        }

        for (var round = 0; round < MostRounds; round++)
        {
            var guess = low + ((high - low) * ((target - atLow) / (atHigh - atLow)));
            Try(guess * (1 - Hair));
            Try(guess * (1 + Hair));
            if (high - low <= 3 * Hair * high)
            {
                break;
            }

            Try((low + high) / 2);
        }

        return low;

        void Try(double amount)
        {
            if (!(amount > low && amount < high))
            {
                return;
            }

            var at = level(amount);
            (low, atLow, high, atHigh) = at <= target ? (amount, at, high, atHigh) : (low, atLow, amount, at);
        }
    }
}
