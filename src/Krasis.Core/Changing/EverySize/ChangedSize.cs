using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.EverySize;

/// <summary>What one size comes to when one thing changes in all of them.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Amounts">The lines of which more or less is poured; none where this size stays as it is.</param>
/// <param name="StrengthWas">Its strength now; null without coffee.</param>
/// <param name="StrengthWill">Its strength then.</param>
/// <param name="Sweeter">By how much it becomes sweeter, %; null where that is not known.</param>
/// <param name="RoomWas">The room it leaves now below the reserve; below nothing it runs over.</param>
/// <param name="RoomWill">The room it leaves then.</param>
/// <param name="ColourWas">Its colour now, as <c>#rrggbb</c>.</param>
/// <param name="ColourWill">Its colour then.</param>
public sealed record ChangedSize(
    CupId Size,
    string Name,
    IReadOnlyList<ChangedAmount> Amounts,
    Percent? StrengthWas,
    Percent? StrengthWill,
    Percent? Sweeter,
    Millilitres RoomWas,
    Millilitres RoomWill,
    string? ColourWas,
    string? ColourWill
);

/// <summary>How much of a line is poured, and how much would be.</summary>
/// <param name="Line">The line.</param>
/// <param name="Name">What its ingredient is called.</param>
/// <param name="Was">Now, in words; null where the line is new.</param>
/// <param name="Will">Then; null where the line goes.</param>
public sealed record ChangedAmount(LineId Line, string Name, string? Was, string? Will);
