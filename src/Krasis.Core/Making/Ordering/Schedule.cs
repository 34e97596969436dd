using System.Globalization;
using Krasis.Core.Bar.House;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Ordering;

/// <summary>Lets one barista make an order's drinks one after another, and watches the clock.</summary>
/// <remarks>A pull that is shared runs when the first of its drinks needs it, into all of their cups; so is a shared
/// pitcher steamed. While a pull runs, the milk of that drink is steamed. Everything is handed over together.</remarks>
internal sealed class Schedule(
    IReadOnlyList<OrderedDrink> drinks,
    IReadOnlyList<SharedPull> pulls,
    IReadOnlyList<SharedPitcher> pitchers,
    StandingLimits limits
)
{
    /// <summary>Makes them in an order.</summary>
    public OrderPlan Run(IReadOnlyList<int> sequence)
    {
        var tasks = new List<OrderTask>();
        double hands = 0,
            machine = 0,
            busy = 0;
        var isBegun = new bool[drinks.Count];
        var shotReady = new double[drinks.Count];
        var firstShot = new double[drinks.Count];
        var pulled = new bool[pulls.Count];
        var isDosed = new bool[pulls.Count];
        var pullOrder = new List<SharedPull>();
        var steamed = new double[pitchers.Count];
        var pitcherOrder = new List<SharedPitcher>();
        var lastPour = new double[pitchers.Count];
        var done = new double[drinks.Count];
        Array.Fill(steamed, double.NaN);
        Array.Fill(firstShot, double.NaN);
        foreach (var i in sequence)
        {
            Begin(i);
            for (var p = 0; p < pulls.Count; p++)
            {
                if (!pulled[p] && pulls[p].Drinks.Contains(i))
                {
                    Pull(p);
                }
            }

            var pitcher = PitcherOf(i);
            if (pitcher >= 0 && double.IsNaN(steamed[pitcher]))
            {
                Steam(pitcher, i);
            }

            if (hands < shotReady[i])
            {
                WorkAhead(i);
                hands = Math.Max(hands, shotReady[i]);
            }

            if (!double.IsNaN(firstShot[i]))
            {
                Stand(i, "espresso", firstShot[i], hands, limits.Shot);
            }

            if (pitcher >= 0)
            {
                Work(i, $"pour {pitchers[pitcher].Milk}", Pace.PourMilk);
                lastPour[pitcher] = hands;
            }

            Work(i, "finish", drinks[i].After);
            done[i] = hands;
        }

        for (var p = 0; p < pitchers.Count; p++)
        {
            Stand(null, $"{pitchers[p].Milk} in its pitcher", steamed[p], lastPour[p] - Pace.PourMilk, limits.Milk);
        }

        for (var i = 0; i < drinks.Count; i++)
        {
            Stand(i, drinks[i].Name, done[i], hands, drinks[i].IsCold ? limits.Cold : limits.Hot);
        }

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

        void Begin(int i)
        {
            if (!isBegun[i])
            {
                isBegun[i] = true;
                Work(i, "begin", drinks[i].Before);
            }
        }

        // What is quickly done for the drinks that follow is done while a pull runs, as long as this one need not wait
        // for it.
        void WorkAhead(int i)
        {
            foreach (var later in sequence.SkipWhile(each => each != i).Skip(1))
            {
                if (!isBegun[later] && hands + drinks[later].Before <= shotReady[i] + 1e-9)
                {
                    Begin(later);
                }

                var p = Enumerable
                    .Range(0, pulls.Count)
                    .FirstOrDefault(each => !pulled[each] && !isDosed[each] && pulls[each].Drinks[0] == later, -1);
                if (p >= 0 && hands + Pace.Dose <= shotReady[i] + 1e-9)
                {
                    Dose(p);
                }
            }
        }

        void Dose(int p)
        {
            isDosed[p] = true;
            Work(pulls[p].Drinks is [var only] ? only : null, $"dose and tamp {pulls[p].Recipe}", Pace.Dose);
        }

        void Pull(int p)
        {
            // All the cups must be ready that it runs into.
            foreach (var i in pulls[p].Drinks)
            {
                Begin(i);
            }

            pulled[p] = true;
            pullOrder.Add(pulls[p]);
            if (!isDosed[p])
            {
                Dose(p);
            }

            hands = Math.Max(hands, machine);
            var shared = pulls[p].Drinks is [var only] ? only : default(int?);
            var runs = drinks[pulls[p].Drinks[0]].Shots.First(shot => shot.Recipe == pulls[p].Recipe).Runs;
            tasks.Add(new OrderTask(OrderPlace.Machine, shared, $"{pulls[p].Recipe} runs", hands, hands + runs));
            machine = hands + runs;
            foreach (var i in pulls[p].Drinks)
            {
                shotReady[i] = machine;
                firstShot[i] = double.IsNaN(firstShot[i]) ? machine : firstShot[i];
            }
        }

        void Steam(int p, int first)
        {
            pitcherOrder.Add(pitchers[p]);
            Work(
                pitchers[p].Drinks is [_] ? first : null,
                $"steam {pitchers[p].Milk}, {Say.Ml(pitchers[p].Cold)}",
                Pace.Steam(pitchers[p].Cold)
            );
            steamed[p] = hands;
        }

        void Work(int? drink, string what, double seconds)
        {
            if (seconds <= 0)
            {
                return;
            }

            tasks.Add(new OrderTask(OrderPlace.Hands, drink, what, hands, hands + seconds));
            hands += seconds;
            busy += seconds;
        }

        void Stand(int? drink, string what, double from, double to, double limit)
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
    }

    private static string Warning(OrderTask task) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{char.ToUpperInvariant(task.What[0])}{task.What[1..]} stands for {task.To - task.From:0} s; {task.Limit:0} s is the longest."
        );

    private int PitcherOf(int drink)
    {
        for (var p = 0; p < pitchers.Count; p++)
        {
            if (pitchers[p].Drinks.Contains(drink))
            {
                return p;
            }
        }

        return -1;
    }
}
