using System.Globalization;
using Krasis.Core.Bar.House;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Ordering;

/// <summary>Lets one barista make an order's drinks one after another, and watches the clock.</summary>
/// <remarks>A pull that is shared runs when the first of its drinks needs it, into all of their cups; so is a shared
/// pitcher steamed. While a pull runs, the milk of that drink is steamed. Everything is handed over together. One is
/// made for each sequence that is tried.</remarks>
internal sealed class Schedule
{
    private readonly IReadOnlyList<OrderedDrink> drinks;
    private readonly IReadOnlyList<SharedPull> pulls;
    private readonly IReadOnlyList<SharedPitcher> pitchers;
    private readonly StandingLimits limits;
    private readonly IReadOnlyList<int> sequence;

    private readonly List<OrderTask> tasks = [];
    private readonly List<SharedPull> pullOrder = [];
    private readonly List<SharedPitcher> pitcherOrder = [];

    // When the hands and the machine are free again, and how long the hands have worked, s.
    private double hands,
        machine,
        busy;

    // Of each drink: whether it is begun, when its first shot and its last are in the cup, and when it is done; NaN where
    // that has not come.
    private readonly bool[] isBegun;
    private readonly double[] firstShot;
    private readonly double[] shotReady;
    private readonly double[] done;

    // Of each pull: whether its dose is ready, and whether it has run.
    private readonly bool[] isDosed;
    private readonly bool[] isPulled;

    // Of each pitcher: when it was steamed, and when it was poured from last.
    private readonly double[] steamed;
    private readonly double[] lastPour;

    private Schedule(
        IReadOnlyList<OrderedDrink> drinks,
        IReadOnlyList<SharedPull> pulls,
        IReadOnlyList<SharedPitcher> pitchers,
        StandingLimits limits,
        IReadOnlyList<int> sequence
    )
    {
        (this.drinks, this.pulls, this.pitchers) = (drinks, pulls, pitchers);
        (this.limits, this.sequence) = (limits, sequence);
        isBegun = new bool[drinks.Count];
        (firstShot, shotReady, done) = (Never(drinks.Count), new double[drinks.Count], new double[drinks.Count]);
        (isDosed, isPulled) = (new bool[pulls.Count], new bool[pulls.Count]);
        (steamed, lastPour) = (Never(pitchers.Count), new double[pitchers.Count]);
    }

    /// <summary>Makes an order's drinks in a sequence.</summary>
    /// <param name="drinks">The drinks.</param>
    /// <param name="pulls">The pulls, each with the drinks that share it.</param>
    /// <param name="pitchers">The pitchers, likewise.</param>
    /// <param name="limits">How long what is ready may stand.</param>
    /// <param name="sequence">The drinks by their place in the order, the first to be made first.</param>
    public static OrderPlan Of(
        IReadOnlyList<OrderedDrink> drinks,
        IReadOnlyList<SharedPull> pulls,
        IReadOnlyList<SharedPitcher> pitchers,
        StandingLimits limits,
        IReadOnlyList<int> sequence
    )
    {
        var schedule = new Schedule(drinks, pulls, pitchers, limits, sequence);
        foreach (var drink in sequence)
        {
            schedule.Make(drink);
        }

        schedule.HandOver();
        return schedule.Plan();
    }

    private void Make(int drink)
    {
        Begin(drink);
        for (var pull = 0; pull < pulls.Count; pull++)
        {
            if (!isPulled[pull] && pulls[pull].Drinks.Contains(drink))
            {
                Pull(pull);
            }
        }

        var pitcher = PitcherOf(drink);
        if (pitcher >= 0 && double.IsNaN(steamed[pitcher]))
        {
            Steam(pitcher, drink);
        }

        if (hands < shotReady[drink])
        {
            WorkAhead(drink);
            hands = Math.Max(hands, shotReady[drink]);
        }

        if (!double.IsNaN(firstShot[drink]))
        {
            Stand(drink, "espresso", firstShot[drink], hands, limits.Shot);
        }

        if (pitcher >= 0)
        {
            Work(drink, $"pour {pitchers[pitcher].Milk}", Pace.PourMilk);
            lastPour[pitcher] = hands;
        }

        Work(drink, "finish", drinks[drink].After);
        done[drink] = hands;
    }

    private void Begin(int drink)
    {
        if (!isBegun[drink])
        {
            isBegun[drink] = true;
            Work(drink, "begin", drinks[drink].Before);
        }
    }

