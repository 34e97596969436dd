using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Advising;

/// <summary>One way of pouring a size with what the bar can really pour.</summary>
/// <param name="Edits">The cells that it changes; none where the size is that already.</param>
/// <param name="Pour">What is poured of the lines that were weighed against one another, in words.</param>
/// <param name="Strength">Drift in strength from the reference size; null when not known.</param>
/// <param name="Sweetness">Drift in sweetness from the reference size; null when not known.</param>
/// <param name="Room">Room that is left below the reserve.</param>
/// <param name="Score">What it is ranked by, the smaller the better.</param>
/// <param name="Reason">Why it stands where it stands, in a sentence.</param>
public sealed record Advice(
    IReadOnlyList<CellEdit> Edits,
    string Pour,
    Percent? Strength,
    Percent? Sweetness,
    Millilitres Room,
    double Score,
    string Reason
);
