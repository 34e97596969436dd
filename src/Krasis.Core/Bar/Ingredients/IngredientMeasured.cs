using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>What is known of an ingredient so far.</summary>
/// <param name="Density">Its density, as entered or by its °Brix; null when neither is there.</param>
/// <param name="IsDensityByBrix">Whether the density comes from °Brix.</param>
/// <param name="Energy">Energy of 100 g by 4 kcal a gram of carbohydrate and protein and 9 of fat; null when one is
/// missing.</param>
/// <param name="Sweetness">Sucrose that tastes as sweet as 100 g; null when its sugars are not all known.</param>
/// <param name="PricePer100Grams">What 100 g cost; null when not known.</param>
/// <param name="UseBy">The last day on which it may be used; null when no day is known.</param>
/// <param name="Label">What is still to be entered before its label counts as read; null when nothing is, or nobody has
/// begun.</param>
/// <param name="Unknown">What is not known of it, in words; unknown is not zero.</param>
/// <param name="Says">The rest in sentences.</param>
public sealed record IngredientMeasured(
    Density? Density,
    bool IsDensityByBrix,
    Kilocalories? Energy,
    GramsPer100Grams? Sweetness,
    Money? PricePer100Grams,
    DateOnly? UseBy,
    string? Label,
    IReadOnlyList<string> Unknown,
    IReadOnlyList<string> Says
)
{
    // Fibre, alcohol, cocoa's acids and a label's rounding keep real foods off 4/9/4; a quarter off, or 20 kcal, is a
    // slip (USDA Agriculture Handbook 74 for the factors; the bounds are ours).
    private const double EnergyTolerance = 0.25;
    private const double EnergySlack = 20;

    /// <summary>Works out what is there so far; what is missing or cannot be is left out, and told when the ingredient
    /// is read.</summary>
    /// <param name="document">The ingredient, perhaps half entered.</param>
    /// <param name="sweetness">How sweet the house holds the sugars.</param>
    /// <param name="recipe">The name of the recipe that makes it; null for what no recipe makes.</param>
    public static IngredientMeasured Of(IngredientDocument document, RelativeSweetness sweetness, string? recipe = null)
    {
        var byBrix = document.DensityGramsPerMl is null && document.Brix is >= 0 and <= BrixDensity.Most;
        var density =
            byBrix ? BrixDensity.At(document.Brix!.Value)
            : document.DensityGramsPerMl is >= 0.1 and <= 2 ? Quantities.Density.From(document.DensityGramsPerMl.Value)
            : default(Density?);

        // What else is still missing does not keep its sugars from being tasted.
        var read = IngredientReader.Read(
            document with
            {
                Id = "new",
                Name = "New",
                Colour = "#ffffff",
                Kind = document.Kind ?? "syrup",
                DensityGramsPerMl = density is null ? 1 : document.DensityGramsPerMl,
                PieceGrams = document.PieceGrams ?? 1,
            }
        );
        var known = read.IsRead ? read.Value : null;
        var energy = EnergyOf(document.Per100g);
        return new IngredientMeasured(
            density,
            byBrix,
            energy is { } kcal ? Kilocalories.From(kcal) : null,
            known is not null && sweetness.Of(known) is { } sweet ? GramsPer100Grams.From(sweet) : null,
            known?.PricePerGram is { } price && (density is not null || document.PackMeasure != "ml")
                ? Money.From(price.Value * 100)
                : null,
            known?.UseBy,
            AllergenReader.StillLacks(document.Allergens),
            [.. Gaps(document, known, recipe)],
            [.. Sentences(document, known, energy, recipe)]
        );
    }

    private static double? EnergyOf(CompositionDocument? per100g) =>
        (4 * (per100g?.Carbohydrate + per100g?.Protein)) + (9 * per100g?.Fat);

    private static IEnumerable<string> Gaps(IngredientDocument document, Ingredient? known, string? recipe)
    {
        if (known is null || document.Kind is "water" or "ice")
        {
            yield break;
        }

        var composition = known.Composition;
        if (!known.IsUnsweet && known.Sugars is null)
        {
            yield return "the kinds of sugar, so the sweetness of what it goes into";
        }

        if (known.Kind == IngredientKind.Coffee && known.Strength is null && recipe is null)
        {
            yield return "the strength, unless a coffee recipe gives it";
        }

        if (
            composition.EnergyKcal is null
            || composition.Fat is null
            || composition.Carbohydrate is null
            || composition.Protein is null
        )
        {
            yield return "the energy and what it is made of";
        }

        if (recipe is not null ? known.Roast is null : composition.CaffeineMg is null)
        {
            yield return "the caffeine";
        }

        if (!known.Allergens.IsRead)
        {
            yield return "the allergens: nobody has read the label";
        }

        if (known.PricePerGram is null)
        {
            yield return "the price";
        }
    }

    private static IEnumerable<string> Sentences(
        IngredientDocument document,
        Ingredient? known,
        double? energy,
        string? recipe
    )
    {
        if (energy is { } kcal && document.Per100g?.EnergyKcal is { } stated)
        {
            var off = Math.Abs(stated - kcal);
            if (off > EnergySlack && off > kcal * EnergyTolerance)
            {
                yield return $"Carbohydrate, protein and fat make {Say.Whole(kcal)} kcal by 4/9/4, and {Say.Whole(stated)} kcal is entered. Fibre and alcohol may explain it; a slip may, too.";
            }
        }

        if (recipe is not null)
        {
            yield return $"{recipe} makes it: its coffee solids, its caffeine by the roast and its price by the dose hold, and a pack is of the ground coffee."
                + (
                    document.StrengthPercent is null && document.Per100g?.CaffeineMg is null or 0
                        ? ""
                        : " Solids and caffeine entered here are not used."
                );
        }

        if (known is { IsSugarTaken: true })
        {
            yield return "The label does not say every kind of its sugars: the rest is taken to be what is usual of such a thing.";
        }

        if (document.Per100g is { Source: null } && document.Source is null)
        {
            yield return "It is not said where the composition comes from.";
        }
    }
}