    // What is quickly done for the drinks that follow is done while a pull runs, as long as this one need not wait for
    // it.
    private void WorkAhead(int drink)
    {
        foreach (var later in sequence.SkipWhile(each => each != drink).Skip(1))
        {
            if (!isBegun[later] && hands + drinks[later].Before <= shotReady[drink] + 1e-9)
            {
                Begin(later);
            }

            var pull = Enumerable
                .Range(0, pulls.Count)
                .FirstOrDefault(each => !isPulled[each] && !isDosed[each] && pulls[each].Drinks[0] == later, -1);
            if (pull >= 0 && hands + Pace.Dose <= shotReady[drink] + 1e-9)
            {
                Dose(pull);
            }
        }
    }

    private void Dose(int pull)
    {
        isDosed[pull] = true;
        Work(OnlyDrinkOf(pull), $"dose and tamp {pulls[pull].Recipe}", Pace.Dose);
    }

    private void Pull(int pull)
    {
        // All the cups must be ready that it runs into.
        foreach (var drink in pulls[pull].Drinks)
        {
            Begin(drink);
        }

        isPulled[pull] = true;
        pullOrder.Add(pulls[pull]);
        if (!isDosed[pull])
        {
            Dose(pull);
        }

        hands = Math.Max(hands, machine);
        var runs = drinks[pulls[pull].Drinks[0]].Shots.First(shot => shot.Recipe == pulls[pull].Recipe).Runs;
        machine = hands + runs;
        tasks.Add(new OrderTask(OrderPlace.Machine, OnlyDrinkOf(pull), $"{pulls[pull].Recipe} runs", hands, machine));
        foreach (var drink in pulls[pull].Drinks)
        {
            shotReady[drink] = machine;
            firstShot[drink] = double.IsNaN(firstShot[drink]) ? machine : firstShot[drink];
        }
    }

    private void Steam(int pitcher, int first)
    {
        pitcherOrder.Add(pitchers[pitcher]);
        Work(
            pitchers[pitcher].Drinks is [_] ? first : null,
            $"steam {pitchers[pitcher].Milk}, {Say.Ml(pitchers[pitcher].Cold)}",
            Pace.Steam(pitchers[pitcher].Cold)
        );
        steamed[pitcher] = hands;
    }

    // All together: whatever was ready before has stood until now.
    private void HandOver()
    {
        for (var i = 0; i < pitchers.Count; i++)
        {
            Stand(null, $"{pitchers[i].Milk} in its pitcher", steamed[i], lastPour[i] - Pace.PourMilk, limits.Milk);
        }

        for (var i = 0; i < drinks.Count; i++)
        {
            Stand(i, drinks[i].Name, done[i], hands, drinks[i].IsCold ? limits.Cold : limits.Hot);
        }
    }

    private OrderPlan Plan()
    {
        var tooLong = tasks.Where(task => task.IsTooLong).ToList();
        return new OrderPlan(
            [.. sequence],
            pullOrder,
            pitcherOrder,
            [.. tasks.OrderBy(task => task.From).ThenBy(task => task.Place)],
            hands,
            hands - busy,
            [.. done.Select(at => hands - at)],
            [.. tooLong.Select(Warning)],
            tooLong.Sum(task => task.To - task.From - task.Limit)
        );
    }

    private void Work(int? drink, string what, double seconds)
    {
        if (seconds <= 0)
        {
            return;
        }

        tasks.Add(new OrderTask(OrderPlace.Hands, drink, what, hands, hands + seconds));
        hands += seconds;
        busy += seconds;
    }

    private void Stand(int? drink, string what, double from, double to, double limit)
    {
        if (to > from + 1e-9)
        {
            tasks.Add(
                new OrderTask(OrderPlace.Stands, drink, what, from, to)
                {
                    IsTooLong = to - from > limit + 1e-9,
                    Limit = limit,
                }
            );
        }
    }

    private int? OnlyDrinkOf(int pull) => pulls[pull].Drinks is [var only] ? only : null;

    private int PitcherOf(int drink)
    {
        for (var i = 0; i < pitchers.Count; i++)
        {
            if (pitchers[i].Drinks.Contains(drink))
            {
                return i;
            }
        }

        return -1;
    }

    private static double[] Never(int number)
    {
        var times = new double[number];
        Array.Fill(times, double.NaN);
        return times;
    }

    private static string Warning(OrderTask task) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{char.ToUpperInvariant(task.What[0])}{task.What[1..]} stands for {task.To - task.From:0} s; {task.Limit:0} s is the longest."
        );
}
