using Krasis.Core.Judging.Standings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Scaling;

namespace Krasis.Core.Changing.Advising;

/// <summary>Looks for the best that the bar can pour into a size. It tries every count of shots and strokes. For each of
/// them it tries the other amounts in coarse steps, begins with the best and moves one line, then two, then all of them
/// by small steps until nothing gets better.</summary>
internal sealed class Search
{
    // Counts of shots and strokes tried at the most, and combinations of the flavours: beyond that, those nearest to
    // what is asked for.
    private const int MostCounts = 8;
    private const int MostFlavourings = 64;

    // Of so many combinations of counts the fine steps are worked out; of fewer where there are many fine lines.
    private const int Refined = 24;
    private const int RefinedOfMany = 4;

    // Of so many of them also the best way that leaves one line as it is.
    private const int WithOneKept = 8;

    // The coarse grid has at most so many points for one combination of counts.
    private const int MostPoints = 3000;

    private readonly WorkedSize own;
    private readonly Goal goal;
    private readonly (int Line, double Volume)? mark;
    private readonly bool hasMarks;
    private readonly Tally fixedPart;
    private readonly int[] countedSteps;
    private Tally withCounted;
    private readonly List<int> counted = [];
    private readonly List<int> fine = [];
    private readonly int[] most;
    private readonly double[] amounts;
    private readonly SearchMoves moves;

    /// <summary>Prepares a search.</summary>
    /// <param name="own">The size.</param>
    /// <param name="goal">What it is poured for.</param>
    /// <param name="mark">A marked line that is filled to another volume, ml; null leaves every mark.</param>
    /// <param name="only">Which of the lines are varied; null for all that can be.</param>
    public Search(
        WorkedSize own,
        Goal goal,
        (int Line, double Volume)? mark = null,
        Func<WorkedLine, bool>? only = null
    )
    {
        (this.own, this.goal, this.mark) = (own, goal, mark);
        hasMarks = own.Lines.Any(line => line.Mark is not null);
        amounts = own.Amounts();
        most = new int[own.Lines.Count];
        var varied = VariedLines.Of(own).Where(i => only?.Invoke(own.Lines[i]) ?? true).ToList();
        fixedPart = new Tally(own.Size.CupVessel);
        foreach (var line in own.Lines.Where(line => !varied.Contains(line.Index) && line.Mark is null))
        {
            fixedPart.Add(line.Facts, line.Mass);
        }

        foreach (var i in varied)
        {
            var line = own.Lines[i];
            most[i] = (int)Math.Min(line.Line.Set.Measure.Most / line.Step, Fitting(line));
            var isCount = line.Line.Set.Measure.Kind is MeasureKind.Shot or MeasureKind.Stroke && !line.IsIce;
            (isCount ? counted : fine).Add(i);
        }

        countedSteps = new int[counted.Count];
        moves = new SearchMoves(counted.Count, fine.Count);
        withCounted = fixedPart;
    }

    /// <summary>The best ways to pour the size, the best first: an amount for every line. For each of the best counts of
    /// shots and strokes, these are the best way and the best ways that leave one other line as it is.</summary>
    public IReadOnlyList<(double[] Amounts, double Score)> Best()
    {
        if (counted.Concat(fine).Any(i => most[i] < 1))
        {
            return [];
        }

        List<(double Score, int[] Steps)> starts = [];
        int[][] grids = [.. fine.Select(i => GridOf(own.Lines[i]))];
        foreach (var counts in SearchMoves.Product([.. counted.Select(i => CountsOf(own.Lines[i]))]))
        {
            var start = new Start([.. counts, .. fine.Select(_ => 0)]);
            BestOf(grids, 0, Counted(start.Tried), start);
            if (double.IsFinite(start.Score))
            {
                starts.Add((start.Score, start.Steps));
            }
        }

        var found = new Dictionary<string, (double[] Amounts, double Score)>();
        foreach (var (i, (_, steps)) in Chosen(starts).Index())
        {
            Keep(Descend(steps, -1));
            for (var at = counted.Count; at < steps.Length && fine.Count <= SearchMoves.Few && i < WithOneKept; at++)
            {
                var line = own.Lines[fine[at - counted.Count]];
                int[] same = [.. steps];
                same[at] = Math.Clamp((int)Math.Round(line.Amount / line.Step), 1, most[line.Index]);
                Keep(Descend(same, at));
            }
        }

        return [.. found.Values.OrderBy(way => way.Score)];

        void Keep(int[] steps)
        {
            if (ScoreOf(steps) is var score && double.IsFinite(score))
            {
                found.TryAdd(string.Join(' ', steps), ([.. amounts], score));
            }
        }
    }

