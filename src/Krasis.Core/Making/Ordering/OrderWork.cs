using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Milk;

namespace Krasis.Core.Making.Ordering;

/// <summary>What a step of an order is.</summary>
internal enum OrderStepKind
{
    /// <summary>What goes in before the coffee.</summary>
    Begin,

    /// <summary>A dose is ground, tamped and locked in.</summary>
    Dose,

    /// <summary>A pull is started, and runs by itself.</summary>
    Pull,

    /// <summary>A pitcher is steamed.</summary>
    Steam,

    /// <summary>Steamed milk is poured.</summary>
    Pour,

    /// <summary>What comes after coffee and milk, and the counter.</summary>
    Finish,
}

/// <summary>A step of an order: it takes a pair of hands from beginning to end, but for a pull, which only has to be
/// started.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Of">Which drink, pull or pitcher, by its place.</param>
/// <param name="Seconds">How long it takes; of a pull, how long it runs.</param>
/// <param name="After">The steps that must be over before it, by their places.</param>
internal sealed record OrderStep(OrderStepKind Kind, int Of, double Seconds, int[] After)
{
    /// <summary>How long it keeps a pair of hands busy, s.</summary>
    public double Hands => Kind == OrderStepKind.Pull ? 0 : Seconds;
}

/// <summary>All the steps of an order, for one way of sharing its pulls and pitchers.</summary>
internal sealed class OrderWork
{
    /// <summary>Takes an order apart.</summary>
    /// <param name="drinks">Its drinks.</param>
    /// <param name="pulls">Its pulls, each with the drinks that share it.</param>
    /// <param name="milks">Its pitchers of milk, likewise.</param>
    /// <param name="pitchers">The bar's pitchers, one of each.</param>
    /// <param name="limits">How long anything may stand.</param>
    /// <param name="places">Who works on it, and with what.</param>
    public OrderWork(
        IReadOnlyList<OrderedDrink> drinks,
        IReadOnlyList<SharedPull> pulls,
        IReadOnlyList<SharedPitcher> milks,
        IReadOnlyList<Pitcher> pitchers,
        StandingLimits limits,
        Workplaces places
    )
    {
        (Drinks, Pulls, Milks, Limits, Places) = (drinks, pulls, milks, limits, places);
        Pitchers = [.. pitchers.OrderBy(pitcher => pitcher.ToSpout)];
        Holds =
        [
            .. milks.Select(milk =>
                Enumerable
                    .Range(0, Pitchers.Count)
                    .Where(i => Pitchers[i].ToSpout.Value >= milk.Cold.Value - 1e-6)
                    .ToArray()
            ),
        ];
        MilkOf = [.. drinks.Select((_, drink) => IndexOf(milks, milk => milk.Drinks.Contains(drink)))];
        PullsOf =
        [
            .. drinks.Select(
                (_, drink) =>
                    Enumerable.Range(0, pulls.Count).Where(pull => pulls[pull].Drinks.Contains(drink)).ToArray()
            ),
        ];
        Begin = new int[drinks.Count];
        (Pour, Finish) = (new int[drinks.Count], new int[drinks.Count]);
        (Pull, Steam) = (new int[pulls.Count], new int[milks.Count]);
        Todo = TakeApart();
        DrinksOf = [.. milks.Select(milk => milk.Drinks.ToArray())];
    }

    /// <summary>The drinks.</summary>
    public IReadOnlyList<OrderedDrink> Drinks { get; }

    /// <summary>The pulls.</summary>
    public IReadOnlyList<SharedPull> Pulls { get; }

    /// <summary>The pitchers of milk.</summary>
    public IReadOnlyList<SharedPitcher> Milks { get; }

    /// <summary>The bar's pitchers, the smallest first.</summary>
    public IReadOnlyList<Pitcher> Pitchers { get; }

    /// <summary>Which of the bar's pitchers hold each pitcher of milk, the smallest first.</summary>
    public IReadOnlyList<int[]> Holds { get; }

    /// <summary>How long anything may stand.</summary>
    public StandingLimits Limits { get; }

    /// <summary>Who works on it, and with what.</summary>
    public Workplaces Places { get; }

