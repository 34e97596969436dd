using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>What a size tastes and looks like.</summary>
/// <param name="Poured">What it tastes like, as poured.</param>
/// <param name="Drift">How far it is from the reference size.</param>
/// <param name="Rounding">What rounding to the bar has done to it.</param>
/// <param name="Colour">The colour of the drink when it is handed over, mixed, as <c>#rrggbb</c>; null of an empty
/// cup.</param>
public sealed record SizeTaste(Taste Poured, Drift Drift, RoundingEffect Rounding, string? Colour);
