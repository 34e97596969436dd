using Krasis.Core.Bar.House;
using Krasis.Core.Making.Ordering;

namespace Krasis.Core.Tests.Making.Ordering;

/// <summary>A good barista's rule, written a second time and by itself: one drink after another; the milk is steamed
/// while the pull runs; in what is left of that time the next cup is begun and the next dose tamped. One pair of hands,
/// one group, one wand; all is handed over together.</summary>
internal sealed class BaristasRule(
    IReadOnlyList<OrderedDrink> drinks,
    IReadOnlyList<SharedPull> pulls,
    IReadOnlyList<SharedPitcher> milks,
    StandingLimits limits
)
{
    private readonly HashSet<string> done = [];
    private readonly Dictionary<int, List<double>> shots = [];
    private readonly Dictionary<int, double> steamed = [];
    private readonly Dictionary<int, double> lastPour = [];
    private readonly Dictionary<int, double> ready = [];
    private double now,
        machine,
        beyond;

    /// <summary>By how much anything stands too long, and how long it all takes.</summary>
    public (double Beyond, double Seconds) Make(IReadOnlyList<int> sequence)
    {
        for (var i = 0; i < sequence.Count; i++)
        {
            Make(sequence[i], [.. sequence.Skip(i + 1)]);
        }

        foreach (var (milk, at) in steamed)
        {
            Stands(at, lastPour[milk], limits.Milk);
        }

        foreach (var (drink, at) in ready)
        {
            Stands(at, now, drinks[drink].IsCold ? limits.Cold : limits.Hot);
        }

        return (beyond, now);
    }

    private void Make(int drink, int[] later)
    {
        Once($"begin {drink}", drinks[drink].Before);
        foreach (var pull in Mine(drink))
        {
            foreach (var other in pulls[pull].Drinks)
            {
                Once($"begin {other}", drinks[other].Before);
            }

            if (done.Add($"pull {pull}"))
            {
                Once($"dose {pull}", Pace.Dose);
                now = Math.Max(now, machine);
                machine = now + drinks[drink].Shots.First(shot => shot.Recipe == pulls[pull].Recipe).Runs;
                foreach (var other in pulls[pull].Drinks)
                {
                    shots[other] = [.. shots.GetValueOrDefault(other, []), machine];
                }
            }
        }

        var milk = milks.ToList().FindIndex(each => each.Drinks.Contains(drink));
        if (milk >= 0 && !steamed.ContainsKey(milk))
        {
            now += Pace.Steam(milks[milk].Cold);
            steamed[milk] = now;
        }

        var coffee = shots.GetValueOrDefault(drink, [now]);
        foreach (var next in later)
        {
            InTime($"begin {next}", drinks[next].Before, coffee.Max());
            if (Mine(next).FirstOrDefault(pull => !done.Contains($"pull {pull}"), -1) is >= 0 and var pull)
            {
                InTime($"dose {pull}", Pace.Dose, coffee.Max());
            }
        }

        now = Math.Max(now, coffee.Max());
        Stands(coffee.Min(), now, limits.Shot);
        if (milk >= 0)
        {
            lastPour[milk] = now;
            now += Pace.PourMilk;
        }

        now += drinks[drink].After;
        ready[drink] = now;
    }

    private IEnumerable<int> Mine(int drink) =>
        Enumerable.Range(0, pulls.Count).Where(pull => pulls[pull].Drinks.Contains(drink));

    private void InTime(string what, double seconds, double by)
    {
        if (now + seconds <= by + 1e-9)
        {
            Once(what, seconds);
        }
    }

    private void Once(string what, double seconds) => now += done.Add(what) ? seconds : 0;

    private void Stands(double from, double to, double limit) => beyond += Math.Max(0, to - from - limit);
}