    /// <summary>The steps.</summary>
    public IReadOnlyList<OrderStep> Steps => Todo;

    /// <summary>The same, for those who ask for them thousands of times.</summary>
    internal OrderStep[] Todo { get; }

    /// <summary>Of each pitcher of milk, the drinks that it goes into.</summary>
    internal IReadOnlyList<int[]> DrinksOf { get; }

    /// <summary>Of each drink, its first step; its milk's pour, -1 where none is poured; its last step.</summary>
    public int[] Begin { get; }

    /// <inheritdoc cref="Begin"/>
    public int[] Pour { get; }

    /// <inheritdoc cref="Begin"/>
    public int[] Finish { get; }

    /// <summary>Of each pull, its step.</summary>
    public int[] Pull { get; }

    /// <summary>Of each pitcher of milk, the step in which it is steamed.</summary>
    public int[] Steam { get; }

    /// <summary>Of each drink, its pitcher of milk; -1 where none is steamed for it.</summary>
    public int[] MilkOf { get; }

    /// <summary>Of each drink, the pulls that go into it.</summary>
    public IReadOnlyList<int[]> PullsOf { get; }

    /// <summary>The steps as a barista does them who makes one drink after another and steams its milk while its pull
    /// runs.</summary>
    /// <param name="sequence">The drinks in the order in which they are made.</param>
    public int[] OneAfterAnother(IReadOnlyList<int> sequence)
    {
        var list = new List<int>(Steps.Count);
        foreach (var drink in sequence)
        {
            Add(Begin[drink]);
            foreach (var pull in PullsOf[drink])
            {
                foreach (var other in Pulls[pull].Drinks)
                {
                    Add(Begin[other]);
                }

                Add(Pull[pull] - 1);
                Add(Pull[pull]);
            }

            if (MilkOf[drink] >= 0)
            {
                Add(Steam[MilkOf[drink]]);
                Add(Pour[drink]);
            }

            Add(Finish[drink]);
        }

        return [.. list];

        void Add(int step)
        {
            if (!list.Contains(step))
            {
                list.Add(step);
            }
        }
    }

    private static int IndexOf<T>(IReadOnlyList<T> all, Func<T, bool> isIt)
    {
        for (var i = 0; i < all.Count; i++)
        {
            if (isIt(all[i]))
            {
                return i;
            }
        }

        return -1;
    }

    private OrderStep[] TakeApart()
    {
        var steps = new List<OrderStep>();
        for (var drink = 0; drink < Drinks.Count; drink++)
        {
            Begin[drink] = Add(OrderStepKind.Begin, drink, Drinks[drink].Before);
        }

        for (var pull = 0; pull < Pulls.Count; pull++)
        {
            var dose = Add(OrderStepKind.Dose, pull, Pace.Dose);
            var runs = Drinks[Pulls[pull].Drinks[0]].Shots.First(shot => shot.Recipe == Pulls[pull].Recipe).Runs;

            // All the cups must be ready that it runs into.
            Pull[pull] = Add(
                OrderStepKind.Pull,
                pull,
                runs,
                [dose, .. Pulls[pull].Drinks.Select(drink => Begin[drink])]
            );
        }

        for (var milk = 0; milk < Milks.Count; milk++)
        {
            Steam[milk] = Add(OrderStepKind.Steam, milk, Pace.Steam(Milks[milk].Cold));
        }

        for (var drink = 0; drink < Drinks.Count; drink++)
        {
            List<int> into = [Begin[drink], .. PullsOf[drink].Select(pull => Pull[pull])];
            var milk = MilkOf[drink];
            Pour[drink] = milk < 0 ? -1 : Add(OrderStepKind.Pour, drink, Pace.PourMilk, [.. into, Steam[milk]]);
            Finish[drink] = Add(OrderStepKind.Finish, drink, Drinks[drink].After, milk < 0 ? [.. into] : [Pour[drink]]);
        }

        return [.. steps];

        int Add(OrderStepKind kind, int of, double seconds, params int[] after)
        {
            steps.Add(new OrderStep(kind, of, seconds, after));
            return steps.Count - 1;
        }
    }
}
