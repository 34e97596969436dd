using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Mends;

/// <summary>Finds what to pour more of so that a size is full.</summary>
internal static class AmountIncrease
{
    /// <summary>For every unmarked plain liquid and the ice, the most whole steps of it that fit; and with a shot more,
    /// the most of the liquid that then fits.</summary>
    /// <param name="worked">The size.</param>
    public static IReadOnlyList<Mend> For(WorkedSize worked)
    {
        var shots = worked.Lines.Where(line =>
            line is { IsPoured: true, Mark: null, Ingredient.Kind: IngredientKind.Espresso } && worked.IsFree(line)
        );
        List<Mend> mends = [];
        foreach (var line in AmountReduction.Givers(worked))
        {
            mends.AddRange(Fill(worked, line, []));
            foreach (var shot in shots)
            {
                mends.AddRange(Fill(worked, line, [shot]));
            }
        }

        return mends;
    }

    private static IEnumerable<Mend> Fill(WorkedSize worked, WorkedLine line, IReadOnlyList<WorkedLine> oneMore)
    {
        var amounts = worked.Amounts();
        foreach (var more in oneMore)
        {
            amounts[more.Index] += more.Step;
        }

        if (worked.With(amounts).Occupied > worked.Size.WorkingVolume.Value)
        {
            yield break;
        }

        amounts[line.Index] = AmountReduction.MostThatFits(worked, amounts, line, line.Line.Set.Measure.Most, content =>
            content.Occupied <= worked.Size.WorkingVolume.Value + 1e-6
        );
        if (amounts[line.Index] > line.Amount)
        {
            yield return AmountReduction.Said(worked, amounts, "Pour");
        }
    }
}
