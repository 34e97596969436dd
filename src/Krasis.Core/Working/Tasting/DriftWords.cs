using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Tasting;

/// <summary>How far a taste is from a standard, in words.</summary>
internal static class DriftWords
{
    /// <summary>Strength and sweetness each in a few words, such as <c>9 % weaker</c>, <c>as sweet</c>, <c>how strong
    /// is not known</c>.</summary>
    /// <param name="strength">How far off it is in strength; null when that is not known.</param>
    /// <param name="sweetness">The same in sweetness.</param>
    /// <param name="than">What it is held against, such as <c>the reference</c>; said where it is the same, and empty
    /// where that is plain.</param>
    public static (string Strength, string Sweetness) Of(Percent? strength, Percent? sweetness, string than = "") =>
        (One(strength, "stronger", "weaker", "strong", than), One(sweetness, "sweeter", "less sweet", "sweet", than));

    private static string One(Percent? drift, string more, string less, string what, string than) =>
        drift switch
        {
            null => $"how {what} is not known",
            { Value: var value } when Math.Abs(value) < Drift.Noticeable => than.Length == 0
                ? $"as {what}"
                : $"as {what} as {than}",
            { Value: var value } => $"{Say.Whole(Math.Abs(value))} % {(value > 0 ? more : less)}",
        };
}
