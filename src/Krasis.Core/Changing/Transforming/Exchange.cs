using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Transforming;

/// <summary>Puts one ingredient in another's place.</summary>
internal static class Exchange
{
    /// <summary>Puts an ingredient into a line: a flavour so that it sweetens as much as far as that can be, anything
    /// else with the same volume; in the line's measure where the bar can say it so, else in the ingredient's
    /// own.</summary>
    public static void Put(Draft draft, LineDocument line, Ingredient ingredient, string? why)
    {
        var bar = draft.Bar;
        var old = draft.IngredientOf(line)!;
        var measure = Measure.Find(line.Measure)!;
        var to = Dosing.Refusal(ingredient, measure, bar) is null ? measure : Dosing.MeasuresFor(ingredient, bar)[0];
        var one = new Quantity(1, measure);
        var volume = Dosing.Volume(one, old, bar);
        var factor = 1.0;
        var isFlavour = ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce;
        if (
            isFlavour
            && bar.House.Sweetness.Of(old) is > 0 and var before
            && bar.House.Sweetness.Of(ingredient) is > 0 and var after
        )
        {
            factor = before * old.Density.Value / (after * ingredient.Density.Value);
        }

        var unit = Dosing.Volume(new Quantity(1, to), ingredient, bar);
        var swapped = line with { Ingredient = ingredient.Id.Value, Measure = to.Code, Stated = null };
        var dosed = draft.Times(swapped, volume / unit * factor);
        draft.Replace(swapped, dosed);
        draft.Note(
            line.Id,
            $"{old.Name} → {ingredient.Name}: {Draft.Say(line)} → {Draft.Say(dosed)}.",
            why ?? HowSweet(draft, line, old, dosed, ingredient)
        );
    }

    // What really becomes of the sweetness: what cannot be held is told, and nothing is promised that the new dose does
    // not give.
    private static string HowSweet(
        Draft draft,
        LineDocument line,
        Ingredient old,
        LineDocument dosed,
        Ingredient ingredient
    )
    {
        var sweetness = draft.Bar.House.Sweetness;
        if (sweetness.Of(old) is not { } before || sweetness.Of(ingredient) is not { } after)
        {
            return $"How sweet {(sweetness.Of(ingredient) is null ? ingredient : old).Name} is, is not known: the volume stays, and the drink may be sweeter or less sweet.";
        }

        var was = before * Mass(line, old);
        var now = after * Mass(dosed, ingredient);
        if (was <= 0 || now <= 0)
        {
            return was <= 0
                ? $"{old.Name} did not sweeten; the volume stays."
                : $"{ingredient.Name} does not sweeten: the volume stays, and the drink is less sweet.";
        }

        var off = ((now / was) - 1) * 100;
        return Math.Abs(off) < 1
            ? "The dose changes so that it sweetens as much."
            : $"The dose changes so that it sweetens as much; the bar pours no nearer than {Say.Short(Math.Abs(off))} % {(off > 0 ? "sweeter" : "less sweet")}.";

        double Mass(LineDocument of, Ingredient what) =>
            Dosing.Mass(new Quantity(of.Amount ?? 0, Measure.Find(of.Measure)!), what, draft.Bar).Value;
    }
}
