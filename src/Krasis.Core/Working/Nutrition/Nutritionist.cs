using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Nutrition;

/// <summary>Adds up what is in a drink.</summary>
internal static class Nutritionist
{
    /// <summary>What is in a size: every line, ice and toppings too. What is unknown of one line is unknown of the
    /// drink.</summary>
    public static NutritionFacts Of(WorkedSize size)
    {
        var sum = Composition.Nothing;
        var drunk = Composition.Nothing;
        var caffeineKnown = 0.0;
        var lines = size.Lines.Where(line => line.Mass > 0).ToList();
        foreach (var line in lines)
        {
            var composition = line.Ingredient.Composition;
            sum = composition.AddTo(sum, line.Mass);
            caffeineKnown += (composition.CaffeineMg ?? 0) * (line.Mass / 100);
            if (line.IsInside && (!line.IsIce || size.Poured.IsBlended))
            {
                drunk = composition.AddTo(drunk, line.Mass);
            }
        }

        // What stands on top and around it is eaten with it, and is no part of the 100 ml; neither is ice that is not
        // blended in: the drink's volume is without them, and so is what is in it.
        var ml = size.Poured.DrinkVolume;
        var perHundred = ml > 0 ? drunk.Sugars / ml * 100 : null;
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
            Milligrams.From(caffeineKnown),
            Milligrams.From(caffeineKnown + sum.CaffeineSpreadMg),
            perHundred,
            perHundred is { } per100 ? SugarBands.Of(per100, sum.Sugars ?? drunk.Sugars!.Value, ml) : null,
            new NutritionGaps(
                Without(sum.EnergyKcal, composition => composition.EnergyKcal),
                Without(sum.Carbohydrate, composition => composition.Carbohydrate),
                Without(sum.Sugars, composition => composition.Sugars),
                Without(sum.CaffeineMg, composition => composition.CaffeineMg)
            )
        )
        {
            Portion = sum,
            Hundred = ml > 0 ? drunk.Times(100 / ml) : Composition.Unknown,
        };

        // A sum that is known lacks nothing.
        IReadOnlyList<string> Without(double? all, Func<Composition, double?> part) =>
            all is not null
                ? []
                :
                [
                    .. lines
                        .Where(line => part(line.Ingredient.Composition) is null)
                        .Select(line => line.Ingredient.Name)
                        .Distinct(),
                ];
    }

    private static Grams? AsGrams(double? value) => value is { } grams ? Grams.From(grams) : null;
}
