namespace Krasis.Core.Input;

/// <summary>Which numbers can be measured at a bar at all.</summary>
public static class Measurable
{
    /// <summary>The smallest that is not nothing: below it a division by it is no number any more long before it could
    /// be weighed.</summary>
    public const double Least = 1e-150;

    /// <summary>The largest: a million tons in grams.</summary>
    public const double Most = 1e12;

    /// <summary>What is said of a number that cannot be.</summary>
    public const string Refusal = "That number is larger or smaller than anything that can be measured.";

    /// <summary>Whether a number is nothing, or lies between <see cref="Least"/> and <see cref="Most"/> either
    /// way.</summary>
    public static bool Is(double value) => value == 0 || (Math.Abs(value) >= Least && Math.Abs(value) <= Most);
}
