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
    public static double? Per100Ml(WorkedSize worked, WorkedLine line)
    {
        var milk = worked.Lines.Sum(other => other.IsInside ? other.Mass * other.Ingredient.MilkShare * other.VolumePerGram : 0);
        return milk > 1 ? line.Mass / line.Ingredient.Density.Value / milk * 100 : null;
    }

    /// <summary>Whether a line is a flavour that is dosed to the milk.</summary>
    public static bool IsFlavour(WorkedLine line) => line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce && line.IsInside;

    /// <summary>The usual dose of a flavour: the house's, or its kind's.</summary>
    public static double Usual(WorkedLine line) =>
        line.Ingredient.UsualMlPer100Ml ?? (line.Ingredient.Kind == IngredientKind.Sauce ? UsualSauce : IngredientDefaults.UsualSyrup);

    /// <summary>Whether a line is said in ounces, of mass or of volume.</summary>
    public static bool IsInOunces(WorkedLine line) =>
        line.Line.Set.Measure == Measure.UsFluidOunce || line.Line.Set.Measure == Measure.ImperialFluidOunce || line.Line.Set.Measure == Measure.Ounce;
}
