using Krasis.Tasting.Ranking;

namespace Krasis.Tasting.Reading;

/// <summary>Whether samples differ in how they are liked.</summary>
/// <param name="Tasters">How many tasted them all.</param>
/// <param name="Samples">Which samples, by their place among the samples.</param>
/// <param name="Test">Friedman's test; null where fewer than two were there.</param>
/// <param name="LeastDifference">The least difference of two sums of places that counts for two samples alone.</param>
/// <param name="Pairs">Every two; places are those in <paramref name="Samples"/>.</param>
/// <param name="Says">What it means, sentence by sentence.</param>
public sealed record OrderResult(
    int Tasters,
    IReadOnlyList<int> Samples,
    Friedman? Test,
    double LeastDifference,
    IReadOnlyList<RankedPair> Pairs,
    IReadOnlyList<string> Says
);
