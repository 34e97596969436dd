using Krasis.Core.Quantities;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Working.Mixing;

/// <summary>What rounding to the bar has done to a size.</summary>
/// <param name="Before">What it would taste like if the bar could pour what scaling asked for.</param>
/// <param name="Strength">By how much rounding has made it stronger; negative for weaker; null when not known.</param>
/// <param name="Sweetness">By how much rounding has made it sweeter; negative for less sweet; null when not known.</param>
/// <param name="Says">The same in a sentence; empty where nothing was rounded.</param>
public sealed record RoundingEffect(Taste Before, Percent? Strength, Percent? Sweetness, string Says);
