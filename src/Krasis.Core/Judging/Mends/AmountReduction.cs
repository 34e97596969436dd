using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Mends;

/// <summary>Finds what to take out so that a size fits.</summary>
internal static class AmountReduction
{
    // A hair's breadth of arithmetic is not an overfull cup.
    private const double Tolerance = 1e-6;

    // How much of the ice is kept where less of it is tried; with less than the last the drink is another (no source).
    private static readonly double[] Kept = [0.9, 0.8, 0.65];

    // What a bartender would hold back: the plain liquid that fills the cup, and the ice. Espresso and flavour are the
    // drink, and are left alone.
    private static readonly IngredientKind[] First =
    [
        IngredientKind.Milk,
        IngredientKind.Water,
        IngredientKind.Coffee,
        IngredientKind.Tea,
        IngredientKind.Ice,
    ];

    /// <summary>The ways to make it fit: as few whole steps as do of one line, of ice and a liquid by halves, or of
    /// everything in turn. What is filled to a mark is left alone, and so is what a later mark would make up
    /// for.</summary>
    /// <param name="worked">The size.</param>
    /// <param name="fits">Whether the cup's content fits; less of a line must never fit worse.</param>
    /// <returns>The ways, those with one line first; none when nothing that may be taken out would do.</returns>
    public static IReadOnlyList<Mend> For(WorkedSize worked, Func<Tally, bool> fits)
    {
        var givers = Givers(worked);
        List<Mend> ways = [];
        foreach (var line in givers)
        {
            Take([(line, 0)]);
        }

        // Half the ice's share, and a little of it: the rest off each liquid.
        foreach (var ice in givers.Where(line => line.IsIce))
        {
            foreach (var liquid in givers.Where(line => !line.IsIce))
            {
                foreach (var kept in Kept)
                {
                    Take([(ice, kept), (liquid, 0)]);
                }
            }
        }

        if (ways.Count == 0)
        {
            Take([.. givers.Select(line => (line, 0.0))]);
        }

        return ways;

        void Take(IReadOnlyList<(WorkedLine Line, double Kept)> from)
        {
            var amounts = worked.Amounts();
            foreach (var (line, kept) in from)
            {
                amounts[line.Index] = Math.Max(
                    BarRounding.RoundDown(line.Amount * kept, line.Step),
                    MostThatFits(worked, amounts, line, line.Amount, fits)
                );
                if (fits(worked.With(amounts)))
                {
                    ways.Add(Said(worked, amounts, "Take out"));
                    return;
                }
            }
        }
    }

    /// <summary>Ways to use a little less ice in a drink that is filled to a line. The drink still reaches the line, but
    /// less ice stands above it. The size must be worked out again to see whether that is enough.</summary>
    /// <param name="worked">The size.</param>
    /// <returns>One step less of each ice, then more, up to a third; none where no fill line follows the ice.</returns>
    public static IEnumerable<Mend> IceBelowAFillLine(WorkedSize worked)
    {
        foreach (
            var ice in worked.Lines.Where(line =>
                line is { IsIce: true, IsInside: true, Mark: null } && !worked.IsFree(line)
            )
        )
        {
            foreach (
                var amount in Kept.Select(kept => BarRounding.RoundDown(ice.Amount * kept, ice.Step))
                    .Prepend(ice.Amount - ice.Step)
                    .Where(amount => amount > Tolerance)
                    .Distinct()
            )
            {
                var amounts = worked.Amounts();
                amounts[ice.Index] = amount;
                yield return Said(worked, amounts, "Take out");
            }
        }
    }

    /// <summary>The lines of a size of which less or more may be poured before the drink is another: plain liquids and
    /// ice that go in by amount, the largest first and the ice last.</summary>
    public static IReadOnlyList<WorkedLine> Givers(WorkedSize worked) =>
        [
            .. worked
                .Lines.Where(line =>
                    line is { IsInside: true, Mark: null, Amount: > 0 }
                    && Array.IndexOf(First, line.Ingredient.Kind) >= 0
                    && worked.IsFree(line)
                )
                .OrderBy(line => line.IsIce)
                .ThenByDescending(line => line.Mass * line.VolumePerGram),
        ];

    /// <summary>The most whole steps of a line, less than an amount, with which the cup fits; 0 where none
    /// do.</summary>
    /// <param name="worked">The size.</param>
    /// <param name="amounts">How much of every line; the line's own is left as it is.</param>
    /// <param name="line">The line.</param>
    /// <param name="below">The amount that it stays below, in the line's measure.</param>
    /// <param name="fits">Whether the cup's content fits.</param>
    public static double MostThatFits(
        WorkedSize worked,
        double[] amounts,
        WorkedLine line,
        double below,
        Func<Tally, bool> fits
    )
    {
        // Less of a line never takes up more room, so the largest number of whole steps that fits is found by halving.
        double[] tried = [.. amounts];
        int none = 0,
            tooMany = (int)Math.Ceiling((below / line.Step) - Tolerance);
        while (tooMany - none > 1)
        {
            var middle = (none + tooMany) / 2;
            tried[line.Index] = middle * line.Step;
            (none, tooMany) = fits(worked.With(tried)) ? (middle, tooMany) : (none, middle);
        }

        return none * line.Step;
    }

    /// <summary>The mend of the cells that are other than they were.</summary>
    /// <param name="worked">The size.</param>
    /// <param name="amounts">How much of every line.</param>
    /// <param name="does">What is done by a difference, as "Take out".</param>
    public static Mend Said(WorkedSize worked, double[] amounts, string does)
    {
        var changed = worked.Lines.Where(line => Math.Abs(amounts[line.Index] - line.Amount) > Tolerance).ToList();
        return Mend.Cells(
            changed.All(IsWhole)
                ? $"{does} {Say.List([.. changed.Select(line => $"{Difference(line)} {(does == "Pour" ? "more of" : "of")} {line.Ingredient.Name}")])}"
                : $"Pour {Say.List([.. changed.Select(line => $"{line.Line.Set.With(amounts[line.Index])} of {line.Ingredient.Name}")])}",
            [.. changed.Select(line => new CellEdit(line.Line.Id, worked.Size.Cup.Id, amounts[line.Index]))]
        );

        // An odd amount is not poured by a difference: 17.7 ml less is nothing that anybody measures.
        bool IsWhole(WorkedLine line) =>
            Math.Abs((line.Amount / line.Step) - Math.Round(line.Amount / line.Step)) < Tolerance;

        Quantity Difference(WorkedLine line) => line.Line.Set.With(Math.Abs(amounts[line.Index] - line.Amount));
    }
}
