using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Nutrition;

/// <summary>Adds up what is in a drink.</summary>
internal static class Nutritionist
{
    // Thermochemical, exact.
    private const double KilojoulesPerKilocalorie = 4.184;

    /// <summary>What is in a size: every line, ice and toppings too. What is unknown of one line is unknown of the drink.</summary>
    public static NutritionFacts Of(WorkedSize size)
    {
        var sum = Composition.Nothing;
        var unknown = new List<string>();
        for (var i = 0; i < size.Lines.Count; i++)
        {
            var grams = size.Mass(i);
            if (grams <= 0)
            {
                continue;
            }

            var ingredient = size.Lines[i].Ingredient;
            sum = ingredient.Composition.AddTo(sum, grams);
            if (HasGap(ingredient.Composition) && !unknown.Contains(ingredient.Name))
            {
                unknown.Add(ingredient.Name);
            }
        }

        var ml = size.Poured.LiquidVolume;
        var perHundred = ml > 0 ? sum.Sugars / ml * 100 : null;
        return new NutritionFacts(
            sum.EnergyKcal is { } kcal ? Kilocalories.From(kcal) : null,
            sum.EnergyKcal is { } energy ? Kilojoules.From(energy * KilojoulesPerKilocalorie) : null,
            AsGrams(sum.Fat),
            AsGrams(sum.Saturates),
            AsGrams(sum.Carbohydrate),
            AsGrams(sum.Sugars),
            AsGrams(sum.Protein),
            AsGrams(sum.Salt),
            sum.CaffeineMg is { } caffeine ? Milligrams.From(caffeine) : null,
            perHundred,
            perHundred is { } per100 ? SugarBands.Of(per100, sum.Sugars!.Value, ml) : null,
            LabelRounding.Of(sum),
            unknown);
    }

    private static bool HasGap(Composition c) =>
        c.EnergyKcal is null || c.Fat is null || c.Saturates is null || c.Carbohydrate is null || c.Sugars is null || c.Protein is null || c.Salt is null || c.CaffeineMg is null;

    private static Grams? AsGrams(double? value) => value is { } grams ? Grams.From(grams) : null;
}
