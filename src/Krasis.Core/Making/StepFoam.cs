using Krasis.Core.Quantities;

namespace Krasis.Core.Making;

/// <summary>How milk is foamed in a step.</summary>
/// <param name="Level">What the house calls the foam level.</param>
/// <param name="Thirds">Which third it is meant to be; null when the house does not count in thirds.</param>
/// <param name="From">How warm the milk is before.</param>
/// <param name="To">How warm it is after.</param>
/// <param name="IsCold">Whether it is foamed without steam.</param>
/// <param name="Pitcher">In what; null when the bar has no pitchers.</param>
public sealed record StepFoam(string Level, int? Thirds, Celsius From, Celsius To, bool IsCold, string? Pitcher);
