using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>A part made in a wanted amount.</summary>
/// <param name="Mass">What comes out.</param>
/// <param name="Volume">The same by volume.</param>
/// <param name="Lines">What goes in, in the part's order.</param>
/// <param name="Bought">What has to be at hand of what is bought, through all the parts within, the most first.</param>
/// <param name="Cost">What the batch costs; null when a price is not known.</param>
public sealed record PartBatch(
    Grams Mass,
    Millilitres Volume,
    IReadOnlyList<BatchLine> Lines,
    IReadOnlyList<BatchLine> Bought,
    Money? Cost
)
{
    /// <summary>A batch of a part.</summary>
    /// <param name="part">The part.</param>
    /// <param name="document">The bar's parts as they are kept, for those within.</param>
    /// <param name="bar">The bar with the part in it.</param>
    /// <param name="wanted">How much is to come out, by mass or by volume; above zero.</param>
    public static PartBatch Of(Part part, IReadOnlyList<Part> document, BarFacts bar, Quantity wanted)
    {
        var made = bar.Find(part.Id) ?? throw new ArgumentException($"The bar has no part '{part.Id}'.", nameof(part));
        var mass =
            wanted.Measure.Kind == MeasureKind.Mass
                ? wanted.Measure.ToGrams(wanted.Amount)
                : wanted.Measure.ToMillilitres(wanted.Amount) * made.Density;
        var bought = new Dictionary<IngredientId, double>();
        var lines = WhatGoesInto(part, mass, bar);
        Gather(part, mass, document.ToDictionary(known => known.Id), bar, bought);
        return new PartBatch(
            mass,
            mass / made.Density,
            lines,
            [
                .. bought
                    .OrderByDescending(entry => entry.Value)
                    .Select(entry => Line(bar.Find(entry.Key)!, Grams.From(entry.Value))),
            ],
            made.PricePerGram is { } price ? Money.From(price.Value * mass.Value) : null
        );
    }

    /// <summary>What goes in of each line, as it is written.</summary>
    internal static List<Grams> MassesOf(Part part, BarFacts bar) =>
        [
            .. part.Lines.Select(line =>
                line.MassAt(
                    (
                        bar.Find(line.Ingredient)
                        ?? throw new ArgumentException($"The bar has no ingredient '{line.Ingredient}'.", nameof(part))
                    ).Density
                )
            ),
        ];

    private static List<BatchLine> WhatGoesInto(Part part, Grams mass, BarFacts bar)
    {
        var masses = MassesOf(part, bar);
        var factor = mass.Value / (masses.Sum(share => share.Value) * (1 - part.Loss));
        return [.. part.Lines.Zip(masses, (line, share) => Line(bar.Find(line.Ingredient)!, share * factor))];
    }

    private static BatchLine Line(Ingredient ingredient, Grams mass) =>
        new(
            ingredient.Id,
            ingredient.Name,
            mass,
            mass / ingredient.Density,
            ingredient.IsPart,
            ingredient.PricePerGram is { } price ? Money.From(price.Value * mass.Value) : null
        );

    private static void Gather(
        Part part,
        Grams mass,
        IReadOnlyDictionary<IngredientId, Part> parts,
        BarFacts bar,
        Dictionary<IngredientId, double> bought
    )
    {
        foreach (var line in WhatGoesInto(part, mass, bar))
        {
            if (parts.TryGetValue(line.Ingredient, out var inner))
            {
                Gather(inner, line.Mass, parts, bar, bought);
            }
            else
            {
                bought[line.Ingredient] = bought.GetValueOrDefault(line.Ingredient) + line.Mass.Value;
            }
        }
    }
}
