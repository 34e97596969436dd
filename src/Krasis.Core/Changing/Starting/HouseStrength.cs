using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Changing.Starting;

/// <summary>How strong the house's drinks on a base are.</summary>
/// <param name="Percent">Coffee solids in the middle one of them, in its reference size, %.</param>
/// <param name="Drinks">How many drinks were compared; one or more.</param>
public sealed record HouseStrength(double Percent, int Drinks)
{
    /// <summary>The median strength of the drinks on a base that are served the same way.</summary>
    /// <param name="sold">The sheets of what the house sells.</param>
    /// <param name="made">What the drinks are made on.</param>
    /// <param name="serve">How they are served.</param>
    /// <returns>Null if the house sells no such drink, or if the strength of none is known.</returns>
    public static HouseStrength? Of(IEnumerable<BuildSheet> sold, IngredientId made, Serve serve)
    {
        var strengths = sold.Where(sheet => sheet.Serve == serve)
            .Select(sheet => sheet.Sizes.Single(size => size.IsReference))
            .Where(size => size.Lines.Any(line => line.Ingredient == made && line.Amount > 0))
            .Select(size => size.Taste.Poured.Strength?.Value ?? 0)
            .Where(strength => strength > 0)
            .Order()
            .ToList();

        // Of an even number, the weaker one of the two in the middle.
        return strengths.Count == 0 ? null : new HouseStrength(strengths[(strengths.Count - 1) / 2], strengths.Count);
    }
}
