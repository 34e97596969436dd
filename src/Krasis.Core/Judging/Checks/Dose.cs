using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Scaling;

namespace Krasis.Core.Judging.Checks;

/// <summary>How a flavour is dosed.</summary>
internal static class Dose
{
    /// <summary>A usual dark chocolate sauce: 2 tbsp to a US cup of milk (common practice, no source), in ml to 100 ml.</summary>
    public const double UsualSauce = 12.5;

    /// <summary>Ml of a line to 100 ml of the size's milk; null without milk.</summary>
    public static double? Per100Ml(WorkedSize worked, int i)
    {
        var milk = 0.0;
        for (var j = 0; j < worked.Lines.Count; j++)
        {
            milk += worked.Lines[j].Ingredient.Kind == IngredientKind.Milk && !worked.Lines[j].IsOnTop ? worked.Mass(j) * worked.Lines[j].VolumePerGram : 0;
        }

        return milk > 1 ? worked.Mass(i) / worked.Lines[i].Ingredient.Density.Value / milk * 100 : null;
    }

    /// <summary>Whether a line is a flavour that is dosed to the milk.</summary>
    public static bool IsFlavour(LineFacts line) => line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce && !line.IsOnTop;

    /// <summary>The usual dose of a flavour: the house's, or its kind's.</summary>
    public static double Usual(LineFacts line) =>
        line.Ingredient.UsualMlPer100Ml ?? (line.Ingredient.Kind == IngredientKind.Sauce ? UsualSauce : IngredientDefaults.UsualSyrup);

    /// <summary>Whether somebody has said the amount, and not scaling.</summary>
    public static bool IsSaid(WorkedSize worked, int i) => worked.Amounts[i] > 0 && worked.Origins[i] != Origin.Scaled;

    /// <summary>Whether a line is said in ounces, of mass or of volume.</summary>
    public static bool IsInOunces(LineFacts line) =>
        line.Line.Set.Measure == Measure.UsFluidOunce || line.Line.Set.Measure == Measure.ImperialFluidOunce || line.Line.Set.Measure == Measure.Ounce;
}
