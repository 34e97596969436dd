namespace Krasis.Core.Making.Ordering;

/// <summary>Works out when each step of an order is done, for one list of its steps after another. It keeps its tables
/// from list to list, because a search asks thousands of times.</summary>
/// <remarks>Whoever is free first takes the next step on the list. Three schedules are worked out, and the best is kept:
/// every step as early as possible; every step as late as possible without making the order longer, so that little
/// stands around; and early steps with late pulls and late milk.</remarks>
internal sealed class OrderScheduler
{
    private readonly OrderWork work;
    private readonly double[] soon;
    private readonly double[] late;
    private readonly double[] latePulls;
    private readonly double[] ends;
    private readonly double[] hands;
    private readonly double[] groups;
    private readonly double[] wands;
    private readonly double[] pitchers;
    private readonly double[] lastPour;
    private readonly int[] poursLeft;
    private readonly int[] who;
    private readonly int[] at;
    private readonly int[] pitcher;
    private double[] best;
    private double seconds;

    /// <summary>Prepares the tables.</summary>
    /// <param name="work">The order.</param>
    public OrderScheduler(OrderWork work)
    {
        this.work = work;
        var steps = work.Steps.Count;
        (soon, late, latePulls, ends) = (new double[steps], new double[steps], new double[steps], new double[steps]);
        (who, at) = (new int[steps], new int[steps]);
        hands = new double[work.Places.Baristas];
        groups = new double[work.Places.Groups];
        wands = new double[work.Places.Wands];
        pitchers = new double[work.Pitchers.Count];
        (lastPour, poursLeft, pitcher) = (
            new double[work.Milks.Count],
            new int[work.Milks.Count],
            new int[work.Milks.Count]
        );
        best = soon;
    }

    /// <summary>Does the steps in the order of a list.</summary>
    /// <param name="list">The steps, each once.</param>
    /// <param name="than">What they are to be better than; null for nothing.</param>
    /// <returns>How good they are; null where a step stands before one that it needs, where its pitcher is still held by
    /// milk that is poured later, or where they are soon seen to be no better.</returns>
    public OrderScore? Score(ReadOnlySpan<int> list, OrderScore? than = null)
    {
        // What takes longer is only better where something stands too long.
        var longest = than is { Beyond: <= 1e-6 } known ? known.Seconds + 1e-6 : double.MaxValue;
        if (!AsSoonAsItCan(list, longest))
        {
            return null;
        }

        best = soon;
        var score = ScoreOf(soon);
        AsLateAsItCan(late, isAll: true, list);
        if (ScoreOf(late) is var lateScore && !score.IsBetterThan(lateScore))
        {
            (best, score) = (late, lateScore);
        }

        if (score.Beyond > 1e-6)
        {
            AsLateAsItCan(latePulls, isAll: false, list);
            if (ScoreOf(latePulls) is var other && other.IsBetterThan(score))
            {
                (best, score) = (latePulls, other);
            }
        }

        return score;
    }

    /// <summary>The times of the list that was scored last.</summary>
    public OrderTimes Times() => new(work, [.. best], [.. who], [.. at], [.. pitcher]);

    private bool AsSoonAsItCan(ReadOnlySpan<int> list, double longest)
    {
        Array.Clear(hands);
        Array.Clear(groups);
        Array.Clear(wands);
        Array.Clear(pitchers);
        Array.Clear(lastPour);
        Array.Fill(ends, double.NaN);
        for (var milk = 0; milk < poursLeft.Length; milk++)
        {
            poursLeft[milk] = work.Milks[milk].Drinks.Count;
        }

        seconds = 0;
        foreach (var at in list)
        {
            if (!Place(at, longest))
            {
                return false;
            }
        }

        return true;
    }

