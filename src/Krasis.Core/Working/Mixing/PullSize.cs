using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Mixing;

/// <summary>How espresso is pulled for a size.</summary>
/// <param name="Recipe">What the bar calls the recipe.</param>
/// <param name="Pulls">How many pulls go into the cup, or which part of one.</param>
/// <param name="WholePulls">How many are pulled for it, and paid for.</param>
/// <param name="Dose">Ground coffee in, a pull.</param>
/// <param name="Yield">Espresso out, a pull.</param>
/// <param name="PouredAway">Espresso of those pulls that goes into no cup.</param>
public sealed record PullSize(string Recipe, double Pulls, int WholePulls, Grams Dose, Grams Yield, Grams PouredAway);
