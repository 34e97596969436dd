using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>What a coffee brings, wherever it stands: as a line, inside a part, blended, on top. A recipe decides it,
/// before anything is blended; what is entered with the coffee itself holds only for what no recipe says.</summary>
internal static class CoffeeContent
{
    /// <summary>A coffee as an espresso recipe makes it: solids by dose and extraction, caffeine and price by the
    /// dose.</summary>
    public static Ingredient Of(Ingredient coffee, EspressoRecipe recipe)
    {
        var dose = recipe.Dose / recipe.Yield;
        return Resolved(
            coffee,
            dose,
            Extraction.OfEspresso(recipe.Dose.Value, recipe.Yield.Value),
            recipe.Strength
        ) with
        {
            ServedAt = recipe.CupTemperature ?? coffee.ServedAt,
        };
    }

    /// <summary>A coffee as a brewed recipe makes it; what else dissolves in it is sugar.</summary>
    public static Ingredient Of(Ingredient coffee, CoffeeBase recipe)
    {
        var dissolves = recipe.Method is BrewMethod.Instant or BrewMethod.Whipped;
        var made = Resolved(
            coffee,
            recipe.Coffee / recipe.Yield,
            dissolves ? 1 : Extraction.Brewed,
            recipe.Strength,
            recipe.KeptShare
        );
        return recipe.Other.Value <= 0 ? made : Sweetened(made, recipe.Other / recipe.Yield * 100);
    }

    private static Ingredient Resolved(
        Ingredient coffee,
        double dosePerGram,
        double share,
        Percent? strength,
        double kept = 0
    )
    {
        var caffeine = coffee.Roast is { } roast
            ? dosePerGram * roast.Caffeine.Value / 100 * share * (1 - kept) * 1000 * 100
            : default(double?);
        return coffee with
        {
            Strength = strength ?? coffee.Strength,
            PricePerGram = coffee.PricePerGram is { } price ? Money.From(price.Value * dosePerGram) : null,
            Composition = coffee.Composition with
            {
                CaffeineMg = caffeine,
                CaffeineSpreadMg = caffeine * (coffee.Roast is { } known ? Extraction.SpreadWith(known) : 0) ?? 0,
            },
        };
    }

    // Table sugar: nothing but sucrose.
    private static Ingredient Sweetened(Ingredient coffee, double sugar)
    {
        var sugars = Enum.GetValues<Sugar>()
            .ToDictionary(kind => kind, kind => GramsPer100Grams.From(kind == Sugar.Sucrose ? sugar : 0));
        var rest = coffee.Composition;
        return coffee with
        {
            Sugars = sugars,
            IsSugarTaken = false,
            Composition = rest with
            {
                // What is entered with sugars in it is of the sweetened coffee already; what nobody has entered stays
                // unknown.
                Sugars = sugar,
                Carbohydrate = rest.Sugars is > 0 ? rest.Carbohydrate : rest.Carbohydrate + sugar,
                EnergyKcal = rest.Sugars is > 0
                    ? rest.EnergyKcal
                    : rest.EnergyKcal + (Energy.KilocaloriesPerGramOfSugar * sugar),
            },
        };
    }
}
