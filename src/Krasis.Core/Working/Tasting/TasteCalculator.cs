using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Tasting;

/// <summary>Works out what the content of a cup tastes like.</summary>
internal static class TasteCalculator
{
    /// <summary>The taste of a size as it is poured.</summary>
    /// <remarks>Strength = coffee solids ÷ mass of the drink. Sweetness = Σ sugars and sweeteners × their relative
    /// sweetness ÷ mass of the drink. Condensed steam and what a coffee took up from the ice it was cooled over are
    /// part of the drink; its own ice is not yet, unless it is blended in. Of what stands on top, coffee
    /// counts.</remarks>
    public static Taste Of(WorkedSize size)
    {
        List<string>? unknown = null,
            taken = null;
        foreach (var line in size.Lines)
        {
            if (!line.IsPoured || !(line.IsInside || (line.IsOnTop && line.Ingredient.CoffeeShare > 0)))
            {
                continue;
            }

            if (line.Facts.Solids is null || line.Facts.Sweetness is null)
            {
                (unknown ??= []).Add(line.Ingredient.Name);
            }

            if (line.Ingredient.IsSugarTaken && taken?.Contains(line.Ingredient.Name) != true)
            {
                (taken ??= []).Add(line.Ingredient.Name);
            }
        }

        return Of(size.Poured, unknown ?? (IReadOnlyList<string>)[], taken ?? (IReadOnlyList<string>)[]);
    }

    /// <summary>The taste of a cup's content.</summary>
    /// <param name="content">The content.</param>
    /// <param name="unknown">The names of what is not known in it.</param>
    /// <param name="taken">The names of that whose sugars are taken to be as usual.</param>
    public static Taste Of(Tally content, IReadOnlyList<string> unknown, IReadOnlyList<string> taken) =>
        new(
            double.IsFinite(content.Strength) ? Percent.From(content.Strength * 100) : null,
            double.IsFinite(content.Sweetness) ? GramsPer100Grams.From(content.Sweetness * 100) : null,
            content.Coffee > 0 ? content.Milk / content.Coffee : null,
            unknown,
            taken
        );
}
