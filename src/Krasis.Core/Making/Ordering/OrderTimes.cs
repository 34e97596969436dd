namespace Krasis.Core.Making.Ordering;

/// <summary>When each step of an order is done, and by whom, for one list of its steps.</summary>
/// <remarks>Whoever is free first takes the next step on the list. Three schedules are worked out, and the best is kept:
/// every step as early as possible; every step as late as possible without making the order longer, so that little
/// stands around; and early steps with late pulls and late milk.</remarks>
internal sealed class OrderTimes
{
    private readonly OrderWork work;
    private readonly double[] from;
    private readonly int[] who;

    // The group of a pull, the wand of a pitcher of milk, and the pitcher that it is in; -1 for none.
    private readonly int[] at;
    private readonly int[] pitcher;

    private OrderTimes(OrderWork work, double[] from, int[] who, int[] at, int[] pitcher)
    {
        (this.work, this.from, this.who, this.at, this.pitcher) = (work, from, who, at, pitcher);
        Seconds = Enumerable.Range(0, from.Length).Max(To);
        (Beyond, Stands) = Standing();
    }

    /// <summary>The order.</summary>
    public OrderWork Work => work;

    /// <summary>How long all of it takes, s.</summary>
    public double Seconds { get; }

    /// <summary>By how much anything stands too long, s, all together.</summary>
    public double Beyond { get; }

    /// <summary>How long anything stands, s, all together.</summary>
    public double Stands { get; }

    /// <summary>When a step begins.</summary>
    public double From(int step) => from[step];

    /// <summary>When a step is over; a pull, when it has run.</summary>
    public double To(int step) => from[step] + work.Steps[step].Seconds;

    /// <summary>Who does it, from 0.</summary>
    public int Who(int step) => who[step];

    /// <summary>At which group it runs, or with which wand it is steamed, from 0.</summary>
    public int At(int step) => at[step];

    /// <summary>In which of the bar's pitchers a pitcher of milk is; -1 where it has none that holds it.</summary>
    public int PitcherOf(int milk) => pitcher[milk];

    /// <summary>Whether this is better than another: less stands too long; else it is over sooner; else less
    /// stands.</summary>
    public bool IsBetterThan(OrderTimes other) =>
        Math.Abs(Beyond - other.Beyond) > 1e-6 ? Beyond < other.Beyond
        : Math.Abs(Seconds - other.Seconds) > 1e-6 ? Seconds < other.Seconds
        : Stands < other.Stands - 1e-6;

    /// <summary>Does the steps in the order of a list.</summary>
    /// <param name="work">The order.</param>
    /// <param name="list">The steps, each once.</param>
    /// <param name="than">What they are to be better than; null for nothing.</param>
    /// <returns>The times; null where a step stands before one that it needs, where its pitcher is still held by milk
    /// that is poured later, or where they are soon seen to be no better.</returns>
    public static OrderTimes? Of(OrderWork work, IReadOnlyList<int> list, OrderTimes? than = null)
    {
        // What takes longer is only better where something stands too long.
        var longest = than is { Beyond: <= 1e-6 } ? than.Seconds + 1e-6 : double.MaxValue;
        if (AsSoonAsItCan(work, list, longest) is not { } soon)
        {
            return null;
        }

        var best = soon.AsLateAsItCan(list, _ => true);
        best = soon.IsBetterThan(best) ? soon : best;
        if (best.Beyond > 1e-6)
        {
            var late = soon.AsLateAsItCan(list, kind =>
                kind is OrderStepKind.Dose or OrderStepKind.Pull or OrderStepKind.Steam
            );
            best = late.IsBetterThan(best) ? late : best;
        }

        return best;
    }

    /// <summary>What stands, from when to when, and how long it may.</summary>
    public IEnumerable<(OrderStepKind Kind, int Of, double From, double To, double Limit)> Standings()
    {
        for (var drink = 0; drink < work.Drinks.Count; drink++)
        {
            var first = double.MaxValue;
            foreach (var pull in work.PullsOf[drink])
            {
                first = Math.Min(first, To(work.Pull[pull]));
            }

            if (first < double.MaxValue)
            {
                var poured = from[work.Pour[drink] < 0 ? work.Finish[drink] : work.Pour[drink]];
                yield return (OrderStepKind.Pull, drink, first, poured, work.Limits.Shot);
            }

            yield return (
                OrderStepKind.Finish,
                drink,
                Ready(drink),
                Seconds,
                work.Drinks[drink].IsCold ? work.Limits.Cold : work.Limits.Hot
            );
        }

        for (var milk = 0; milk < work.Milks.Count; milk++)
        {
            yield return (
                OrderStepKind.Steam,
                milk,
                To(work.Steam[milk]),
                work.Milks[milk].Drinks.Max(drink => from[work.Pour[drink]]),
                work.Limits.Milk
            );
        }
    }

