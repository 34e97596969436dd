using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>What ground (or instant) coffee holds of caffeine, whatever is made of it.</summary>
/// <param name="Caffeine">Caffeine by mass of the ground coffee: arabica about 1.2 %, robusta about 2.2 %, instant
/// about 3 % (from memory).</param>
/// <param name="Spread">How far that may be off, as a share of it, %.</param>
public sealed record Roast(Percent Caffeine, Percent Spread)
{
    /// <summary>How far a roast may be off what is usual of its kind, where it is not said: 10 % (from memory; species,
    /// farm and roast move it).</summary>
    public static Percent UsualSpread { get; } = Percent.From(10);
}
