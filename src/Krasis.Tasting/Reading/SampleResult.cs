namespace Krasis.Tasting.Reading;

/// <summary>What tasters said of one sample.</summary>
/// <param name="Sample">Its place among the samples, counted from nothing.</param>
/// <param name="Codes">The codes it was served under.</param>
/// <param name="IsWithdrawn">Whether it was withdrawn; it is not compared then.</param>
/// <param name="Tasters">How many said how much they like it, or gave it a place.</param>
/// <param name="Liking">How much it is liked in the mean, 1 to 9; null where that was not said.</param>
/// <param name="LikingLow">The lower end of the 95 % interval of that mean; null of fewer than two.</param>
/// <param name="LikingHigh">The upper end.</param>
/// <param name="Scales">The scales.</param>
/// <param name="RankSum">The sum of its places; null where it has none.</param>
/// <param name="MeanRank">Its mean place, 1 the best; null where it has none.</param>
public sealed record SampleResult(
    int Sample,
    IReadOnlyList<string> Codes,
    bool IsWithdrawn,
    int Tasters,
    double? Liking,
    double? LikingLow,
    double? LikingHigh,
    IReadOnlyList<ScaleResult> Scales,
    double? RankSum,
    double? MeanRank
);
