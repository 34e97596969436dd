using Krasis.Core.Bar.Cups;

namespace Krasis.Core.Changing.Moving;

/// <summary>A size of a build that a change moves.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Moves">What moves in it, what is poured first.</param>
/// <param name="NewFindings">What the checks would find that they do not find now.</param>
/// <param name="MendedFindings">What they would find no more.</param>
public sealed record MovedSize(
    CupId Size,
    string Name,
    IReadOnlyList<Move> Moves,
    IReadOnlyList<string> NewFindings,
    IReadOnlyList<string> MendedFindings
);
