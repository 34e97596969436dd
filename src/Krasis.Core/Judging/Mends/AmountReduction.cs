using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Mends;

/// <summary>Finds what to take out so that a size fits.</summary>
internal static class AmountReduction
{
    // A hair's breadth of arithmetic is not an overfull cup.
    private const double Tolerance = 1e-6;

    // What a bartender would hold back first: the plain liquid that fills the cup, then the ice. Espresso and flavour
    // are the drink, and are left alone.
    private static readonly IngredientKind[] First =
    [
        IngredientKind.Milk,
        IngredientKind.Water,
        IngredientKind.Coffee,
        IngredientKind.Tea,
        IngredientKind.Ice,
    ];

    /// <summary>The mend that takes out as few whole steps as make it fit, of the largest liquid first.</summary>
    /// <param name="worked">The size.</param>
    /// <param name="fits">Whether the cup's content fits; less of a line must never fit worse.</param>
    /// <returns>The mend; null when nothing that may be taken out would do.</returns>
    public static Mend? For(WorkedSize worked, Func<Tally, bool> fits)
    {
        var amounts = worked.Amounts();
        var candidates = worked
            .Lines.Select((line, index) => (Line: line, Index: index, Rank: Array.IndexOf(First, line.Ingredient.Kind)))
            .Where(candidate =>
                candidate.Rank >= 0
                && candidate.Line.IsInside
                && worked.IsFree(candidate.Line)
                && amounts[candidate.Index] > 0
            )
            .OrderBy(candidate => candidate.Line.IsIce)
            .ThenByDescending(candidate => worked.Lines[candidate.Index].Mass * candidate.Line.VolumePerGram);
        var cuts = new List<(int Index, Quantity Cut)>();
        foreach (var (line, index, _) in candidates)
        {
            var before = amounts[index];
            amounts[index] = MostThatFits(index, line.Step);
            cuts.Add((index, line.Line.Set.With(before - amounts[index])));
            if (fits(worked.With(amounts)))
            {
                return Mend.Cells(
                    $"Take out {string.Join(" and ", cuts.Select(cut => $"{cut.Cut} of {worked.Lines[cut.Index].Ingredient.Name}"))}",
                    [
                        .. cuts.Select(cut => new CellEdit(
                            worked.Lines[cut.Index].Line.Id,
                            worked.Size.Cup.Id,
                            amounts[cut.Index]
                        )),
                    ]
                );
            }
        }

        return null;

        // Less of a line never takes up more room, so the largest number of whole steps that fits is found by halving.
        double MostThatFits(int index, double step)
        {
            int none = 0,
                tooMany = (int)Math.Ceiling((amounts[index] / step) - Tolerance);
            while (tooMany - none > 1)
            {
                var middle = (none + tooMany) / 2;
                amounts[index] = middle * step;
                (none, tooMany) = fits(worked.With(amounts)) ? (middle, tooMany) : (none, middle);
            }

            return none * step;
        }
    }
}
