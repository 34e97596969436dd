using Krasis.Core.Bar.Parts;
using Krasis.Core.Builds;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes;

/// <summary>A recipe as it was read.</summary>
/// <param name="Start">Where its text begins.</param>
/// <param name="Length">How long its text is.</param>
/// <param name="Pieces">The pieces of its text, side by side.</param>
/// <param name="Draft">The build that it becomes. It may still want what the recipe does not say.</param>
/// <param name="Parts">The house-made parts that it says how to make, which the draft uses and the bar does not have
/// yet.</param>
/// <param name="Assumed">What the recipe does not say and the draft needs, in sentences.</param>
/// <param name="Unknown">What goes in and the bar does not have, or may not be what it was taken for: as it is
/// written.</param>
public sealed record ReadRecipe(
    int Start,
    int Length,
    IReadOnlyList<Piece> Pieces,
    BuildDocument Draft,
    IReadOnlyList<PartDocument> Parts,
    IReadOnlyList<string> Assumed,
    IReadOnlyList<UnknownName> Unknown
);
