namespace Krasis.Core.Making.Ordering;

/// <summary>When each step of an order is done, and by whom.</summary>
internal sealed class OrderTimes
{
    private readonly OrderWork work;
    private readonly double[] from;
    private readonly int[] who;

    // The group of a pull, the wand of a pitcher of milk, and the pitcher that it is in; -1 for none.
    private readonly int[] at;
    private readonly int[] pitcher;

    /// <summary>Keeps times.</summary>
    /// <param name="work">The order.</param>
    /// <param name="from">When each step begins, s.</param>
    /// <param name="who">Who does it.</param>
    /// <param name="at">The group of a pull, the wand of a pitcher of milk; -1 for other steps.</param>
    /// <param name="pitcher">In which of the bar's pitchers each milk is; -1 for none.</param>
    public OrderTimes(OrderWork work, double[] from, int[] who, int[] at, int[] pitcher)
    {
        (this.work, this.from, this.who, this.at, this.pitcher) = (work, from, who, at, pitcher);
        var seconds = Enumerable.Range(0, from.Length).Max(To);
        var (beyond, stands) = Standing(work, from, seconds);
        Score = new OrderScore(beyond, seconds, stands);
    }

    /// <summary>The order.</summary>
    public OrderWork Work => work;

    /// <summary>How good they are.</summary>
    public OrderScore Score { get; }

    /// <summary>How long all of it takes, s.</summary>
    public double Seconds => Score.Seconds;

    /// <summary>By how much anything stands too long, s, all together.</summary>
    public double Beyond => Score.Beyond;

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

    /// <summary>From when on a drink stands: with its milk in it, whenever it gets its lid, but for the work on
    /// itself.</summary>
    public double Ready(int drink) => Ready(work, from, drink);

    /// <summary>What stands, from when to when, and how long it may.</summary>
    public IEnumerable<Stood> Standings()
    {
        var all = new List<Stood>();
        foreach (var drink in Enumerable.Range(0, work.Drinks.Count))
        {
            all.AddRange(ShotOf(work, from, drink) is { } shot ? [shot] : []);
            all.Add(HandedOver(work, from, drink, Seconds));
        }

        return [.. all, .. Enumerable.Range(0, work.Milks.Count).Select(milk => Steamed(work, from, milk))];
    }

    /// <summary>By how much anything stands too long, and how long anything stands, s, all together.</summary>
    /// <param name="work">The order.</param>
    /// <param name="from">When each step begins.</param>
    /// <param name="seconds">When the order is handed over.</param>
    public static (double Beyond, double Stands) Standing(OrderWork work, double[] from, double seconds)
    {
        double beyond = 0,
            stands = 0;
        for (var drink = 0; drink < work.Drinks.Count; drink++)
        {
            if (ShotOf(work, from, drink) is { } shot)
            {
                Add(shot);
            }

            Add(HandedOver(work, from, drink, seconds));
        }

        for (var milk = 0; milk < work.Milks.Count; milk++)
        {
            Add(Steamed(work, from, milk));
        }

        return (beyond, stands);

        void Add(in Stood each)
        {
            beyond += Math.Max(0, each.To - each.From - each.Limit);
            stands += each.To - each.From;
        }
    }

    // The first of a drink's shots, until it is poured.
    private static Stood? ShotOf(OrderWork work, double[] from, int drink)
    {
        var first = double.MaxValue;
        foreach (var pull in work.PullsOf[drink])
        {
            first = Math.Min(first, from[work.Pull[pull]] + work.Todo[work.Pull[pull]].Seconds);
        }

        return first < double.MaxValue
            ? new(
                OrderStepKind.Pull,
                drink,
                first,
                from[work.Pour[drink] < 0 ? work.Finish[drink] : work.Pour[drink]],
                work.Limits.Shot
            )
            : null;
    }

    private static Stood HandedOver(OrderWork work, double[] from, int drink, double seconds) =>
        new(
            OrderStepKind.Finish,
            drink,
            Ready(work, from, drink),
            seconds,
            work.Drinks[drink].IsCold ? work.Limits.Cold : work.Limits.Hot
        );

    private static Stood Steamed(OrderWork work, double[] from, int milk)
    {
        var last = 0.0;
        foreach (var drink in work.DrinksOf[milk])
        {
            last = Math.Max(last, from[work.Pour[drink]]);
        }

        var steam = work.Steam[milk];
        return new(OrderStepKind.Steam, milk, from[steam] + work.Todo[steam].Seconds, last, work.Limits.Milk);
    }

    private static double Ready(OrderWork work, double[] from, int drink)
    {
        var (pour, finish) = (work.Pour[drink], work.Finish[drink]);
        return (pour < 0 ? from[finish] : from[pour] + work.Todo[pour].Seconds) + work.Todo[finish].Seconds;
    }
}
