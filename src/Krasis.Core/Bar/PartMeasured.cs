using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>What comes of a part as it is made.</summary>
/// <param name="Density">Its density, as weighed or as estimated.</param>
/// <param name="Per100g">What is in 100 g of it.</param>
/// <param name="Strength">Coffee solids in it; null when not known.</param>
/// <param name="Sweetness">Sucrose that tastes as sweet as 100 g of it; null when not known.</param>
/// <param name="PricePerGram">What a gram costs; null when not known.</param>
/// <param name="Allergens">Its allergens, as a sentence.</param>
/// <param name="UseBy">The last day for the batch in use; null when not known.</param>
/// <param name="MassIn">What goes in.</param>
/// <param name="Mass">What comes out.</param>
/// <param name="Volume">The same by volume.</param>
/// <param name="Shares">The share of what goes in that each line is, in order.</param>
/// <param name="Unknown">What is not known of it, in words; unknown is not zero.</param>
public sealed record PartMeasured(
    Density Density,
    Composition Per100g,
    Percent? Strength,
    GramsPer100Grams? Sweetness,
    Money? PricePerGram,
    string Allergens,
    DateOnly? UseBy,
    Grams MassIn,
    Grams Mass,
    Millilitres Volume,
    IReadOnlyList<Percent> Shares,
    IReadOnlyList<string> Unknown
)
{
    /// <summary>What comes of a part.</summary>
    /// <param name="part">The part.</param>
    /// <param name="bar">The bar with the part in it.</param>
    /// <exception cref="ArgumentException">The bar has no such part, or not what goes into it.</exception>
    public static PartMeasured Of(Part part, BarFacts bar)
    {
        var made = bar.Find(part.Id) ?? throw new ArgumentException($"The bar has no part '{part.Id}'.", nameof(part));
        var masses = PartBatch.MassesOf(part, bar);
        var massIn = masses.Sum(mass => mass.Value);
        var mass = Grams.From(massIn * (1 - part.Loss));
        return new PartMeasured(
            made.Density,
            made.Composition,
            made.Strength,
            bar.House.Sweetness.Of(made) is { } sweetness ? GramsPer100Grams.From(sweetness) : null,
            made.PricePerGram,
            AllergenWords.Sentence(made),
            made.UseBy,
            Grams.From(massIn),
            mass,
            mass / made.Density,
            [.. masses.Select(share => Percent.From(share.Value / massIn * 100))],
            [.. Gaps(part, bar)]
        );
    }

    private static IEnumerable<string> Gaps(Part part, BarFacts bar)
    {
        foreach (
            var ingredient in part
                .Lines.Select(line => bar.Find(line.Ingredient)!)
                .DistinctBy(ingredient => ingredient.Id)
                .Where(ingredient => ingredient.Kind != IngredientKind.Water)
        )
        {
            List<string> gaps = [];
            if (!ingredient.IsCoffee && ingredient.Sugars is null)
            {
                gaps.Add("sugars");
            }

            if (ingredient.Composition.EnergyKcal is null)
            {
                gaps.Add("composition");
            }

            if (!ingredient.Allergens.IsRead)
            {
                gaps.Add("allergens");
            }

            if (ingredient.PricePerGram is null)
            {
                gaps.Add("price");
            }

            if (gaps.Count > 0)
            {
                yield return $"{ingredient.Name}: {string.Join(", ", gaps)}";
            }
        }
    }
}
