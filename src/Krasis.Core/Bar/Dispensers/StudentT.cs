namespace Krasis.Core.Bar.Dispensers;

/// <summary>Student's t, by which the average of a few weighings is known.</summary>
internal static class StudentT
{
    // The 97.5 % points for 1, 2, 3 … degrees of freedom (R. A. Fisher and F. Yates, Statistical Tables, table III;
    // from memory, and held against MathNet.Numerics by the tests).
    private static readonly double[] Points =
    [
        12.706,
        4.303,
        3.182,
        2.776,
        2.571,
        2.447,
        2.365,
        2.306,
        2.262,
        2.228,
        2.201,
        2.179,
        2.160,
        2.145,
        2.131,
        2.120,
        2.110,
        2.101,
        2.093,
        2.086,
        2.080,
        2.074,
        2.069,
        2.064,
        2.060,
        2.056,
        2.052,
        2.048,
        2.045,
        2.042,
    ];

    /// <summary>The point that 97.5 % lie below: 95 % lie between it and its negative.</summary>
    /// <param name="freedom">Degrees of freedom, at least one.</param>
    /// <remarks>Above 30 it nears 1.960 as z + (z³ + z) ÷ 4ν (the first term of the Cornish–Fisher
    /// expansion).</remarks>
    public static double TwoSided95(int freedom)
    {
        const double Z = 1.959964;
        return freedom <= Points.Length ? Points[freedom - 1] : Z + (((Z * Z * Z) + Z) / (4 * freedom));
    }
}
