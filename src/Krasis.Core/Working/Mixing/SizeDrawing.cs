namespace Krasis.Core.Working.Mixing;

/// <summary>A size as it looks; handed over and later it is drawn with each of its moments.</summary>
/// <param name="Poured">Where in the cup everything is as it is poured, in layers.</param>
/// <param name="Boundaries">Where one liquid was poured on another, from the bottom up.</param>
public sealed record SizeDrawing(CupDrawing Poured, IReadOnlyList<Boundary> Boundaries);
