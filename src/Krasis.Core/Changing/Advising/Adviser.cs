using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Advising;

/// <summary>Tries what the bar can really pour into a size, and says which comes nearest to the reference.</summary>
public static class Adviser
{
    /// <summary>How many ways are given.</summary>
    public const int Best = 5;

    // Steps of the bar tried on either side of the exact amount: shots and strokes, the liquid that fills the cup, ice.
    private const int CountsEachWay = 2;
    private const int LiquidEachWay = 4;
    private const int IceEachWay = 2;

    // A percent of the working volume left unlike the reference weighs so much of a percent of drift: enough to tell two
    // equally good tastes apart, and no more.
    private const double FullnessWeight = 0.1;

    /// <summary>The best ways of pouring one size.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="size">One of the build's sizes.</param>
    /// <returns>At most <see cref="Best"/>, the best first; none when nothing that was tried fits.</returns>
    /// <remarks>The largest coffee, the sweetest flavour, the largest milk (or water, or brewed coffee beside espresso) and the
    /// ice are varied in the bar's steps around what scaling asks for exactly; every other line stays. What does not fit below
    /// the reserve is dropped. The rest is ranked by w₁·|drift in strength| + w₂·|drift in sweetness|, with the house's weights,
    /// plus a tenth of the difference in fullness.</remarks>
    /// <exception cref="ArgumentException">The build has no such size.</exception>
    public static IReadOnlyList<Advice> Advise(Build build, BarFacts bar, CupId size)
    {
        var worked = SizeWork.SettleAll(build, bar, build.School.Scaling);
        var reference = worked.Single(candidate => candidate.Size.Cup.Id == build.ReferenceSize);
        var own = worked.Find(candidate => candidate.Size.Cup.Id == size) ?? throw new ArgumentException($"The build has no size '{size}'.", nameof(size));
        return Advise(own, reference, bar.House);
    }

    private static List<Advice> Advise(WorkedSize own, WorkedSize reference, HouseRules house)
    {
        var varied = VariedLines(own);
        var fixedPart = new Tally(own.Size.Glass);
        for (var i = 0; i < own.Lines.Count; i++)
        {
            if (!varied.Contains(i))
            {
                fixedPart.Add(own.Lines[i].Facts, own.Lines[i].Mass);
            }
        }

        var choices = varied.ConvertAll(i => AmountsNear(own, i));
        var best = new PriorityQueue<(double[] Amounts, Tally Content), double>();
        var standard = reference.Poured;
        var fullness = standard.Occupied / reference.Size.WorkingVolume.Value;
        var working = own.Size.WorkingVolume.Value;
        Try(0, fixedPart, new double[varied.Count]);
        var found = new List<Advice>(Best);
        while (best.TryDequeue(out var way, out var negative))
        {
            found.Insert(0, Describe(own, varied, way.Amounts, way.Content, standard, -negative));
        }

        return found;

        void Try(int at, Tally content, double[] amounts)
        {
            if (at == varied.Count)
            {
                Keep(content, amounts);
                return;
            }

            foreach (var amount in choices[at])
            {
                var next = content;
                next.Add(own.Lines[varied[at]].Facts, own.Lines[varied[at]].Facts.Mass(amount, own.Lines[varied[at]].Stretch));
                if (next.Occupied > working + 1e-6)
                {
                    // More never takes up less room.
                    break;
                }

                amounts[at] = amount;
                Try(at + 1, next, amounts);
            }
        }

        void Keep(Tally content, double[] amounts)
        {
            var score = (house.StrengthWeight * Off(content.Strength, standard.Strength))
                + (house.SweetnessWeight * Off(content.Sweetness, standard.Sweetness))
                + (FullnessWeight * Math.Abs((content.Occupied / working) - fullness) * 100);
            if (best.Count < Best)
            {
                best.Enqueue(([.. amounts], content), -score);
            }
            else if (best.TryPeek(out _, out var worst) && score < -worst)
            {
                best.EnqueueDequeue(([.. amounts], content), -score);
            }
        }
    }

