namespace Krasis.Core.Bar.Kinds;

/// <summary>What a measurement is worked out with.</summary>
/// <param name="Bar">The bar: with the measured fact in it where that can be read, as it is kept where it
/// cannot.</param>
/// <param name="IsIn">Whether the measured fact is in it.</param>
/// <param name="Today">The day.</param>
public sealed record Bench(BarFacts Bar, bool IsIn, DateOnly Today);
