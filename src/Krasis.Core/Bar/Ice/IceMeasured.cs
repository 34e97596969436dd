using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ice;

/// <summary>What a weighing of ice says.</summary>
/// <param name="Solid">The share of a heap of it that is ice; null when no cup was filled.</param>
/// <param name="Piece">The mass of one piece; null when none were counted.</param>
public sealed record IceMeasured(Percent? Solid, Grams? Piece);
