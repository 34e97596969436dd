using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Quantities;

namespace Krasis.Core.Planning.Preparing;

/// <summary>How much water goes into a batch. Nobody buys it, so that no order and no stock knows of it.</summary>
public static class BatchWater
{
    /// <summary>The water of a batch.</summary>
    /// <param name="made">What is made: a coffee or a part of the house.</param>
    /// <param name="wanted">How much comes out.</param>
    /// <param name="document">The bar as it is written, for the recipe of a part.</param>
    /// <param name="bar">The bar.</param>
    /// <returns>It; null where none goes in.</returns>
    public static Grams? Of(IngredientId made, Grams wanted, BarDocument document, BarFacts bar)
    {
        var water = 0.0;
        if (bar.CoffeeOf(made) is { } coffee)
        {
            var dilution = coffee.Yield.Value * coffee.DilutionParts / (1 + coffee.DilutionParts);
            water = (coffee.Water.Value + dilution) / coffee.Yield.Value * wanted.Value;
        }
        else if (
            document.Parts.FirstOrDefault(part => part.Id == made.Value) is { } part
            && PartReader.Read(part) is { IsRead: true } read
        )
        {
            water = PartBatch
                .Of(read.Value, [read.Value], bar, new Quantity(wanted.Value, Measure.Gram))
                .Lines.Where(line => bar.Find(line.Ingredient)!.Kind == IngredientKind.Water)
                .Sum(line => line.Mass.Value);
        }

        return water > 0 ? Grams.From(water) : null;
    }
}
