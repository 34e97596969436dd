using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Making;

/// <summary>What a scale is to show of a step, and between what it is right.</summary>
/// <param name="Grams">What it is to show.</param>
/// <param name="From">The least that is right.</param>
/// <param name="To">The most that is right.</param>
public sealed record Target(Grams Grams, Grams From, Grams To)
{
    /// <summary>Of a line as it is settled.</summary>
    /// <remarks>A bar is held to what it pours by: a sauce to the house's tolerance, however it is measured, what else is counted
    /// (strokes, pieces) to half of the next one, espresso to what a good pull is held to, and everything else to one of the bar's steps,
    /// up or down.</remarks>
    internal static Target Of(WorkedLine line, HouseRules house)
    {
        var grams = line.Mass;
        var by = line.Line.Set.Measure.Kind switch
        {
            _ when line.Ingredient.Kind == IngredientKind.Espresso => house.Serving.YieldTolerance.Value
                * (line.Facts.Recipe is { } recipe ? grams / recipe.Yield.Value : 1),
            _ when line.Ingredient.Kind == IngredientKind.Sauce => grams * house.SauceTolerance.Value / 100,
            MeasureKind.Stroke or MeasureKind.Piece or MeasureKind.Shot => line.Facts.GramsPerUnit * line.Step / 2,
            _ => line.Facts.Mass(line.Step, line.Stretch),
        };

        // What can be taken for nothing is not right.
        by = Math.Min(by, grams / 2);
        return new Target(
            Quantities.Grams.From(grams),
            Quantities.Grams.From(grams - by),
            Quantities.Grams.From(grams + by)
        );
    }

    /// <summary>Whether a weight is right.</summary>
    public bool IsMet(Grams shown) => shown.Value >= From.Value - 1e-9 && shown.Value <= To.Value + 1e-9;
}
