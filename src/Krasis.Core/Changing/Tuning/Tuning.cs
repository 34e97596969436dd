using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Changing.Tuning;

/// <summary>One change of one line by which a drink tastes otherwise: tried, and what it comes to.</summary>
/// <param name="Line">The line.</param>
/// <param name="Ingredient">What it is of.</param>
/// <param name="Name">What that is called.</param>
/// <param name="Says">The change in the size that was tasted, such as <c>Reed syrup: 3 strokes → 2 strokes in
/// Reed</c>.</param>
/// <param name="ByPercent">By how much what was to be moved moves in that size, %; below nothing, it becomes
/// less.</param>
/// <param name="IsTasted">Whether that is as much as the house holds to be tasted; otherwise the bar pours nothing that
/// is.</param>
/// <param name="IsFar">Whether it is more than twice as much as was wanted: the bar pours nothing between.</param>
/// <param name="Sizes">What every size comes to.</param>
/// <param name="NewFindings">What the checks find that they did not find before.</param>
/// <param name="Build">The build with the change.</param>
public sealed record Tuning(
    LineId Line,
    IngredientId Ingredient,
    string Name,
    string Says,
    double ByPercent,
    bool IsTasted,
    bool IsFar,
    IReadOnlyList<TunedSize> Sizes,
    IReadOnlyList<Finding> NewFindings,
    BuildDocument Build
)
{
    /// <summary>Whether anything in any size stands further beyond what the house allows than before.</summary>
    public bool IsWorse { get; init; }
}
