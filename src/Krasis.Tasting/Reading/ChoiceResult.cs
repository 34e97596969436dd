using Krasis.Tasting.Choosing;

namespace Krasis.Tasting.Reading;

/// <summary>What a choice of one comes to.</summary>
/// <param name="Method">How it was asked.</param>
/// <param name="Tasters">How many chose.</param>
/// <param name="Right">How many were right; of which of two, how many chose the first sample.</param>
/// <param name="LeastRight">The least number that is a result; null where so few tasters cannot give one.</param>
/// <param name="Probability">How likely that is if everybody guesses.</param>
/// <param name="IsResult">Whether it is one.</param>
/// <param name="TellLow">At least this share can really tell, with 95 % confidence; null for which of two.</param>
/// <param name="TellHigh">At most this share.</param>
/// <param name="FoundShare">The share of tasters who can tell that would have been found in four of five such tastings;
/// null where none would.</param>
/// <param name="Says">What it means, sentence by sentence.</param>
public sealed record ChoiceResult(
    ChoiceMethod Method,
    int Tasters,
    int Right,
    int? LeastRight,
    double Probability,
    bool IsResult,
    double? TellLow,
    double? TellHigh,
    double? FoundShare,
    IReadOnlyList<string> Says
);
