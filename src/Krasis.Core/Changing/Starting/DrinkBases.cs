using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Starting;

/// <summary>What each base of a drink can be made of at a bar, the house's first choice first.</summary>
internal static class DrinkBases
{
    /// <summary>The bar's ingredients for a base. The house's standard espresso comes first, its own chocolate, and
    /// powders that are coffee.</summary>
    public static List<Ingredient> Of(DrinkBase made, BarFacts bar) =>
        [
            .. made switch
            {
                DrinkBase.Espresso => bar
                    .Ingredients.Where(ingredient =>
                        ingredient.Kind == IngredientKind.Espresso && bar.EspressoOf(ingredient.Id) is not null
                    )
                    .OrderByDescending(ingredient =>
                        bar.House.Espresso is { } said && bar.HasRecipe(said, ingredient.Id)
                    ),
                DrinkBase.Batch => Brewed(bar, BrewMethod.Batch),
                DrinkBase.ColdBrew => Brewed(bar, BrewMethod.ColdBrew),
                DrinkBase.Strong => Brewed(bar, BrewMethod.Strong).Concat(Brewed(bar, BrewMethod.StoveTop)),
                DrinkBase.Powder => bar
                    .Ingredients.Where(ingredient =>
                        ingredient.Kind == IngredientKind.Powder
                        && (ingredient.Strength?.Value > 0 || ingredient.Composition.CaffeineMg > 0)
                    )
                    .OrderByDescending(ingredient => ingredient.Strength?.Value > 0),
                DrinkBase.Tea => bar.Ingredients.Where(ingredient => ingredient.Kind == IngredientKind.Tea),
                _ => bar
                    .Ingredients.Where(ingredient =>
                        ingredient.Kind is IngredientKind.Sauce or IngredientKind.Syrup
                        && ingredient.Composition.CaffeineMg > 0
                        && ingredient.CoffeeShare == 0
                    )
                    .OrderByDescending(ingredient => ingredient.IsPart),
            },
        ];

    // Filter coffee is brewed with some 55 to 65 g to the litre; what is brewed over ice, or for it, with more (common
    // practice, no source).
    private const double MostGramsPerLitreHot = 70;

    /// <summary>Why a base is not served in a way; null where it is.</summary>
    /// <param name="made">The base.</param>
    /// <param name="of">Of what it is made.</param>
    /// <param name="serve">The way.</param>
    /// <param name="bar">The bar.</param>
    public static string? NotServed(DrinkBase made, Ingredient of, Serve serve, BarFacts bar) =>
        (made, serve) switch
        {
            (DrinkBase.ColdBrew, Serve.Hot) => $"{of.Name} is steeped cold and served cold.",
            (DrinkBase.Batch or DrinkBase.ColdBrew or DrinkBase.Tea, Serve.Layered) =>
                $"{of.Name} and milk are about equally heavy, so layers do not hold.",
            (DrinkBase.Tea, Serve.Hot) when of.HotAt is null =>
                $"{of.Name} is served cold. To serve it hot, enter its temperature in a hot drink under The bar.",
            (DrinkBase.Batch, Serve.Hot)
                when bar.CoffeeOf(of.Id) is { } brew
                    && brew.Coffee.Value / brew.Water.Value * 1000 is var grams
                    && grams > MostGramsPerLitreHot =>
                $"{of.Name} is brewed for ice, with {Say.Whole(grams)} g to the litre. It is too strong to serve hot.",
            _ => null,
        };

    private static IEnumerable<Ingredient> Brewed(BarFacts bar, BrewMethod method) =>
        bar.Ingredients.Where(ingredient => bar.CoffeeOf(ingredient.Id)?.Method == method);

    /// <summary>The name of a base on screen.</summary>
    public static string NameOf(DrinkBase made) =>
        made switch
        {
            DrinkBase.Batch => "Brewed iced coffee",
            DrinkBase.ColdBrew => "Cold brew",
            DrinkBase.Strong => "Strong brew",
            DrinkBase.Powder => "Powder",
            DrinkBase.Chocolate => "Chocolate and espresso",
            DrinkBase.Tea => "Tea",
            _ => "Espresso",
        };

    /// <summary>What a bar without this base lacks, in words.</summary>
    public static string Lacks(DrinkBase made) =>
        made switch
        {
            DrinkBase.Batch => "coffee with a batch recipe",
            DrinkBase.ColdBrew => "coffee with a cold brew recipe",
            DrinkBase.Strong => "coffee with a strong brew recipe",
            DrinkBase.Powder => "instant coffee or cocoa",
            DrinkBase.Tea => "tea",
            DrinkBase.Chocolate => "chocolate sauce of which the caffeine is known",
            _ => "espresso with a recipe",
        };
}