    // What is not known, or is nothing in the reference, does not rank.
    private static double Off(double value, double standard) =>
        Math.Abs(Drift.Of(standard, value)?.Value ?? 0);

    private static List<int> VariedLines(WorkedSize own)
    {
        var coffee = Largest(line => line.Kind == IngredientKind.Espresso) ?? Largest(line => line.Kind == IngredientKind.Coffee);
        var flavour = Enumerable.Range(0, own.Lines.Count)
            .Where(i => own.Lines[i].Exact > 0 && !own.Lines[i].IsOnTop && own.Lines[i].Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce or IngredientKind.Powder)
            .OrderByDescending(i => own.Lines[i].Mass * (own.Lines[i].Facts.Sweetness ?? 0))
            .Select(i => (int?)i)
            .FirstOrDefault();
        var filler = Largest(line => line.Kind is IngredientKind.Milk or IngredientKind.Water || (line.Kind == IngredientKind.Coffee && coffee is { } first && own.Lines[first].Ingredient.Id != line.Id));
        var ice = Largest(line => line.IsIce);
        return [.. new[] { coffee, flavour, ice, filler }.OfType<int>().Distinct()];

        int? Largest(Func<Ingredient, bool> which) => Enumerable.Range(0, own.Lines.Count)
            .Where(i => own.Lines[i].Exact > 0 && !own.Lines[i].IsOnTop && which(own.Lines[i].Ingredient))
            .OrderByDescending(i => own.Lines[i].Mass)
            .Select(i => (int?)i)
            .FirstOrDefault();
    }

    private static double[] AmountsNear(WorkedSize own, int i)
    {
        var (exact, step) = (own.Lines[i].Exact, own.Lines[i].Step);
        var each = own.Lines[i].IsIce ? IceEachWay
            : own.Lines[i].Line.Set.Measure.Kind is MeasureKind.Shot or MeasureKind.Stroke ? CountsEachWay
            : LiquidEachWay;
        var middle = exact / step;
        var from = Math.Max(1, (int)Math.Ceiling(middle - each - 1e-9));
        var to = Math.Max(from, (int)Math.Floor(middle + each + 1e-9));
        return [.. Enumerable.Range(from, to - from + 1).Select(steps => steps * step)];
    }

    private static Advice Describe(WorkedSize own, List<int> varied, double[] amounts, Tally content, Tally standard, double score)
    {
        var strength = Drift.Of(standard.Strength, content.Strength);
        var sweetness = Drift.Of(standard.Sweetness, content.Sweetness);
        var room = Millilitres.From(own.Size.WorkingVolume.Value - content.Occupied);
        var pours = varied.Select((i, at) => (Index: i, Line: own.Lines[i], Amount: amounts[at], Before: own.Lines[i].Amount)).OrderBy(pour => pour.Index).ToList();
        return new Advice(
            [.. pours.Where(pour => Math.Abs(pour.Amount - pour.Before) > 1e-9).Select(pour => new CellEdit(pour.Line.Line.Id, own.Size.Cup.Id, pour.Amount))],
            string.Join(", ", pours.Select(pour => $"{pour.Line.Line.Set.With(pour.Amount)} of {pour.Line.Ingredient.Name}")),
            strength,
            sweetness,
            room,
            score,
            $"{Words(strength, "stronger", "weaker", "strong")}, {Words(sweetness, "sweeter", "less sweet", "sweet")}; {Math.Round(room.Value).ToString(CultureInfo.InvariantCulture)} ml of room left.");
    }

    private static string Words(Percent? change, string more, string less, string what) => change switch
    {
        null => $"how {what} is not known",
        { Value: var value } when Math.Abs(value) < Drift.Noticeable => $"as {what} as the reference",
        { Value: var value } => $"{Math.Abs(value).ToString("0", CultureInfo.InvariantCulture)} % {(value > 0 ? more : less)}",
    };
}
