using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>One pull, as it came.</summary>
/// <param name="Yield">What came out.</param>
/// <param name="Seconds">How long it took.</param>
public sealed record Pull(Grams Yield, double Seconds);