    // Puts one step where it can first begin; says whether it can.
    private bool Place(int step, double longest)
    {
        var todo = work.Todo[step];
        double start = 0;
        foreach (var before in todo.After)
        {
            if (double.IsNaN(ends[before]))
            {
                return false;
            }

            start = Math.Max(start, ends[before]);
        }

        at[step] = -1;
        if (todo.Kind is OrderStepKind.Pull or OrderStepKind.Steam)
        {
            var free = todo.Kind == OrderStepKind.Pull ? groups : wands;
            at[step] = First(free);
            start = Math.Max(start, free[at[step]]);
        }

        if (todo.Kind == OrderStepKind.Steam && !TakePitcher(todo.Of, ref start))
        {
            return false;
        }

        who[step] = Soonest(hands, start);
        soon[step] = Math.Max(start, hands[who[step]]);
        ends[step] = soon[step] + todo.Seconds;
        if (ends[step] > longest)
        {
            return false;
        }

        seconds = Math.Max(seconds, ends[step]);
        hands[who[step]] = soon[step] + todo.Hands;
        if (at[step] >= 0)
        {
            (todo.Kind == OrderStepKind.Pull ? groups : wands)[at[step]] = ends[step];
        }

        if (todo.Kind == OrderStepKind.Pour)
        {
            GiveBack(work.MilkOf[todo.Of], ends[step]);
        }

        return true;
    }

    // Takes a pitcher that holds the milk until its last pour; says whether there is one that is ever free.
    private bool TakePitcher(int milk, ref double start)
    {
        pitcher[milk] = Free(work.Holds[milk], pitchers, start);
        if (pitcher[milk] < 0)
        {
            return true;
        }

        start = Math.Max(start, pitchers[pitcher[milk]]);
        if (double.IsPositiveInfinity(start))
        {
            return false;
        }

        pitchers[pitcher[milk]] = double.PositiveInfinity;
        return true;
    }

    private void GiveBack(int milk, double poured)
    {
        lastPour[milk] = Math.Max(lastPour[milk], poured);
        if (--poursLeft[milk] == 0 && pitcher[milk] >= 0)
        {
            pitchers[pitcher[milk]] = lastPour[milk];
        }
    }

    private static int First(double[] free)
    {
        var first = 0;
        for (var each = 1; each < free.Length; each++)
        {
            first = free[each] < free[first] ? each : first;
        }

        return first;
    }

    // The smallest that is free by then, else the first that will be.
    private static int Free(int[] holds, double[] free, double by)
    {
        var best = -1;
        foreach (var pitcher in holds)
        {
            if (free[pitcher] <= by)
            {
                return pitcher;
            }

            best = best < 0 || free[pitcher] < free[best] ? pitcher : best;
        }

        return best;
    }

    // Who can begin first; of those who can begin at once, whoever has been free for the shortest.
    private static int Soonest(double[] hands, double by)
    {
        var best = 0;
        for (var each = 1; each < hands.Length; each++)
        {
            var (one, other) = (Math.Max(hands[each], by), Math.Max(hands[best], by));
            best = one < other || (one == other && hands[each] > hands[best]) ? each : best;
        }

        return best;
    }

    // All steps, or only pulls, their doses and milk, as late as the order stays as short.
    private void AsLateAsItCan(double[] from, bool isAll, ReadOnlySpan<int> list)
    {
        Array.Fill(ends, seconds);
        Array.Fill(hands, seconds);
        Array.Fill(groups, seconds);
        Array.Fill(wands, seconds);
        Array.Fill(pitchers, seconds);
        for (var i = list.Length - 1; i >= 0; i--)
        {
            var step = list[i];
            var todo = work.Todo[step];
            var (kind, of) = (todo.Kind, todo.Of);
            var end = ends[step];
            if (kind is OrderStepKind.Pull or OrderStepKind.Steam)
            {
                end = Math.Min(end, (kind == OrderStepKind.Pull ? groups : wands)[at[step]]);
            }

            // The last pour of a pitcher comes before it is taken for other milk.
            if (kind == OrderStepKind.Pour && pitcher[work.MilkOf[of]] is >= 0 and var poured)
            {
                end = Math.Min(end, pitchers[poured]);
            }

            from[step] =
                isAll || kind is OrderStepKind.Dose or OrderStepKind.Pull or OrderStepKind.Steam
                    ? Math.Min(end - todo.Seconds, hands[who[step]] - todo.Hands)
                    : soon[step];
            hands[who[step]] = from[step];
            if (at[step] >= 0)
            {
                (kind == OrderStepKind.Pull ? groups : wands)[at[step]] = from[step];
            }

            if (kind == OrderStepKind.Steam && pitcher[of] >= 0)
            {
                pitchers[pitcher[of]] = from[step];
            }

            foreach (var before in todo.After)
            {
                ends[before] = Math.Min(ends[before], from[step]);
            }
        }
    }

    private OrderScore ScoreOf(double[] from)
    {
        var (beyond, stands) = OrderTimes.Standing(work, from, seconds);
        return new OrderScore(beyond, seconds, stands);
    }
}
