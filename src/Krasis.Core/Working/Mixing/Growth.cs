namespace Krasis.Core.Working.Mixing;

/// <summary>How much larger a size is than the reference size.</summary>
/// <param name="Cup">How many times the reference's working volume it has; above zero.</param>
/// <param name="Steps">How many sizes it is above the reference; below zero when it is smaller.</param>
public readonly record struct Growth(double Cup, int Steps);