    // The best of the coarse grid: line by line, so that what is in the cup already is added up once, and no further where
    // it is too much already.
    private void BestOf(int[][] grids, int at, Tally content, Start best)
    {
        if (at == grids.Length)
        {
            var score = hasMarks ? ScoreOf(best.Tried, best.Score) : goal.ScoreIfBetter(content, amounts, best.Score);
            best.Keep(score);
            return;
        }

        var line = own.Lines[fine[at]];
        foreach (var steps in grids[at])
        {
            best.Tried[counted.Count + at] = steps;
            amounts[line.Index] = steps * line.Step;
            var with = content;
            with.Add(line.Facts, line.Facts.Mass(amounts[line.Index], line.Stretch));
            if (at + 1 == grids.Length || hasMarks || goal.Fits(with))
            {
                BestOf(grids, at + 1, with, best);
            }
        }
    }

    // The best combinations of counts, and the best with each count of the coffee, so that what differs in kind is there.
    private IEnumerable<(double Score, int[] Steps)> Chosen(List<(double Score, int[] Steps)> starts)
    {
        var order = starts.OrderBy(start => start.Score).ToList();
        return counted.Count == 0
            ? order
            : order
                .Take(fine.Count <= SearchMoves.Few ? Refined : RefinedOfMany)
                .Concat(order.GroupBy(start => start.Steps[0]).Select(group => group.First()))
                .Distinct();
    }

    // Moves one line, or two, or a step of every line, for as long as that gets nearer; one line may be kept where it
    // is.
    private int[] Descend(int[] from, int kept)
    {
        var (best, score) = ((int[])[.. from], ScoreOf(from));
        var stages = moves.Without(kept);
        for (var stage = 0; stage < stages.Length; )
        {
            stage = Move(best, stages[stage], ref score) ? 0 : stage + 1;
        }

        return best;
    }

    // The best of some moves, where any gets nearer.
    private bool Move(int[] best, int[][] moves, ref double score)
    {
        var tried = new int[best.Length];
        int[]? found = null;
        foreach (var move in moves)
        {
            for (var i = 0; i < tried.Length; i++)
            {
                tried[i] = best[i] + move[i];
            }

            if (ScoreOf(tried, score) is var now && now < score - 1e-12)
            {
                (score, found) = (now, move);
            }
        }

        for (var i = 0; found is not null && i < best.Length; i++)
        {
            best[i] += found[i];
        }

        return found is not null;
    }

    // Leaves the amounts of every line behind; beyond any number where it does not fit, is none, or is no better than
    // another.
    private double ScoreOf(int[] steps, double than = double.PositiveInfinity)
    {
        for (var at = 0; at < steps.Length; at++)
        {
            var i = at < counted.Count ? counted[at] : fine[at - counted.Count];
            if (steps[at] < 1 || steps[at] > most[i])
            {
                return double.PositiveInfinity;
            }

            amounts[i] = steps[at] * own.Lines[i].Step;
        }

        return goal.ScoreIfBetter(hasMarks ? InOrder() : Together(steps), amounts, than);
    }

    // What is counted stays as it is for most of the cups that are tried.
    private Tally Together(int[] steps)
    {
        var content = Counted(steps);
        foreach (var i in fine)
        {
            content.Add(own.Lines[i].Facts, own.Lines[i].Facts.Mass(amounts[i], own.Lines[i].Stretch));
        }

        return content;
    }

