using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Mixing;

/// <summary>How espresso is pulled for a size.</summary>
/// <param name="Pulls">How many pulls, or which part of one.</param>
/// <param name="Dose">Ground coffee in, a pull.</param>
/// <param name="Yield">Espresso out, a pull.</param>
public sealed record PullSize(double Pulls, Grams Dose, Grams Yield);
