using Krasis.Core.Bar.Milk;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Cost;

/// <summary>What a size costs the house.</summary>
/// <param name="Ingredients">What goes in and what is poured away for it; null when a price is not known.</param>
/// <param name="Wasted">What of that is poured away: the rest of a pull, and milk that the pitcher needs; null when a
/// price is not known.</param>
/// <param name="Cup">The cup and its lid; null when not known.</param>
/// <param name="Total">Both together; null when either is not known.</param>
/// <param name="Price">What it is sold for; null when not said.</param>
/// <param name="ShareOfPrice">The total as a share of the price; null when either is not known.</param>
/// <param name="Unknown">What has no price, in pour order.</param>
public sealed record CostFacts(
    Money? Ingredients,
    Money? Wasted,
    Money? Cup,
    Money? Total,
    Money? Price,
    Percent? ShareOfPrice,
    IReadOnlyList<string> Unknown
)
{
    /// <summary>The cost of a size.</summary>
    /// <param name="size">The size.</param>
    /// <param name="price">What it is sold for.</param>
    /// <param name="milk">In what its milk is steamed.</param>
    /// <remarks>Espresso is paid for by the dose and in whole pulls; steamed milk with what the pitcher needs above
    /// it.</remarks>
    internal static CostFacts Of(WorkedSize size, Money? price, MilkPlan? milk)
    {
        double? sum = 0,
            wasted = 0;
        var unknown = new List<string>();
        var steamed = size.Lines.Sum(line => line.Foam is { IsCold: false } ? line.Mass : 0);
        foreach (var line in size.Lines.Where(line => line.IsPoured))
        {
            var perGram = line.Ingredient.PricePerGram?.Value ?? (line.Ingredient.IsKnownAsNothing ? 0 : null);
            var away =
                line.Facts.Recipe is not null ? line.PouredAway
                : line.Foam is { IsCold: false } && milk is not null
                    ? milk.Waste.Value * line.Mass / steamed / line.VolumePerGram
                : 0;
            sum += perGram * (line.Mass + away);
            wasted += perGram * away;
            if (perGram is null)
            {
                unknown.Add(line.Ingredient.Name);
            }
        }

        var cup = size.Size.Cup.Price;
        if (cup is null)
        {
            unknown.Add(size.Size.Cup.Name);
        }

        var total = sum + cup?.Value;
        return new CostFacts(
            AsMoney(sum),
            AsMoney(wasted),
            cup,
            AsMoney(total),
            price,
            total is { } cost && price is { Value: > 0 } sold && double.IsFinite(cost / sold.Value)
                ? Percent.From(cost / sold.Value * 100)
                : null,
            unknown
        );

        static Money? AsMoney(double? amount) => amount is { } known ? Money.From(known) : null;
    }
}
