using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Changing.Advising;

/// <summary>Goes through all that the bar can pour into a size.</summary>
internal static class Search
{
    // Counts of shots and strokes tried at the most, and combinations of the flavours: beyond that, those nearest to
    // what is asked for.
    private const int MostCounts = 8;
    private const int MostFlavourings = 64;

    // More than any score.
    private const double Beyond = 1e6;

    /// <summary>Whether a line is of a sort that is varied at all.</summary>
    public static bool IsVaried(WorkedLine line) =>
        line.Mark is null && (line.Exact > 0 || line.IsPoured) && IsOfSort(line);

    /// <summary>Whether a line is in the drink and of a sort of which more or less may be poured: coffee, milk, water,
    /// ice and flavours.</summary>
    public static bool IsOfSort(WorkedLine line) =>
        line.IsInside
        && (
            line.IsIce
            || line.Ingredient.Kind
                is IngredientKind.Espresso
                    or IngredientKind.Coffee
                    or IngredientKind.Tea
                    or IngredientKind.Milk
                    or IngredientKind.Water
            || IsFlavour(line)
        );

    /// <summary>The best ways of pouring a size, the best first: an amount for every line.</summary>
    /// <param name="own">The size.</param>
    /// <param name="rank">How near a cup is to the reference.</param>
    /// <param name="count">How many ways at the most.</param>
    public static IReadOnlyList<double[]> Best(WorkedSize own, Ranking rank, int count)
    {
        var varied = VariedLines(own);
        var amounts = own.Amounts();
        var fixedPart = new Tally(own.Size.CupVessel);
        foreach (var line in own.Lines.Where(line => !varied.Contains(line.Index)))
        {
            fixedPart.Add(line.Facts, line.Mass);
        }

        var working = own.Size.WorkingVolume.Value;
        var flavours = varied.Count(i => IsFlavour(own.Lines[i]));
        var choices = varied.ConvertAll(i => Choices(own, own.Lines[i], flavours, fixedPart));
        var best = new PriorityQueue<double[], double>();
        Try(0, fixedPart);
        var found = new List<double[]>(best.Count);
        while (best.TryDequeue(out var way, out _))
        {
            found.Insert(0, way);
        }

        return found;

        void Try(int at, Tally content)
        {
            if (at == varied.Count)
            {
                Keep(content);
                return;
            }

            var line = own.Lines[varied[at]];
            foreach (var amount in choices[at])
            {
                var next = content;
                next.Add(line.Facts, line.Facts.Mass(amount, line.Stretch));
                if (next.Occupied > working + 1e-6)
                {
                    // More never takes up less room.
                    break;
                }

                amounts[line.Index] = amount;
                Try(at + 1, next);
            }
        }

        void Keep(Tally content)
        {
            // What the house allows goes before what it does not, however near that is otherwise.
            var score = rank.Score(content, working) + (rank.IsAllowed(content) ? 0 : Beyond);
            if (best.Count < count)
            {
                best.Enqueue([.. amounts], -score);
            }
            else if (best.TryPeek(out _, out var worst) && score < -worst)
            {
                best.EnqueueDequeue([.. amounts], -score);
            }
        }
    }

    // The largest coffee, every flavour, the largest ice, and last, because there are the most amounts of it, what
    // fills the cup.
    private static List<int> VariedLines(WorkedSize own)
    {
        var free = own.Lines.Where(IsVaried).ToList();
        var coffee = Largest(line => line.Ingredient.Kind == IngredientKind.Espresso)
            ?? Largest(line => line.Ingredient.Kind is IngredientKind.Coffee or IngredientKind.Tea);
        var filler = Largest(line =>
            line.Ingredient.Kind is IngredientKind.Milk or IngredientKind.Water
            || (
                line.Ingredient.Kind == IngredientKind.Coffee
                && coffee is not null
                && coffee.Ingredient.Id != line.Ingredient.Id
            )
        );
        return
        [
            .. new[] { coffee }
                .Concat(free.Where(IsFlavour))
                .Append(Largest(line => line.IsIce))
                .Append(filler)
                .OfType<WorkedLine>()
                .Select(line => line.Index)
                .Distinct(),
        ];

        WorkedLine? Largest(Func<WorkedLine, bool> which) => free.Where(which).MaxBy(line => line.Mass);
    }

    private static bool IsFlavour(WorkedLine line) =>
        line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce or IngredientKind.Powder;

    // Every whole number of steps from one to as much as the cup takes beside what is fixed; of what there are too
    // many, those nearest to what is asked for: by the lead's rules, or where it is pinned, as it would grow with the
    // cup.
    private static double[] Choices(WorkedSize own, WorkedLine line, int flavours, Tally beside)
    {
        var most = (int)Math.Min(line.Line.Set.Measure.Most / line.Step, Fitting(own, line, beside));
        var limit = Math.Min(
            IsFlavour(line) ? (int)Math.Round(Math.Pow(MostFlavourings, 1.0 / flavours)) : int.MaxValue,
            line.Line.Set.Measure.Kind is MeasureKind.Shot or MeasureKind.Stroke ? MostCounts : int.MaxValue
        );
        var middle = Math.Clamp((int)Math.Round(line.Exact / line.Step), 1, Math.Max(1, most));
        var from = Math.Max(1, Math.Min(middle - (limit / 2), most - limit + 1));
        var to = Math.Min(most, limit == int.MaxValue ? most : from + limit - 1);
        return to < from ? [] : [.. Enumerable.Range(from, to - from + 1).Select(steps => steps * line.Step)];
    }

    private static double Fitting(WorkedSize own, WorkedLine line, Tally beside)
    {
        int none = 0,
            tooMany = 1;
        while (Fits(tooMany) && tooMany < 100_000)
        {
            (none, tooMany) = (tooMany, tooMany * 2);
        }

        while (tooMany - none > 1)
        {
            var middle = (none + tooMany) / 2;
            (none, tooMany) = Fits(middle) ? (middle, tooMany) : (none, middle);
        }

        return none;

        bool Fits(int steps)
        {
            var with = beside;
            with.Add(line.Facts, line.Facts.Mass(steps * line.Step, line.Stretch));
            return with.Occupied <= own.Size.WorkingVolume.Value + 1e-6;
        }
    }
}
