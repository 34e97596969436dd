using Krasis.Core.Quantities;
using Krasis.Tasting.Choosing;

namespace Krasis.Tasting.Learning;

/// <summary>Learns of finished tastings how far a drink may drift before guests can tell.</summary>
public static class DriftLearner
{
    // Drifts nearer than that are hardly poured apart, %.
    private const double Nearest = 1;

    /// <summary>What the house may allow, by its own tasters.</summary>
    /// <param name="taste">What drifted: strength or sweetness.</param>
    /// <param name="allowed">What the house allows now, %.</param>
    /// <param name="tests">The tastings.</param>
    /// <returns>A proposal where at least two drifts were tasted and it differs from what is allowed by a percent; null
    /// otherwise.</returns>
    /// <remarks>The share who can tell is taken to grow with the drift as 1 − 2^(−(d ÷ m)²), m being the drift that
    /// half can tell; m is found by the greatest likelihood over all tests, and its interval is where twice the log
    /// likelihood is 3.84 less (Wilks 1938: chi-squared, one degree of freedom, 95 %).</remarks>
    public static LearnedDrift? Of(string taste, double allowed, IReadOnlyList<ToldApart> tests)
    {
        var counted = tests.Where(test => test.DriftPercent >= Nearest && test.Tasters > 0).ToList();
        var tasters = counted.Sum(test => test.Tasters);
        if (counted.Count < 2 || tasters < 24)
        {
            return null;
        }

        // In tenths of a percent, up to twice the largest drift that was tasted: beyond it nothing is known.
        var most = (int)Math.Round(counted.Max(test => test.DriftPercent) * 20);
        var drifts = Enumerable.Range(5, Math.Max(1, most - 4)).Select(tenth => tenth / 10.0).ToList();
        var likelihoods = drifts.ConvertAll(half => counted.Sum(test => LogLikelihood(test, half)));
        var best = likelihoods.Max();
        var inside = drifts
            .Zip(likelihoods)
            .Where(each => 2 * (best - each.Second) <= 3.84)
            .Select(each => each.First)
            .ToList();
        var found = drifts[likelihoods.IndexOf(best)];
        var (low, high, isOpen) = (inside[0], inside[^1], inside[^1] >= drifts[^1]);
        if (Math.Abs(found - allowed) < 1)
        {
            return null;
        }

        var upTo = isOpen ? $"{Say.Short(low)} % or more" : $"{Say.Short(low)} to {Say.Short(high)} %";
        return new LearnedDrift(
            taste,
            allowed,
            Math.Round(found),
            low,
            isOpen ? null : high,
            counted.Count,
            tasters,
            $"Half of your tasters tell {Say.Short(found)} % {(taste == "strength" ? "weaker or stronger" : "more or less sweet")} apart; the house allows {Say.Short(allowed)} %. By {counted.Count} tastings with {tasters} answers; it may be {upTo}."
        );
    }

    private static double LogLikelihood(ToldApart test, double half)
    {
        var can = 1 - Math.Pow(2, -Math.Pow(test.DriftPercent / half, 2));
        var right = Math.Clamp(test.Method.Chance + (can * (1 - test.Method.Chance)), 1e-9, 1 - 1e-9);
        return (test.Right * Math.Log(right)) + ((test.Tasters - test.Right) * Math.Log(1 - right));
    }
}

/// <summary>A finished tasting in which two drinks were told apart or not.</summary>
/// <param name="Method">How it was asked.</param>
/// <param name="DriftPercent">How far the two were apart, %.</param>
/// <param name="Tasters">How many answered.</param>
/// <param name="Right">How many were right.</param>
public sealed record ToldApart(ChoiceMethod Method, double DriftPercent, int Tasters, int Right);

/// <summary>What the house may allow.</summary>
/// <param name="Taste">strength or sweetness.</param>
/// <param name="Allowed">What it allows now, %.</param>
/// <param name="Proposed">What half of the tasters can tell, in whole %.</param>
/// <param name="Low">At least so much, with 95 % confidence.</param>
/// <param name="High">At most so much; null where that is not known.</param>
/// <param name="Tastings">By how many tastings.</param>
/// <param name="Answers">By how many answers.</param>
/// <param name="Says">All of it in a sentence.</param>
public sealed record LearnedDrift(
    string Taste,
    double Allowed,
    double Proposed,
    double Low,
    double? High,
    int Tastings,
    int Answers,
    string Says
);
