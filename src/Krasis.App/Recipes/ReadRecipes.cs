using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Exchange.Recipes;
using Krasis.Recipes;
using Krasis.Store;

namespace Krasis.App.Recipes;

/// <summary>Reads recipes as people write them.</summary>
public sealed class ReadRecipes(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const int MostChoices = 200;

    /// <summary>Does it.</summary>
    public Result<RecipesView> Run(ReadRequest request)
    {
        var source = RecipeSource.Read(request.Text ?? "");
        if (!source.IsRead)
        {
            return Refusal.Fields([.. source.Problems.Select(problem => problem with { Field = "text" })]);
        }

        var text = source.Value;
        if (string.IsNullOrWhiteSpace(text) || text.Length > RecipeReader.LongestText)
        {
            return Refusal.Fields([
                text.Length > 1 && !string.IsNullOrWhiteSpace(text)
                    ? RecipeParts.TooLong("text", text.Length)
                    : new Problem("text", "", "There is no text.", RecipeSource.Accepted),
            ]);
        }

        var bar = file.Read(session => session.Bar.Whole());
        var choices = (request.Choices ?? [])
            .Where(choice => choice is { Said: not null, Ingredient: not null })
            .Take(MostChoices)
            .ToList();
        return Result.Of(
            new RecipesView(
                text,
                [
                    .. RecipeReader
                        .Read(text, bar, choices)
                        .Select(recipe => RecipeParts.View(recipe, bar, clock.Today())),
                ]
            )
        );
    }
}
