using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Tests;

/// <summary>Recipes as people write them, in as many manners as we know, each with what it says written down by hand.
/// The last ten were written when the reader was done.</summary>
public class RecipeTextsTests(ITestOutputHelper output)
{
    private const int Texts = 40;

    [Fact]
    public void What_recipes_say_is_read_or_honestly_marked()
    {
        var (right, marked, wrong) = (0, 0, new List<string>());
        for (var number = 1; number <= Texts; number++)
        {
            var text = ExpectedRecipe.Text(number);
            var read = RecipeReader.Read(text, PloverLock.Bar, []);
            foreach (var (expected, i) in ExpectedRecipe.Of(number).Select((one, i) => (one, i)))
            {
                var recipe = read[i];
                if (expected.Name != recipe.Draft.Name)
                {
                    output.WriteLine($"{number}: name {recipe.Draft.Name}");
                }
                var left = recipe.Draft.Lines.ToList();
                foreach (var line in expected.Lines.Select(ExpectedLine.Read))
                {
                    var at = text.IndexOf(line.Said, recipe.Start, StringComparison.Ordinal);
                    Assert.True(at >= 0, $"{number}: '{line.Said}' is not in the text.");
                    var isMarked = recipe.Pieces.Any(piece =>
                        piece.Kind is PieceKind.Guessed or PieceKind.NotUnderstood
                        && piece.Start < at + line.Said.Length
                        && piece.Start + piece.Length > at
                    );
                    if (left.FindIndex(line.Is) is >= 0 and var found)
                    {
                        left.RemoveAt(found);
                        right++;
                    }
                    else
                    {
                        _ = isMarked ? marked++ : 0;
                        var was = recipe.Draft.Lines.FirstOrDefault(one => one.Ingredient == line.Ingredient);
                        output.WriteLine(
                            $"{number}: '{line.Said}' {(isMarked ? "marked" : "WRONG")}: {was?.Amount} {was?.Measure} {was?.To} {was?.Technique}"
                        );
                        if (!isMarked)
                        {
                            wrong.Add($"{number}: {line.Said}");
                        }

                        left.RemoveAll(one => one.Ingredient == line.Ingredient);
                    }
                }

                // What nobody has said goes in: unless it is marked as a guess, it is wrong.
                foreach (var more in left.Where(line => !IsDoubted(recipe, line)))
                {
                    output.WriteLine($"{number}: invented {more.Ingredient} {more.Amount} {more.Measure}");
                    wrong.Add($"{number}: {more.Ingredient}");
                }

                foreach (var doubtful in expected.Marked ?? [])
                {
                    var at = text.IndexOf(doubtful, recipe.Start, StringComparison.Ordinal);
                    if (
                        !recipe.Pieces.Any(piece =>
                            piece.Kind is PieceKind.Guessed or PieceKind.NotUnderstood
                            && piece.Start < at + doubtful.Length
                            && piece.Start + piece.Length > at
                        )
                    )
                    {
                        output.WriteLine($"{number}: '{doubtful}' is not marked");
                        wrong.Add($"{number}: {doubtful}");
                    }
                }

                if (expected.Sizes is { } sizes)
                {
                    if (!sizes.SequenceEqual(recipe.Draft.Sizes))
                    {
                        output.WriteLine($"{number}: sizes {string.Join(",", recipe.Draft.Sizes)}");
                    }
                }

                if (expected.Serve is { } serve)
                {
                    if (serve != recipe.Draft.Serve)
                    {
                        output.WriteLine($"{number}: serve {recipe.Draft.Serve}");
                    }
                }
            }
        }

        var all = right + marked + wrong.Count;
        output.WriteLine($"{all} lines: {right} read right, {marked} marked, {wrong.Count} silently wrong");
        Assert.True(right + marked >= 0.95 * all, $"{right} + {marked} of {all}");
        Assert.True(wrong.Count < 0.01 * all, string.Join("; ", wrong));
    }

    // Guessed, and said so with its name.
    private static bool IsDoubted(ReadRecipe recipe, LineDocument line) =>
        PloverLock.Facts.Find(new IngredientId(line.Ingredient!)) is not { } ingredient
        || recipe.Pieces.Any(piece =>
            piece.Kind is PieceKind.Guessed or PieceKind.NotUnderstood
            && piece.Says?.Contains(ingredient.Name, StringComparison.Ordinal) == true
        );
}
