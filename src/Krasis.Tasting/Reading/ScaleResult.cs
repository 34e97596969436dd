using Krasis.Tasting.Documents;
using Krasis.Tasting.JustRight;

namespace Krasis.Tasting.Reading;

/// <summary>What tasters said of a sample on one scale, and what that means.</summary>
/// <param name="Scale">The scale.</param>
/// <param name="Counts">How many gave each answer, from much too little to much too much: five numbers.</param>
/// <param name="Figures">The figures.</param>
/// <param name="Says">What it means, in a sentence.</param>
public sealed record ScaleResult(JarScale Scale, IReadOnlyList<int> Counts, ScaleReading Figures, string Says);
