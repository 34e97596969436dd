using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.EverySize;

/// <summary>One size before and after a change to every size.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Amounts">The lines whose amount changes; none if this size stays as it is.</param>
/// <param name="StrengthWas">Its strength now; null without coffee.</param>
/// <param name="StrengthWill">Its strength then.</param>
/// <param name="Sweeter">How much sweeter it gets, %; negative if it gets less sweet, null if unknown.</param>
/// <param name="RoomWas">How much room it has left below the reserve now; negative if it is too full.</param>
/// <param name="RoomWill">How much room it has left then.</param>
public sealed record ChangedSize(
    CupId Size,
    string Name,
    IReadOnlyList<ChangedAmount> Amounts,
    Percent? StrengthWas,
    Percent? StrengthWill,
    Percent? Sweeter,
    Millilitres RoomWas,
    Millilitres RoomWill
);

/// <summary>How much of a line is poured, and how much would be.</summary>
/// <param name="Line">The line.</param>
/// <param name="Name">What its ingredient is called.</param>
/// <param name="Was">Now, in words; null where the line is new.</param>
/// <param name="Will">Then; null where the line goes.</param>
public sealed record ChangedAmount(LineId Line, string Name, string? Was, string? Will);
