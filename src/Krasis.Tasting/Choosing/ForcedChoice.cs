using MathNet.Numerics;
using MathNet.Numerics.Distributions;

namespace Krasis.Tasting.Choosing;

/// <summary>What so many right answers of so many tasters mean: exact binomial sums, as ISO 4120, 10399 and 5495 table
/// them.</summary>
public static class ForcedChoice
{
    /// <summary>The chance at which a result is called one, where nothing else is said.</summary>
    public const double UsualLevel = 0.05;

    /// <summary>The chance of finding a difference that is there, where nothing else is said (common practice, no
    /// source).</summary>
    public const double UsualPower = 0.8;

    /// <summary>More tasters than any café gets together.</summary>
    public const int MostTasters = 500;

    /// <summary>The least number of right answers (of choices of one sample, where either counts) that is a
    /// result.</summary>
    /// <example>24 tasters at 5 %: 13 in a triangle, 17 in a duo-trio, 18 for which of two.</example>
    /// <param name="method">How it was asked.</param>
    /// <param name="tasters">How many answered.</param>
    /// <param name="level">The chance of calling nothing a result, between 0 and 1.</param>
    /// <returns>The number; null where not even all of them would do.</returns>
    public static int? LeastRight(ChoiceMethod method, int tasters, double level = UsualLevel)
    {
        for (var right = 0; right <= tasters; right++)
        {
            if (right >= tasters * method.Chance && Probability(method, tasters, right) <= level)
            {
                return right;
            }
        }

        return null;
    }

    /// <summary>How likely so many right answers or more are if everybody guesses; of either sample, where either
    /// counts.</summary>
    /// <param name="method">How it was asked.</param>
    /// <param name="tasters">How many answered.</param>
    /// <param name="right">How many were right.</param>
    public static double Probability(ChoiceMethod method, int tasters, int right)
    {
        if (tasters == 0)
        {
            return 1;
        }

        return method.IsTwoSided
            ? Math.Min(1, 2 * AtLeast(tasters, method.Chance, Math.Max(right, tasters - right)))
            : AtLeast(tasters, method.Chance, right);
    }

    /// <summary>How likely it is to find a difference that is there.</summary>
    /// <param name="method">How it is asked.</param>
    /// <param name="tasters">How many will answer.</param>
    /// <param name="share">The share of tasters who can really tell; where either counts, the share of choices that the
    /// better liked one gets.</param>
    /// <param name="level">The chance of calling nothing a result.</param>
    public static double Power(ChoiceMethod method, int tasters, double share, double level = UsualLevel)
    {
        if (LeastRight(method, tasters, level) is not { } least)
        {
            return 0;
        }

        // Whoever cannot tell guesses, and is right by chance.
        var right = method.IsTwoSided ? share : method.Chance + (share * (1 - method.Chance));
        return AtLeast(tasters, right, least) + (method.IsTwoSided ? AtLeast(tasters, 1 - right, least) : 0);
    }

    /// <summary>The fewest tasters with whom a difference is found as surely as is wanted.</summary>
    /// <inheritdoc cref="Power"/>
    /// <param name="method">How it is asked.</param>
    /// <param name="share">The share of tasters who can really tell, or of choices that the better liked one
    /// gets.</param>
    /// <param name="power">How surely it shall be found.</param>
    /// <param name="level">The chance of calling nothing a result.</param>
    /// <returns>The number; null where <see cref="MostTasters"/> would not do.</returns>
    public static int? TastersFor(
        ChoiceMethod method,
        double share,
        double power = UsualPower,
        double level = UsualLevel
    )
    {
        for (var tasters = 2; tasters <= MostTasters; tasters++)
        {
            if (Power(method, tasters, share, level) >= power)
            {
                return tasters;
            }
        }

        return null;
    }

    /// <summary>Between which shares of tasters can really tell, by Clopper and Pearson's exact interval (1934). Each end
    /// is as sure as the test, which looks to one side: the lower one is above nothing where the answers are a result,
    /// and only there.</summary>
    /// <param name="method">How it was asked; one where an answer is right or wrong.</param>
    /// <param name="tasters">How many answered.</param>
    /// <param name="right">How many were right.</param>
    /// <param name="confidence">How sure each end is, between 0.5 and 1.</param>
    public static (double Low, double High) WhoCanTell(
        ChoiceMethod method,
        int tasters,
        int right,
        double confidence = 0.95
    )
    {
        var (low, high) = Interval(tasters, right, 1 - (2 * (1 - confidence)));
        return (Told(low), Told(high));

        double Told(double share) => Math.Max(0, (share - method.Chance) / (1 - method.Chance));
    }

    /// <summary>Clopper and Pearson's exact interval of a share.</summary>
    public static (double Low, double High) Interval(int of, int counted, double confidence = 0.95)
    {
        if (of == 0)
        {
            return (0, 1);
        }

        var tail = (1 - confidence) / 2;
        return (
            counted == 0 ? 0 : Beta.InvCDF(counted, of - counted + 1, tail),
            counted == of ? 1 : Beta.InvCDF(counted + 1, of - counted, 1 - tail)
        );
    }

    // The chance of so many or more; the upper tail itself, because 1 less the lower one is nothing but rounding when
    // it is small.
    private static double AtLeast(int of, double share, int least) =>
        least <= 0 ? 1
        : least > of ? 0
        : SpecialFunctions.BetaRegularized(least, of - least + 1, share);
}