    // What is not varied, and so much of what is counted.
    private Tally Counted(int[] steps)
    {
        if (!steps.AsSpan(0, counted.Count).SequenceEqual(countedSteps))
        {
            steps.AsSpan(0, counted.Count).CopyTo(countedSteps);
            withCounted = fixedPart;
            foreach (var (at, i) in counted.Index())
            {
                amounts[i] = steps[at] * own.Lines[i].Step;
                withCounted.Add(own.Lines[i].Facts, own.Lines[i].Facts.Mass(amounts[i], own.Lines[i].Stretch));
            }
        }

        return withCounted;
    }

    // A mark takes what is missing up to it.
    private Tally InOrder()
    {
        var content = new Tally(own.Size.CupVessel);
        foreach (var line in own.Lines)
        {
            if (line.Mark is { } to && line.Origin == Origin.Marked)
            {
                var volume =
                    mark is { } other && other.Line == line.Index
                        ? other.Volume
                        : own.Size.Cup.VolumeTo(own.Size.Cup.HeightOf(to, own.Size.Reserve)!.Value).Value;
                amounts[line.Index] = MarkFill.To(content, line.Facts, line.Stretch, volume).Amount;
            }

            content.Add(line.Facts, line.Facts.Mass(amounts[line.Index], line.Stretch));
        }

        return content;
    }

    // Of what there are too many counts, those nearest to what is asked for: by the lead's rules, or where it is pinned,
    // as it would grow with the cup.
    private int[] CountsOf(WorkedLine line)
    {
        var flavours = counted.Count(i => FlavourBalance.IsFlavour(own.Lines[i]));
        var limit = Math.Min(
            FlavourBalance.IsFlavour(line) ? (int)Math.Round(Math.Pow(MostFlavourings, 1.0 / flavours)) : MostCounts,
            MostCounts
        );
        var middle = Math.Clamp((int)Math.Round(line.Exact / line.Step), 1, Math.Max(1, most[line.Index]));
        var from = Math.Max(1, Math.Min(middle - (limit / 2), most[line.Index] - limit + 1));
        return [.. Enumerable.Range(from, Math.Max(0, Math.Min(most[line.Index], from + limit - 1) - from + 1))];
    }

    // Where to begin: what is asked for and what is poured, and shares of what fits.
    private int[] GridOf(WorkedLine line)
    {
        var asked = (int)Math.Round(line.Exact / line.Step);
        var poured = (int)Math.Round(line.Amount / line.Step);
        IEnumerable<double> grid = FlavourBalance.IsFlavour(line)
            ? [asked * 0.3, asked * 0.6, asked * 0.8, asked * 1.25, asked * 1.6, asked * 2.5]
            : Enumerable
                .Range(1, line.IsIce ? 5 : 10)
                .Select(tenth => most[line.Index] * tenth / (line.IsIce ? 6.0 : 11.0));
        var points = (int)Math.Max(1, Math.Pow(MostPoints, 1.0 / fine.Count));
        int[] all =
        [
            .. grid.Select(steps => (int)Math.Round(steps))
                .Prepend(poured)
                .Prepend(asked)
                .Select(steps => Math.Clamp(steps, 1, Math.Max(1, most[line.Index])))
                .Distinct(),
        ];

        // Of too many points, what is asked for and some of the others, spread evenly.
        return all.Length <= points
            ? all
            : [all[0], .. Enumerable.Range(0, points - 1).Select(i => all[1 + (i * (all.Length - 1) / (points - 1))])];
    }

    private double Fitting(WorkedLine line)
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
            var with = fixedPart;
            with.Add(line.Facts, line.Facts.Mass(steps * line.Step, line.Stretch));
            return goal.Fits(with);
        }
    }

    // The best that was found for one combination of counts, and what is being tried.
    private sealed class Start(int[] tried)
    {
        public int[] Tried { get; } = tried;

        public double Score { get; private set; } = double.PositiveInfinity;

        public int[] Steps { get; private set; } = [];

        public void Keep(double score)
        {
            if (score < Score)
            {
                (Score, Steps) = (score, [.. Tried]);
            }
        }
    }
}
