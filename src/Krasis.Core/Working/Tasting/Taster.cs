using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Tasting;

/// <summary>Works out what the content of a cup tastes like.</summary>
internal static class Taster
{
    /// <summary>The taste of a size as it is poured.</summary>
    /// <remarks>Strength = coffee solids ÷ mass of the drink. Sweetness = Σ sugars × <see cref="RelativeSweetness"/> ÷ mass of
    /// the drink. Condensed steam is part of the drink; ice is not yet, unless it is blended in.</remarks>
    public static Taste Of(WorkedSize size)
    {
        var unknown = new List<string>();
        for (var i = 0; i < size.Lines.Count; i++)
        {
            var line = size.Lines[i];
            if ((line.Solids is null || line.Sweetness is null) && !line.IsOnTop && size.Amounts[i] > 0)
            {
                unknown.Add(line.Ingredient.Name);
            }
        }

        return Of(size.Poured, unknown);
    }

    /// <summary>The taste of a cup's content.</summary>
    /// <param name="content">The content.</param>
    /// <param name="unknown">The names of what is not known in it.</param>
    public static Taste Of(Tally content, IReadOnlyList<string> unknown) => new(
        double.IsFinite(content.Strength) ? Percent.From(content.Strength * 100) : null,
        double.IsFinite(content.Sweetness) ? GramsPer100Grams.From(content.Sweetness * 100) : null,
        content.Coffee > 0 ? content.Milk / content.Coffee : null,
        unknown);
}
