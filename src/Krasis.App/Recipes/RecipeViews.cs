using Krasis.Core.Bar.Parts;
using Krasis.Core.Builds;
using Krasis.Recipes.Pieces;

namespace Krasis.App.Recipes;

/// <summary>What a file of recipes says as one text.</summary>
/// <param name="Text">The text.</param>
public sealed record RecipeTextView(string Text);

/// <summary>A text to be read for recipes.</summary>
/// <param name="Text">The text; linked data and saved pages are taken apart first.</param>
/// <param name="Choices">What somebody has said that names in it mean here.</param>
public sealed record ReadRequest(string? Text, IReadOnlyList<NameChoice>? Choices);

/// <summary>The recipes in a text.</summary>
/// <param name="Text">The text that the places of pieces are of.</param>
/// <param name="Recipes">The recipes, in the order in which they stand.</param>
public sealed record RecipesView(string Text, IReadOnlyList<RecipeView> Recipes);

/// <summary>A recipe as it was read, and what its draft comes to.</summary>
/// <param name="Pieces">The pieces of its text, side by side.</param>
/// <param name="Draft">The build that it becomes.</param>
/// <param name="Parts">The parts that come with it.</param>
/// <param name="Sizes">The names of its sizes, the reference's first among the pours where that is asked.</param>
/// <param name="Lines">What goes in, as the bar would pour it in every size.</param>
/// <param name="Assumed">What the recipe does not say and the draft needs.</param>
/// <param name="Findings">What the checks find, faults first.</param>
/// <param name="Problem">Why it cannot be worked out; null where it can.</param>
/// <param name="Unknown">Names that somebody should say the meaning of.</param>
/// <param name="Counts">How many of its pieces were read, guessed and not understood.</param>
public sealed record RecipeView(
    IReadOnlyList<Piece> Pieces,
    BuildDocument Draft,
    IReadOnlyList<PartDocument> Parts,
    IReadOnlyList<string> Sizes,
    IReadOnlyList<ReadLine> Lines,
    IReadOnlyList<string> Assumed,
    IReadOnlyList<string> Findings,
    string? Problem,
    IReadOnlyList<UnknownName> Unknown,
    PieceCounts Counts
);

/// <summary>A line of a recipe as the bar would pour it.</summary>
/// <param name="Name">What goes in.</param>
/// <param name="Amounts">How much, size by size.</param>
/// <param name="How">How it goes in, where that is more than pouring.</param>
public sealed record ReadLine(string Name, IReadOnlyList<string> Amounts, string? How);

/// <summary>How many pieces of a recipe's text were read.</summary>
/// <param name="Read">Were read.</param>
/// <param name="Guessed">Were guessed.</param>
/// <param name="NotUnderstood">Were not understood.</param>
public sealed record PieceCounts(int Read, int Guessed, int NotUnderstood);

/// <summary>A recipe to be kept as a draft.</summary>
/// <param name="Draft">The build.</param>
/// <param name="Parts">The parts that come with it.</param>
public sealed record KeepRecipe(BuildDocument Draft, IReadOnlyList<PartDocument>? Parts);

/// <summary>A recipe that was kept.</summary>
/// <param name="Id">The build's id.</param>
/// <param name="Name">What it is called: a name that no other build has.</param>
public sealed record KeptRecipe(string Id, string Name);
