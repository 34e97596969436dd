using Krasis.Core.Quantities;

namespace Krasis.Core.Physics;

/// <summary>The density of sugar in water.</summary>
public static class BrixDensity
{
    /// <summary>The most that the table is for: above it sugar no longer dissolves at room temperature.</summary>
    public const double Most = 75;

    private const double Step = 10;

    // g/ml at 20 °C for 0, 10, 20 … °Brix (NBS Circular 440, Table 114; from memory). The last, for 80, only carries
    // 75.
    private static readonly double[] Table =
    [
        0.99823,
        1.03814,
        1.08096,
        1.12698,
        1.17643,
        1.22957,
        1.28646,
        1.34717,
        1.41172,
    ];

    /// <summary>The density at 20 °C of a syrup of so many °Brix (grams of sucrose in 100 g).</summary>
    /// <param name="brix">From 0 to <see cref="Most"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">It is outside that range.</exception>
    /// <remarks>Between the table's values the volume of a gram is carried on in a straight line, which it very nearly
    /// is: the error is below 0.01 %. The tests hold it against the <c>brix()</c> of GNU units from 0 to 70 within 0.2
    /// %.</remarks>
    public static Density At(double brix)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(brix);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(brix, Most);
        var below = (int)(brix / Step);
        var part = (brix / Step) - below;
        return Density.From(1 / (((1 - part) / Table[below]) + (part / Table[below + 1])));
    }
}
