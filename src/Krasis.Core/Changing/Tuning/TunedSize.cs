using Krasis.Core.Bar.Cups;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Tuning;

/// <summary>What one size comes to by a change.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Was">What of the line is poured now, in words.</param>
/// <param name="Will">What would be.</param>
/// <param name="Strength">By how much it gets stronger, %; null when that is not known.</param>
/// <param name="Sweetness">By how much it gets sweeter, %; null when that is not known.</param>
/// <param name="ColourWas">Its colour now, as <c>#rrggbb</c>.</param>
/// <param name="ColourWill">Its colour then.</param>
/// <param name="Cost">By how much it costs more; null when that is not known.</param>
/// <param name="RoomLeft">The room it leaves then below the reserve, ml; below nothing it runs over.</param>
public sealed record TunedSize(
    CupId Size,
    string Name,
    string Was,
    string Will,
    Percent? Strength,
    Percent? Sweetness,
    string? ColourWas,
    string? ColourWill,
    double? Cost,
    Millilitres RoomLeft
);
