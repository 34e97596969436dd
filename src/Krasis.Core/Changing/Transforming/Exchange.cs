using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Transforming;

/// <summary>Puts one ingredient in another's place.</summary>
internal static class Exchange
{
    /// <summary>Puts an ingredient into a line: a flavour so that it sweetens as much, anything else with the same volume; in the
    /// line's measure where the bar can say it so, else in the ingredient's own.</summary>
    public static void Put(Draft draft, LineDocument line, Ingredient ingredient, string why)
    {
        var bar = draft.Bar;
        var old = draft.IngredientOf(line)!;
        var measure = Measure.Find(line.Measure)!;
        var to = Dosing.Refusal(ingredient, measure, bar) is null ? measure : Dosing.MeasuresFor(ingredient, bar)[0];
        var one = new Quantity(1, measure);
        var volume = Dosing.Volume(one, old, bar);
        var factor = 1.0;
        var isFlavour = ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce;
        if (isFlavour && bar.House.Sweetness.Of(old) is > 0 and var before && bar.House.Sweetness.Of(ingredient) is > 0 and var after)
        {
            factor = before * old.Density.Value / (after * ingredient.Density.Value);
        }

        var unit = Dosing.Volume(new Quantity(1, to), ingredient, bar);
        var swapped = line with { Ingredient = ingredient.Id.Value, Measure = to.Code, Stated = null };
        draft.Replace(line, swapped);
        var dosed = draft.Times(swapped, volume / unit * factor);
        draft.Replace(swapped, dosed);
        draft.Note(line.Id, $"{old.Name} → {ingredient.Name}: {Draft.Say(line)} → {Draft.Say(dosed)}.", why);
    }
}
