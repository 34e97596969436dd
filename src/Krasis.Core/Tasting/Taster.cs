using Krasis.Core.Bar;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;
using Krasis.Core.Mixing;

namespace Krasis.Core.Tasting;

/// <summary>Works out what the content of a cup tastes like.</summary>
public static class Taster
{
    /// <summary>The taste of portions together.</summary>
    /// <remarks>Strength = coffee solids ÷ liquid mass. Sweetness = Σ sugars × <see cref="RelativeSweetness"/> ÷ liquid
    /// mass. Ice is left out of both: it is not yet part of the drink.</remarks>
    public static Taste Of(IReadOnlyList<Portion> portions, BarFacts bar)
    {
        double mass = 0, coffee = 0, milk = 0;
        double? solids = 0, sweet = 0;
        var unknown = new List<string>();
        foreach (var portion in portions.Where(portion => !portion.Ingredient.IsIce && portion.Mass.Value > 0))
        {
            var ingredient = portion.Ingredient;
            var grams = portion.Mass.Value;
            var strength = StrengthOf(ingredient, bar);
            var sweetness = SweetnessOf(ingredient);
            mass += grams;
            solids += grams * strength / 100;
            sweet += grams * sweetness / 100;
            coffee += ingredient.IsCoffee ? grams : 0;
            milk += ingredient.Kind == IngredientKind.Milk ? grams : 0;
            if (strength is null || sweetness is null)
            {
                unknown.Add(ingredient.Name);
            }
        }

        return mass > 0
            ? new Taste(
                solids is { } s ? Percent.From(s / mass * 100) : null,
                sweet is { } w ? GramsPer100Grams.From(w / mass * 100) : null,
                coffee > 0 ? milk / coffee : null,
                unknown)
            : new Taste(null, null, null, unknown);
    }

    // Coffee solids in 100 g. What is not coffee has none.
    private static double? StrengthOf(Ingredient ingredient, BarFacts bar) => ingredient.Kind switch
    {
        IngredientKind.Espresso => bar.EspressoOf(ingredient.Id)?.Strength?.Value,
        IngredientKind.Coffee => ingredient.Strength?.Value,
        _ => 0,
    };

    // Sucrose that tastes as sweet as the sugars in 100 g. Black coffee and water have none to speak of.
    private static double? SweetnessOf(Ingredient ingredient) => ingredient.IsCoffee || ingredient.Kind == IngredientKind.Water
        ? 0
        : ingredient.Sugars?.Sum(sugar => sugar.Value.Value * RelativeSweetness.Of(sugar.Key));
}
