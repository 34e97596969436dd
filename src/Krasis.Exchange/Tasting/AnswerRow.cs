namespace Krasis.Exchange.Tasting;

/// <summary>What one taster said of one cup.</summary>
/// <param name="Taster">The taster's number, in the order of coming.</param>
/// <param name="AnsweredAt">When.</param>
/// <param name="IsSimulated">Whether nobody sat there.</param>
/// <param name="IsCounted">Whether the answer counts.</param>
/// <param name="Place">Which cup it was for that taster, from 1.</param>
/// <param name="Code">The code on it.</param>
/// <param name="Sample">What was in it.</param>
/// <param name="Liking">How much it was liked, 1 to 9.</param>
/// <param name="Scales">What was said on the scales.</param>
/// <param name="Rank">Its place in the taster's order, from 1.</param>
/// <param name="IsChosen">Whether it was the cup that was chosen.</param>
/// <param name="IsRight">Whether the choice was right.</param>
/// <param name="Comment">What else was said, once for a taster.</param>
public sealed record AnswerRow(
    long Taster,
    string AnsweredAt,
    bool IsSimulated,
    bool IsCounted,
    int Place,
    string Code,
    string Sample,
    int? Liking,
    IReadOnlyList<ScaleSaid> Scales,
    int? Rank,
    bool? IsChosen,
    bool? IsRight,
    string? Comment
);

/// <summary>What was said on a scale.</summary>
/// <param name="Scale">What it is called.</param>
/// <param name="Said">−2 much too little to 2 much too much.</param>
public sealed record ScaleSaid(string Scale, int? Said);
