using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>Finds the one line whose amount, changed, would make a size taste like the reference again.</summary>
internal static class DriftMend
{
    private static readonly IngredientKind[] ForStrength =
    [
        IngredientKind.Espresso,
        IngredientKind.Coffee,
        IngredientKind.Milk,
        IngredientKind.Water,
    ];
    private static readonly IngredientKind[] ForSweetness =
    [
        IngredientKind.Syrup,
        IngredientKind.Sauce,
        IngredientKind.Powder,
        IngredientKind.Milk,
    ];

    /// <summary>The mend for a drift in strength, or else in sweetness.</summary>
    /// <returns>A mend after which the size fits and neither drift is beyond what the house allows; null when no single
    /// line does it.</returns>
    public static Mend? For(Setting setting, WorkedSize worked, bool strength)
    {
        var standard = setting.Reference.Poured;
        var target = strength ? standard.Strength : standard.Sweetness;
        var kinds = strength ? ForStrength : ForSweetness;
        foreach (var kind in kinds)
        {
            for (var i = 0; i < worked.Lines.Count; i++)
            {
                if (
                    worked.Lines[i].Ingredient.Kind == kind
                    && worked.IsFree(worked.Lines[i])
                    && Try(setting, worked, i, target, strength) is { } mend
                )
                {
                    return mend;
                }
            }
        }

        return null;
    }

    // (S + a·s) ÷ (M + a·m) = target, solved for the amount a, and rounded to what the bar pours.
    private static Mend? Try(Setting setting, WorkedSize worked, int i, double target, bool strength)
    {
        var line = worked.Lines[i];
        var amounts = worked.Amounts();
        amounts[i] = 0;
        var without = worked.With(amounts);
        amounts[i] = 1;
        var one = worked.With(amounts);
        var (s, m) = (What(one) - What(without), one.DrinkMass - without.DrinkMass);
        var ideal = ((target * without.DrinkMass) - What(without)) / (s - (target * m));
        if (!double.IsFinite(ideal) || ideal < line.Step / 2 || ideal > line.Line.Set.Measure.Most)
        {
            return null;
        }

        amounts[i] = BarRounding.Round(ideal, line.Step);
        var mended = worked.With(amounts);
        var standard = setting.Reference.Poured;
        return
            amounts[i] != worked.Lines[i].Amount
            && IsAllowed(standard.Strength, mended.Strength, setting.Bar.House.AllowedStrengthDrift.Value)
            && IsAllowed(standard.Sweetness, mended.Sweetness, setting.Bar.House.AllowedSweetnessDrift.Value)
            && mended.Occupied <= worked.Size.WorkingVolume.Value + 1e-6
            ? Mend.Cells(
                $"Pin {line.Line.Set.With(amounts[i])} of {line.Ingredient.Name}",
                new CellEdit(line.Line.Id, worked.Size.Cup.Id, amounts[i])
            )
            : null;

        double What(Tally content) => (strength ? content.Strength : content.Sweetness) * content.DrinkMass;
    }

    private static bool IsAllowed(double standard, double value, double percent) =>
        !Drift.IsBeyond(Drift.Of(standard, value), Percent.From(percent));
}
