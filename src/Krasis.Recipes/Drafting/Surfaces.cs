using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Recipes.Grammar;

namespace Krasis.Recipes.Drafting;

/// <summary>What deeds do to a line, and to the drink.</summary>
internal static class Surfaces
{
    private static readonly Dictionary<string, Serve> Serves = new(StringComparer.OrdinalIgnoreCase)
    {
        ["hot"] = Serve.Hot,
        ["iced"] = Serve.Iced,
        ["shaken"] = Serve.Shaken,
        ["layered"] = Serve.Layered,
        ["blended"] = Serve.Blended,
        ["frozen"] = Serve.Blended,
    };

    /// <summary>Whether it fills a cup up where it is topped up with.</summary>
    public static bool FillsUp(DraftedLine line) =>
        line.Ingredient.Kind
            is IngredientKind.Milk
                or IngredientKind.Water
                or IngredientKind.Coffee
                or IngredientKind.Tea
                or IngredientKind.Ice
        && !line.IsFoam;

    /// <summary>How a drink is served by what a word says; null where it says nothing of it.</summary>
    public static Serve? ServeOf(string word) => Serves.TryGetValue(word, out var serve) ? serve : null;

    /// <summary>Does what is said to a line.</summary>
    /// <returns>What was done, in words; null where it changes nothing.</returns>
    public static string? Apply(Drafted draft, DraftedLine? line, IReadOnlyList<Doing> deeds)
    {
        string? said = null;
        foreach (var deed in deeds)
        {
            if (deed is Doing.Shake or Doing.Blend)
            {
                draft.Serve = deed == Doing.Shake ? Serve.Shaken : Serve.Blended;
                said = draft.Serve == Serve.Shaken ? "served shaken" : "served blended";
            }
            else if (line is not null && Of(deed, line) is { } technique)
            {
                // What was steamed and is then stirred was steamed.
                line.Technique = line.Technique is null or Technique.Pour ? technique : line.Technique;
                said = $"{line.Ingredient.Name} · {line.Technique.Value.Facts().Words}";
            }
        }

        return said;
    }

    private static Technique? Of(Doing deed, DraftedLine line) =>
        deed switch
        {
            Doing.Dissolve or Doing.Stir when line.Ingredient.IsWhisked => Technique.Whisk,
            Doing.Stir when line.Ingredient.Kind is not (IngredientKind.Ice or IngredientKind.Topping) =>
                Technique.Stir,
            Doing.Steam when line.Ingredient.Kind == IngredientKind.Milk => Technique.Steam,
            Doing.Foam when line.Ingredient.Kind == IngredientKind.Milk => Technique.Foam,
            Doing.Float when line.Ingredient.Kind is not (IngredientKind.Ice or IngredientKind.Topping) =>
                Technique.Float,
            Doing.Drizzle => Technique.Top,
            Doing.Dust => line.Ingredient.Kind == IngredientKind.Powder ? Technique.Dust : Technique.Top,
            Doing.Rim => Technique.Rim,
            Doing.Torch => Technique.Torch,
            Doing.Skewer => Technique.Skewer,
            Doing.Wall when line.Ingredient.Kind is IngredientKind.Sauce or IngredientKind.Syrup => Technique.Wall,
            Doing.Dissolve
                when line.Ingredient.Kind is IngredientKind.Powder or IngredientKind.Sauce or IngredientKind.Syrup =>
                Technique.Dissolve,
            Doing.Cool when line.Ingredient.Kind is IngredientKind.Espresso or IngredientKind.Coffee => Technique.Cool,
            Doing.Top when line.IsFoam => Technique.Foam,
            Doing.Top when !FillsUp(line) && line.Ingredient.Kind is not IngredientKind.Espresso => Technique.Top,
            _ => null,
        };
}
