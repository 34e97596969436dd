using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>How a flavour is dosed.</summary>
internal static class Dose
{
    /// <summary>A usual dark chocolate sauce: 2 tbsp to a US cup of milk (common practice, no source), in ml to 100
    /// ml.</summary>
    public const double UsualSauce = 12.5;

    /// <summary>Ml of a line to 100 ml of the size's milk; null without milk.</summary>
    public static double? Per100Ml(WorkedSize worked, WorkedLine line) =>
        MilkOf(worked) is { } milk ? line.Mass / line.Ingredient.Density.Value / milk * 100 : null;

    /// <summary>Ml of a line to 100 ml of the size's milk and ice: an iced drink is flavoured for the cup, of which the
    /// ice is a part. Null without milk.</summary>
    public static double? Per100MlWithIce(WorkedSize worked, WorkedLine line) =>
        MilkOf(worked) is { } milk
            ? line.Mass
                / line.Ingredient.Density.Value
                / (milk + (worked.Poured.IceMass / IceFacts.Density.Value))
                * 100
            : null;

    /// <summary>A size's milk, ml; null where there is hardly any.</summary>
    public static double? MilkOf(WorkedSize worked) =>
        worked.Lines.Sum(other => other.IsInside ? other.Mass * other.Ingredient.MilkShare * other.VolumePerGram : 0)
            is > 1
                and var milk
            ? milk
            : null;

    /// <summary>Whether a line is a flavour that is dosed to the milk.</summary>
    public static bool IsFlavour(WorkedLine line) =>
        line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce && line.IsInside;

    /// <summary>The usual dose of a flavour: the house's, or its kind's.</summary>
    public static double Usual(WorkedLine line) =>
        line.Ingredient.UsualMlPer100Ml
        ?? (line.Ingredient.Kind == IngredientKind.Sauce ? UsualSauce : IngredientDefaults.UsualSyrup);

    /// <summary>Whether a measure is an ounce, of mass or of volume.</summary>
    public static bool IsOunce(Measure measure) =>
        measure == Measure.UsFluidOunce || measure == Measure.ImperialFluidOunce || measure == Measure.Ounce;
}
