namespace Krasis.Core.Changing.Comparing;

/// <summary>One thing that goes in or comes of it, in several sizes beside each other.</summary>
/// <param name="What">The ingredient of a line, or strength, sweetness, cost and the like.</param>
/// <param name="Cells">What each has, read out; null where it has no such thing.</param>
/// <param name="Differs">Which of them differ from the first.</param>
/// <param name="Apart">How far the least and the most of them are apart, as a share of the most: 0 where all are alike,
/// 1 where one has none of it. What is not a number is 0.5 apart where it differs.</param>
public sealed record ComparedRow(string What, IReadOnlyList<string?> Cells, IReadOnlyList<bool> Differs, double Apart);
