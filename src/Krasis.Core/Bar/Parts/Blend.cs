using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Parts;

/// <summary>What becomes of ingredients that are put together.</summary>
internal static class Blend
{
    // Dry powder and fat take 1.5 J/(g·K) and more: a loss that leaves less was no water.
    private const double LeastSpecificHeat = 1;

    /// <summary>The ingredient that a part is.</summary>
    /// <param name="part">The part.</param>
    /// <param name="shares">What goes in, by mass; together above zero.</param>
    /// <remarks>With a loss, everything but water stays and is in less: per 100 g = Σ ÷ (mass in × (1 − loss)). The
    /// estimated density is what is left ÷ (Σ volumes − the lost water's volume); that liquids shrink a little when
    /// they mix is left out; its specific heat is what is left without the lost water's. What is unknown of one share
    /// is unknown of the whole.</remarks>
    public static Ingredient Of(Part part, IReadOnlyList<(Ingredient Ingredient, Grams Mass)> shares)
    {
        var massIn = shares.Sum(share => share.Mass.Value);
        var mass = massIn * (1 - part.Loss);
        var volume =
            shares.Sum(share => (share.Mass / share.Ingredient.DensityInDrink).Value)
            - (massIn * part.Loss / Water.AtRoom);
        var perHundred = 100 / mass;
        return new Ingredient(
            part.Id,
            part.Name,
            part.Kind,
            part.Density ?? Density.From(Math.Clamp(volume > 0 ? mass / volume : 2, 0.1, 2)),
            part.Colour,
            null,
            Strength(part, shares, perHundred),
            Sugars(shares, perHundred)
        )
        {
            IsSugarTaken = shares.Any(share => share.Ingredient.IsSugarTaken && share.Mass.Value > 0),
            Sweeteners = shares
                .SelectMany(share =>
                    share.Ingredient.Sweeteners.Select(entry =>
                        (entry.Key, Grams: entry.Value * share.Mass.Value / 100)
                    )
                )
                .GroupBy(entry => entry.Key)
                .ToDictionary(group => group.Key, group => group.Sum(entry => entry.Grams) * perHundred),
            MilkShare = MilkShare(part, shares, mass),
            CoffeeShare = CoffeeShare(part, shares, mass),
            Composition = shares
                .Aggregate(Composition.Nothing, (sum, share) =>
                    share.Ingredient.Composition.AddTo(sum, share.Mass.Value)
                )
                .Times(perHundred),
            Allergens = shares.Aggregate(AllergenStatement.None, (sum, share) => sum.With(share.Ingredient.Allergens)),
            PricePerGram = Price(shares, mass),
            ServedAt = part.ServedAt ?? IngredientDefaults.ServedAt(part.Kind),
            SpecificHeat = SpecificHeat.From(
                Math.Clamp(
                    (
                        shares.Sum(share => share.Mass.Value * share.Ingredient.SpecificHeat.Value)
                        - (massIn * part.Loss * Water.SpecificHeat)
                    ) / mass,
                    LeastSpecificHeat,
                    Water.SpecificHeat
                )
            ),
            UseBy = shares
                .Select(share => share.Ingredient.UseBy)
                .Append(part.UseBy)
                .Where(day => day is not null)
                .DefaultIfEmpty(null)
                .Min(),
            IsChilled = part.IsChilled ?? shares.Any(share => share.Ingredient.IsChilled),
            MadeOf =
            [
                .. shares
                    .Where(share =>
                        share.Mass.Value > 0 && share.Ingredient.MilkShare < 1 && !share.Ingredient.IsKnownAsNothing
                    )
                    .Select(share => share.Ingredient.Name)
                    .Distinct(),
            ],
            IsPart = true,
        };
    }

    // What went in of milk, cream and plant drinks; a milk that the house makes of other things is milk.
    private static double MilkShare(Part part, IReadOnlyList<(Ingredient Ingredient, Grams Mass)> shares, double mass)
    {
        var milk = shares.Sum(share => share.Mass.Value * share.Ingredient.MilkShare);
        return milk <= 0 && part.Kind == IngredientKind.Milk ? 1 : milk / mass;
    }

    // Coffee powder turns the water and the powders it is mixed with into coffee, as a recipe does. A mix of powders alone
    // is not coffee yet. A part of the kind coffee is coffee, whatever it is made of.
    private static double CoffeeShare(Part part, IReadOnlyList<(Ingredient Ingredient, Grams Mass)> shares, double mass)
    {
        var isDissolved =
            part.Kind != IngredientKind.Powder
            && shares.Any(share => IsCoffeePowder(share.Ingredient) && share.Mass.Value > 0);
        var coffee = shares.Sum(share =>
            share.Mass.Value
            * (
                isDissolved && share.Ingredient.Kind is (IngredientKind.Powder or IngredientKind.Water)
                    ? 1
                    : share.Ingredient.CoffeeShare
            )
        );
        return coffee <= 0 && part.Kind == IngredientKind.Coffee ? 1 : coffee / mass;
    }

    private static bool IsCoffeePowder(Ingredient ingredient) =>
        ingredient is { Kind: IngredientKind.Powder, Strength.Value: > 0 };

    private static Percent? Strength(
        Part part,
        IReadOnlyList<(Ingredient Ingredient, Grams Mass)> shares,
        double perHundred
    )
    {
        // The strength is unknown if no ingredient is known to be coffee.
        if (
            part.Kind == IngredientKind.Coffee
            && !shares.Any(share => share.Ingredient.CoffeeShare > 0 || share.Ingredient.Strength is { Value: > 0 })
        )
        {
            return null;
        }

        double? solids = 0;
        foreach (var (ingredient, mass) in shares)
        {
            solids += mass.Value * (ingredient.Strength?.Value ?? (ingredient.IsCoffee ? null : 0)) / 100;
        }

        return solids is { } known ? Percent.From(known * perHundred) : null;
    }

    private static Dictionary<Sugar, GramsPer100Grams>? Sugars(
        IReadOnlyList<(Ingredient Ingredient, Grams Mass)> shares,
        double perHundred
    )
    {
        var sums = Enum.GetValues<Sugar>().ToDictionary(sugar => sugar, _ => 0.0);
        foreach (var (ingredient, mass) in shares)
        {
            if (ingredient.IsUnsweet)
            {
                continue;
            }

            if (ingredient.Sugars is not { } sugars)
            {
                return null;
            }

            foreach (var (sugar, grams) in sugars)
            {
                sums[sugar] += mass.Value * grams.Value / 100;
            }
        }

        return sums.ToDictionary(sum => sum.Key, sum => GramsPer100Grams.From(sum.Value * perHundred));
    }

    private static Money? Price(IReadOnlyList<(Ingredient Ingredient, Grams Mass)> shares, double mass)
    {
        double? cost = 0;
        foreach (var (ingredient, grams) in shares)
        {
            cost += grams.Value * (ingredient.PricePerGram?.Value ?? (ingredient.IsKnownAsNothing ? 0 : null));
        }

        return cost is { } known ? Money.From(known / mass) : null;
    }
}