    /// <summary>From when on a drink stands: with its milk in it, whenever it gets its lid, but for the work on
    /// itself.</summary>
    public double Ready(int drink) =>
        work.Pour[drink] < 0 ? To(work.Finish[drink]) : To(work.Pour[drink]) + work.Steps[work.Finish[drink]].Seconds;

    private (double Beyond, double Stands) Standing()
    {
        double beyond = 0,
            stands = 0;
        foreach (var each in Standings())
        {
            beyond += Math.Max(0, each.To - each.From - each.Limit);
            stands += each.To - each.From;
        }

        return (beyond, stands);
    }

    private static OrderTimes? AsSoonAsItCan(OrderWork work, IReadOnlyList<int> list, double longest)
    {
        var steps = work.Steps;
        double[] from = new double[steps.Count],
            to = new double[steps.Count],
            hands = new double[work.Places.Baristas],
            groups = new double[work.Places.Groups],
            wands = new double[work.Places.Wands],
            pitcherFree = new double[work.Pitchers.Count],
            lastPour = new double[work.Milks.Count];
        int[] who = new int[steps.Count],
            at = new int[steps.Count],
            pitcher = new int[work.Milks.Count],
            poursLeft = [.. work.Milks.Select(milk => milk.Drinks.Count)];
        Array.Fill(to, double.NaN);
        foreach (var step in list)
        {
            var (kind, of) = (steps[step].Kind, steps[step].Of);
            double start = 0;
            foreach (var before in steps[step].After)
            {
                if (double.IsNaN(to[before]))
                {
                    return null;
                }

                start = Math.Max(start, to[before]);
            }

            at[step] = -1;
            if (kind is OrderStepKind.Pull or OrderStepKind.Steam)
            {
                var free = kind == OrderStepKind.Pull ? groups : wands;
                at[step] = Array.IndexOf(free, free.Min());
                start = Math.Max(start, free[at[step]]);
            }

            if (kind == OrderStepKind.Steam)
            {
                pitcher[of] = Free(work.Holds[of], pitcherFree, start);
                if (pitcher[of] >= 0)
                {
                    start = Math.Max(start, pitcherFree[pitcher[of]]);
                    if (double.IsPositiveInfinity(start))
                    {
                        return null;
                    }

                    pitcherFree[pitcher[of]] = double.PositiveInfinity;
                }
            }

            who[step] = Soonest(hands, start);
            from[step] = Math.Max(start, hands[who[step]]);
            to[step] = from[step] + steps[step].Seconds;
            if (to[step] > longest)
            {
                return null;
            }

            hands[who[step]] = from[step] + steps[step].Hands;
            if (at[step] >= 0)
            {
                (kind == OrderStepKind.Pull ? groups : wands)[at[step]] = to[step];
            }

            if (kind == OrderStepKind.Pour)
            {
                var milk = work.MilkOf[of];
                lastPour[milk] = Math.Max(lastPour[milk], to[step]);
                if (--poursLeft[milk] == 0 && pitcher[milk] >= 0)
                {
                    pitcherFree[pitcher[milk]] = lastPour[milk];
                }
            }
        }

        return new OrderTimes(work, from, who, at, pitcher);
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

    private OrderTimes AsLateAsItCan(IReadOnlyList<int> list, Func<OrderStepKind, bool> moves)
    {
        var steps = work.Steps;
        var late = new double[steps.Count];
        double[] ends = new double[steps.Count],
            hands = new double[work.Places.Baristas],
            groups = new double[work.Places.Groups],
            wands = new double[work.Places.Wands],
            pitchers = new double[work.Pitchers.Count];
        foreach (var latest in new[] { ends, hands, groups, wands, pitchers })
        {
            Array.Fill(latest, Seconds);
        }

        for (var i = list.Count - 1; i >= 0; i--)
        {
            var step = list[i];
            var (kind, of) = (steps[step].Kind, steps[step].Of);
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

            late[step] = moves(kind)
                ? Math.Min(end - steps[step].Seconds, hands[who[step]] - steps[step].Hands)
                : from[step];
            hands[who[step]] = late[step];
            if (at[step] >= 0)
            {
                (kind == OrderStepKind.Pull ? groups : wands)[at[step]] = late[step];
            }

            if (kind == OrderStepKind.Steam && pitcher[of] >= 0)
            {
                pitchers[pitcher[of]] = late[step];
            }

            foreach (var before in steps[step].After)
            {
                ends[before] = Math.Min(ends[before], late[step]);
            }
        }

        return new OrderTimes(work, late, who, at, pitcher);
    }
}
