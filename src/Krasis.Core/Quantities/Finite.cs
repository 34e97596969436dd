using System.Runtime.CompilerServices;

namespace Krasis.Core.Quantities;

/// <summary>Guards the measures against numbers that are not numbers.</summary>
internal static class Finite
{
    /// <summary>Returns <paramref name="value"/> if it is finite.</summary>
    /// <exception cref="ArgumentOutOfRangeException">It is NaN or infinite.</exception>
    public static double Of(double value, [CallerArgumentExpression(nameof(value))] string? name = null) =>
        double.IsFinite(value)
            ? value
            : throw new ArgumentOutOfRangeException(name, value, "A measure must be a finite number.");
}
