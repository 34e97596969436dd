namespace Krasis.Core.Changing.Comparing;

/// <summary>One difference between two builds, or two versions of one.</summary>
/// <param name="Where">What differs: a size and an ingredient, or a word for the whole build.</param>
/// <param name="Before">How it is in the first, read out.</param>
/// <param name="After">How it is in the second, read out.</param>
public sealed record Difference(string Where, string Before, string After);
