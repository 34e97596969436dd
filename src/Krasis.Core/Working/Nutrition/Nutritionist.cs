using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Nutrition;

/// <summary>Adds up what is in a drink.</summary>
internal static class Nutritionist
{
    /// <summary>What is in a size: every line, ice and toppings too. What is unknown of one line is unknown of the drink.</summary>
    public static NutritionFacts Of(WorkedSize size)
    {
        var sum = Composition.Nothing;
        var unknown = new List<string>();
        foreach (var line in size.Lines.Where(line => line.Mass > 0))
        {
            sum = line.Ingredient.Composition.AddTo(sum, line.Mass);
            if (HasGap(line.Ingredient.Composition) && !unknown.Contains(line.Ingredient.Name))
            {
                unknown.Add(line.Ingredient.Name);
            }
        }

        // What stands on top and around it is eaten with it, and is no part of the 100 ml: the drink's volume is the label's portion.
        var ml = size.Poured.DrinkVolume;
        var perHundred = ml > 0 ? sum.Sugars / ml * 100 : null;
        return new NutritionFacts(
            sum.EnergyKcal is { } kcal ? Kilocalories.From(kcal) : null,
            sum.EnergyKcal is { } energy ? Kilojoules.From(energy * Physics.Energy.KilojoulesPerKilocalorie) : null,
            AsGrams(sum.Fat),
            AsGrams(sum.Saturates),
            AsGrams(sum.Carbohydrate),
            AsGrams(sum.Sugars),
            AsGrams(sum.Protein),
            AsGrams(sum.Salt),
            sum.CaffeineMg is { } caffeine ? Milligrams.From(caffeine) : null,
            sum.CaffeineMg is { } least ? Milligrams.From(Math.Max(0, least - sum.CaffeineSpreadMg)) : null,
            sum.CaffeineMg is { } most ? Milligrams.From(most + sum.CaffeineSpreadMg) : null,
            perHundred,
            perHundred is { } per100 ? SugarBands.Of(per100, sum.Sugars!.Value, ml) : null,
            LabelRounding.Of(sum),
            EuLabelRounding.Of(sum),
            EuLabelRounding.Of(ml > 0 ? sum.Times(100 / ml) : Composition.Unknown),
            unknown);
    }

    private static bool HasGap(Composition c) =>
        c.EnergyKcal is null || c.Fat is null || c.Saturates is null || c.Carbohydrate is null || c.Sugars is null || c.Protein is null || c.Salt is null || c.CaffeineMg is null;

    private static Grams? AsGrams(double? value) => value is { } grams ? Grams.From(grams) : null;
}
