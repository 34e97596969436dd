using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>Finds the lines of which a changed amount would make a size taste like the reference again.</summary>
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

    /// <summary>The mends for a drift in strength, or else in sweetness.</summary>
    /// <returns>Mends after which the size fits and that drift is within what the house allows, those that change the
    /// usual line first; none when no single line does it.</returns>
    public static IReadOnlyList<Mend> For(Setting setting, WorkedSize worked, bool strength)
    {
        var standard = setting.Reference.Poured;
        var target = strength ? standard.Strength : standard.Sweetness;
        var kinds = strength ? ForStrength : ForSweetness;
        return
        [
            .. kinds
                .SelectMany(kind => worked.Lines.Where(line => line.Ingredient.Kind == kind))
                .Where(line => line.Mark is null && worked.IsFree(line))
                .SelectMany(line => Try(setting, worked, line.Index, target, strength)),
        ];
    }

    // (S + a·s) ÷ (M + a·m) = target, solved for the amount a, and rounded to what the bar pours.
    private static IEnumerable<Mend> Try(Setting setting, WorkedSize worked, int i, double target, bool strength)
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
            yield break;
        }

        var down = BarRounding.RoundDown(ideal, line.Step);
        foreach (var amount in new[] { down, down + line.Step }.OrderBy(amount => Math.Abs(amount - ideal)))
        {
            amounts[i] = amount;
            var mended = worked.With(amounts);
            var allowed = strength ? setting.Bar.House.AllowedStrengthDrift : setting.Bar.House.AllowedSweetnessDrift;
            if (
                amount > 0
                && amount != line.Amount
                && !Drift.IsBeyond(Drift.Of(target, strength ? mended.Strength : mended.Sweetness), allowed)
                && mended.Occupied <= worked.Size.WorkingVolume.Value + 1e-6
            )
            {
                yield return Mend.Cells(
                    $"Pin {line.Line.Set.With(amount)} of {line.Ingredient.Name}",
                    new CellEdit(line.Line.Id, worked.Size.Cup.Id, amount)
                );
            }
        }

        double What(Tally content) => (strength ? content.Strength : content.Sweetness) * content.DrinkMass;
    }
}
