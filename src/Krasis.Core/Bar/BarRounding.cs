using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>Rounds quantities to what the bar can pour.</summary>
public static class BarRounding
{
    // What is dosed in drops goes over a scale that shows hundredths.
    private const double FlavourStep = 0.05;

    /// <summary>The smallest difference that the bar pours: whole strokes, shots and cubes, or halves where the pump or the
    /// recipe gives them; the house's steps for milk, coffee and water in ml, for ice and for the scale; the marks that
    /// spoons, jugs and cups carry (common practice, no source).</summary>
    /// <returns>A step above zero, in <paramref name="measure"/>.</returns>
    public static double StepOf(Measure measure, Ingredient ingredient, BarFacts bar)
    {
        var house = bar.House;
        if (measure.Kind is MeasureKind.Stroke or MeasureKind.Shot or MeasureKind.Piece)
        {
            var halves = measure.Kind switch
            {
                MeasureKind.Stroke => bar.DispenserOf(ingredient.Id)?.GivesHalves ?? house.HalfStrokes,
                MeasureKind.Shot => bar.EspressoOf(ingredient.Id)?.GivesHalves,
                _ => false,
            };
            return halves == true ? 0.5 : 1;
        }

        if (ingredient.Kind == IngredientKind.Flavour && (measure == Measure.Gram || measure == Measure.Millilitre))
        {
            return FlavourStep;
        }

        if (measure == Measure.Gram)
        {
            return ingredient.IsIce ? house.IceStep.Value : house.WeighingStep.Value;
        }

        if (measure == Measure.Millilitre)
        {
            // Syrups by volume go through a jigger or a syringe, which are marked finer than a milk jug.
            return ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce or IngredientKind.Powder ? Math.Min(1, house.LiquidStep.Value) : house.LiquidStep.Value;
        }

        return measure == Measure.UsTablespoon || measure == Measure.UsTeaspoon || measure == Measure.MetricTablespoon || measure == Measure.MetricTeaspoon ? 0.5 : 0.25;
    }

    /// <summary>Rounds to the nearest whole number of steps, halves upwards.</summary>
    /// <returns>A quantity that differs from the given one by at most half a step.</returns>
    public static Quantity Round(Quantity quantity, double step) => quantity.With(Round(quantity.Amount, step));

    /// <summary>Rounds an amount to the nearest whole number of steps, halves upwards.</summary>
    internal static double Round(double amount, double step) => Math.Round(amount / step, MidpointRounding.AwayFromZero) * step;

    /// <summary>Whether a quantity is a whole number of steps, to within a millionth of one.</summary>
    public static bool IsPourable(Quantity quantity, double step)
    {
        var steps = quantity.Amount / step;
        return Math.Abs(steps - Math.Round(steps)) < 1e-6;
    }
}
