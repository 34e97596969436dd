using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Cost;

/// <summary>What a size costs the house.</summary>
/// <param name="Ingredients">What goes in; null when a price is not known.</param>
/// <param name="Cup">The cup and its lid; null when not known.</param>
/// <param name="Total">Both together; null when either is not known.</param>
/// <param name="Price">What it is sold for; null when not said.</param>
/// <param name="ShareOfPrice">The total as a share of the price; null when either is not known.</param>
/// <param name="Unknown">What has no price, in pour order.</param>
public sealed record CostFacts(
    Money? Ingredients, Money? Cup, Money? Total, Money? Price, Percent? ShareOfPrice, IReadOnlyList<string> Unknown)
{
    /// <summary>The cost of a size.</summary>
    internal static CostFacts Of(WorkedSize size, Money? price)
    {
        double? sum = 0;
        var unknown = new List<string>();
        for (var i = 0; i < size.Lines.Count; i++)
        {
            var ingredient = size.Lines[i].Ingredient;
            var grams = size.Mass(i);
            if (grams <= 0)
            {
                continue;
            }

            // Water and ice from the tap cost next to nothing; a price that was entered counts all the same.
            var perGram = ingredient.PricePerGram?.Value ?? (ingredient.IsIce || ingredient.Kind == IngredientKind.Water ? 0 : null);
            sum += perGram * grams;
            if (perGram is null)
            {
                unknown.Add(ingredient.Name);
            }
        }

        var cup = size.Size.Cup.Price;
        if (cup is null)
        {
            unknown.Add(size.Size.Cup.Name);
        }

        var total = sum + cup?.Value;
        return new CostFacts(
            sum is { } ingredients ? Money.From(ingredients) : null,
            cup,
            total is { } all ? Money.From(all) : null,
            price,
            total is { } cost && price is { Value: > 0 } sold ? Percent.From(cost / sold.Value * 100) : null,
            unknown);
    }
}
