using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Moving;

/// <summary>Writes a build so that a bar that has moved pours what it poured before.</summary>
public static class Adjuster
{
    // Less than this is not worth another stroke.
    private const double Hardly = 0.005;

    /// <summary>The build with every amount said anew that has come to weigh otherwise: the nearest that the bar pours
    /// now, and never nothing where there was something.</summary>
    /// <param name="build">The build, read against both bars.</param>
    /// <param name="then">The bar as it was.</param>
    /// <param name="now">The bar as it is.</param>
    public static BuildDocument PourAsBefore(BuildDocument build, BarFacts then, BarFacts now) =>
        build with
        {
            Lines = [.. build.Lines.Select(line => Adjust(line, build, then, now))],
        };

    private static LineDocument Adjust(LineDocument line, BuildDocument build, BarFacts then, BarFacts now)
    {
        // What the house has come to pour otherwise is said as it was, by hand.
        var spelled = HouseStrokes.SpellOut(line, build, then);
        var id = new IngredientId(line.Ingredient ?? "");
        if (
            Measure.Find(line.Measure) is not { } measure
            || then.Find(id) is not { } was
            || now.Find(id) is not { } ingredient
        )
        {
            return line;
        }

        var one = new Quantity(1, measure);
        var times = Dosing.Mass(one, was, then).Value / Dosing.Mass(one, ingredient, now).Value;
        if (!double.IsFinite(times) || Math.Abs(times - 1) < Hardly)
        {
            return Sameness.Of(spelled, HouseStrokes.SpellOut(line, build, now)) ? line : spelled;
        }

        line = spelled;
        var step = BarRounding.StepOf(measure, ingredient, now);
        return line with
        {
            Amount = Said(line.Amount),
            Pins = [.. line.Pins.Select(pin => pin with { Amount = Said(pin.Amount) })],
            Scale = line.Scale is { } scale
                ? scale with
                {
                    Ladder = [.. scale.Ladder.Select(rung => rung with { Amount = Said(rung.Amount) })],
                }
                : null,
        };

        double? Said(double? amount) =>
            amount is { } known and > 0
                ? Math.Max(step, BarRounding.Round(new Quantity(known * times, measure), step).Amount)
                : amount;
    }
}
