using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>Rounds quantities to what the bar can pour.</summary>
public static class BarRounding
{
    // So small a part of a step is arithmetic, and nobody's amount.
    private const double Hair = 1e-9;

    // What is dosed in drops goes over a scale that shows hundredths.
    private const double FlavourStep = 0.05;

    /// <summary>The smallest difference that the bar pours: whole strokes, shots and cubes, or halves where the pump or
    /// the recipe gives them; the house's steps for milk, coffee and water in ml, for ice and for the scale; the marks
    /// that spoons, jugs and cups carry (common practice, no source).</summary>
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
            return ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce or IngredientKind.Powder
                ? Math.Min(1, house.LiquidStep.Value)
                : house.LiquidStep.Value;
        }

        return
            measure == Measure.UsTablespoon
            || measure == Measure.UsTeaspoon
            || measure == Measure.MetricTablespoon
            || measure == Measure.MetricTeaspoon
            ? 0.5
            : 0.25;
    }

    /// <summary>Rounds to the nearest whole number of steps, halves upwards.</summary>
    /// <returns>A quantity that differs from the given one by at most half a step.</returns>
    public static Quantity Round(Quantity quantity, double step) => quantity.With(Round(quantity.Amount, step));

    /// <summary>Rounds an amount to the nearest whole number of steps, halves upwards, whatever the floating point has
    /// made of a half.</summary>
    /// <example>2.75 strokes on a pump without halves → 3; 1.4999999999999998, which is 1.5 worked out another way →
    /// 2.</example>
    internal static double Round(double amount, double step) => Math.Floor((amount / step) + 0.5 + Hair) * step;

    /// <summary>Rounds an amount to the nearest whole number of steps, halves downwards.</summary>
    internal static double RoundHalvesDown(double amount, double step) =>
        Math.Ceiling((amount / step) - 0.5 - Hair) * step;

    /// <summary>Rounds an amount down to a whole number of steps.</summary>
    internal static double RoundDown(double amount, double step) => Math.Floor((amount / step) + Hair) * step;

    /// <summary>Whether a quantity is a whole number of steps, to within a millionth of one.</summary>
    public static bool IsPourable(Quantity quantity, double step)
    {
        var steps = quantity.Amount / step;
        return Math.Abs(steps - Math.Round(steps)) < 1e-6;
    }
}
