using System.Globalization;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Drafting;

/// <summary>Finds the bar's espresso recipe that is pulled as a line says.</summary>
/// <param name="draft">The build so far.</param>
/// <param name="marking">The marks.</param>
internal sealed class Shots(Drafted draft, Marking marking)
{
    // Two ways of saying the same pull differ by less, g (common practice, no source).
    private const double SameDose = 0.5,
        SameYield = 2;

    private readonly List<Bit.Pulled> said = [];

    /// <summary>Takes a bit that says how a shot is pulled, to settle it when the line has been read.</summary>
    /// <returns>Whether it was one.</returns>
    public bool Take(Bit bit)
    {
        if (bit is not Bit.Pulled pulled)
        {
            return false;
        }

        said.Add(pulled);
        return true;
    }

    /// <summary>Settles what the line has said.</summary>
    public void Settle()
    {
        if (said.Count == 0)
        {
            return;
        }

        var (dose, yield, seconds) = (
            said.Select(one => one.Dose).LastOrDefault(one => one is not null),
            said.Select(one => one.Yield).LastOrDefault(one => one is not null),
            said.Select(one => one.Seconds).LastOrDefault(one => one is not null)
        );
        var line = draft.Current is { Ingredient.Kind: IngredientKind.Espresso } current
            ? current
            : draft.Lines.LastOrDefault(one => one.Ingredient.Kind == IngredientKind.Espresso);
        var bits = said.ToList();
        said.Clear();
        if (dose is null && yield is null)
        {
            // Seconds by themselves are of the shot only where one is spoken of.
            var about = draft.Current;
            about?.Notes.Add(string.Create(CultureInfo.InvariantCulture, $"{seconds:0} s"));
            marking.Mark(
                bits,
                about is null ? PieceKind.NotUnderstood : PieceKind.Aside,
                about is null ? null : $"kept as a note on {about.Ingredient.Name}"
            );
            return;
        }

        if (line is null)
        {
            if (draft.Names.OfSort(IngredientKind.Espresso) is not { } espresso)
            {
                marking.Mark(bits, PieceKind.NotUnderstood, "The bar has no espresso.");
                return;
            }

            // How many of such shots go in is not said: the sheet asks for it.
            line = new DraftedLine(espresso.Ingredient);
            line.Notes.Add(string.Join(", ", bits.Select(bit => bit.Said)));
            draft.Lines.Add(line);
            draft.Current = line;
            marking.Mark(bits, PieceKind.Guessed, $"{espresso.Ingredient.Name} · how many shots is not said");
            return;
        }

        var recipes = draft.Bar.RecipesOf(line.Ingredient.Id);
        var like = recipes.FirstOrDefault(recipe => Is(recipe, dose, yield, seconds));
        if (like is not null)
        {
            line.Recipe = like.Id == draft.Bar.EspressoOf(line.Ingredient.Id)?.Id ? null : like.Id;
            marking.Mark(bits, PieceKind.Read, $"{line.Ingredient.Name} · pulled as '{like.Name}'");
            return;
        }

        line.Notes.Add(string.Join(", ", bits.Select(bit => bit.Said)));
        var own = draft.Bar.EspressoOf(line.Ingredient.Id);
        marking.Mark(
            bits,
            PieceKind.NotUnderstood,
            own is null
                ? "The bar has no espresso recipe like that. It is kept as a note."
                : string.Create(
                    CultureInfo.InvariantCulture,
                    $"The bar pulls {own.Name} with {own.Dose.Value:0.#} g in and {own.Yield.Value:0.#} g out. What is said is kept as a note."
                )
        );
    }

    private static bool Is(EspressoRecipe recipe, double? dose, double? yield, double? seconds) =>
        (dose is not { } grams || Math.Abs(grams - recipe.Dose.Value) <= SameDose)
        && (yield is not { } wet || Math.Abs(wet - recipe.Yield.Value) <= SameYield)
        && (seconds is not { } time || recipe.Window is not { } window || (time >= window.From && time <= window.To));
}
