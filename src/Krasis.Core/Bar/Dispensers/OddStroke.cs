namespace Krasis.Core.Bar.Dispensers;

/// <summary>A stroke that is not like the others.</summary>
/// <param name="Index">Its place, from 0.</param>
/// <param name="Grams">What it weighs, g.</param>
/// <param name="IsRefused">Whether it is so far off that it is not averaged in.</param>
/// <param name="Says">What is odd about it, in a sentence.</param>
public sealed record OddStroke(int Index, double Grams, bool IsRefused, string Says);
