using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Advising;

/// <summary>One way of pouring a size with what the bar can really pour.</summary>
/// <param name="Edits">The cells that it changes; none where the size is that already.</param>
/// <param name="Does">What is changed, in a few words, such as "1 shot less, less milk".</param>
/// <param name="GivesUp">What it costs the drink, in a few words, such as "8 % weaker"; "none you can taste" where it is
/// too little for that.</param>
/// <param name="Pour">What is poured of the lines that were weighed against one another, in words.</param>
/// <param name="Strength">Drift in strength from the reference size; null when not known.</param>
/// <param name="Sweetness">Drift in sweetness from the reference size; null when not known.</param>
/// <param name="Room">Room that is left below the reserve.</param>
/// <param name="Score">What it is ranked by, the smaller the better.</param>
/// <param name="Reason">Why it stands where it stands, in a sentence.</param>
public sealed record Advice(
    IReadOnlyList<CellEdit> Edits,
    string Does,
    string GivesUp,
    string Pour,
    Percent? Strength,
    Percent? Sweetness,
    Millilitres Room,
    double Score,
    string Reason
);
