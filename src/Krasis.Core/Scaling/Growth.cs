namespace Krasis.Core.Scaling;

/// <summary>How much larger a size is than the reference size.</summary>
/// <param name="Cup">How many times the reference's working volume it has; above zero.</param>
/// <param name="Coffee">How many times the reference's coffee, by mass, the bar pours into it; null while the coffee itself
/// is being scaled, and where the reference has none.</param>
public readonly record struct Growth(double Cup, double? Coffee);
