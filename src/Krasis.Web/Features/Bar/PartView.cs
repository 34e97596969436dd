using Krasis.Core.Bar;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;
using Krasis.Core.Parts;
using Krasis.Store.Bar;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Bar;

/// <summary>A part that is kept, and what comes of it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Etag">Its version, to be sent as If-Match with a change.</param>
/// <param name="Document">The part itself.</param>
/// <param name="Measures">The measures in which this bar can say how much of it, the most natural one first.</param>
/// <param name="Density">Its density, as weighed or as estimated.</param>
/// <param name="Per100g">What is in 100 g of it.</param>
/// <param name="Strength">Coffee solids in it; null when not known.</param>
/// <param name="Sweetness">Sucrose that tastes as sweet as 100 g of it; null when not known.</param>
/// <param name="PricePerGram">What a gram costs; null when not known.</param>
/// <param name="Contains">The allergens in it; null when a label has not been read.</param>
/// <param name="UseBy">The last day for the batch in use; null when not known.</param>
public sealed record PartView(
    string Id,
    string Etag,
    PartDocument Document,
    IReadOnlyList<MeasureView> Measures,
    Density Density,
    Composition Per100g,
    Percent? Strength,
    GramsPer100Grams? Sweetness,
    Money? PricePerGram,
    IReadOnlyList<Allergen>? Contains,
    DateOnly? UseBy)
{
    /// <summary>A part with what the bar makes of it.</summary>
    public static PartView Of(StoredFact<PartDocument> fact, BarFacts bar)
    {
        var made = bar.Find(new IngredientId(fact.Id))!;
        return new PartView(
            fact.Id,
            ETags.Of(fact.Version),
            fact.Document,
            BarEndpoints.Measures(made, bar),
            made.Density,
            made.Composition,
            made.Strength,
            bar.House.Sweetness.Of(made) is { } sweetness ? GramsPer100Grams.From(sweetness) : null,
            made.PricePerGram,
            made.Allergens is { } allergens ? [.. allergens.Contains.Order()] : null,
            made.UseBy);
    }
}
