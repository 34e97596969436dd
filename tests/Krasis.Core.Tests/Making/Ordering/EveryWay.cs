using Krasis.Core.Bar.House;
using Krasis.Core.Making.Ordering;

namespace Krasis.Core.Tests.Making.Ordering;

/// <summary>One barista's order done in any way at all: whichever step may come next is done next, at once or after
/// standing by for a while. Written a second time and by itself.</summary>
internal sealed class EveryWay
{
    private readonly List<(string Name, double Hands, double Runs, string[] After)> steps = [];
    private readonly IReadOnlyList<OrderedDrink> drinks;
    private readonly IReadOnlyList<SharedPull> pulls;
    private readonly IReadOnlyList<SharedPitcher> milks;
    private readonly StandingLimits limits;

    public EveryWay(
        IReadOnlyList<OrderedDrink> drinks,
        IReadOnlyList<SharedPull> pulls,
        IReadOnlyList<SharedPitcher> milks,
        StandingLimits limits
    )
    {
        (this.drinks, this.pulls, this.milks, this.limits) = (drinks, pulls, milks, limits);
        for (var pull = 0; pull < pulls.Count; pull++)
        {
            var runs = drinks[pulls[pull].Drinks[0]].Shots.First(shot => shot.Recipe == pulls[pull].Recipe).Runs;
            steps.Add(($"dose {pull}", Pace.Dose, 0, []));
            steps.Add(
                ($"pull {pull}", 0, runs, [$"dose {pull}", .. pulls[pull].Drinks.Select(drink => $"begin {drink}")])
            );
        }

        for (var milk = 0; milk < milks.Count; milk++)
        {
            steps.Add(($"steam {milk}", Pace.Steam(milks[milk].Cold), 0, []));
        }

        for (var drink = 0; drink < drinks.Count; drink++)
        {
            string[] into = [$"begin {drink}", .. Coffee(drink).Select(pull => $"pull {pull}")];
            var milk = milks.ToList().FindIndex(each => each.Drinks.Contains(drink));
            steps.Add(($"begin {drink}", drinks[drink].Before, 0, []));
            if (milk >= 0)
            {
                steps.Add(($"pour {drink}", Pace.PourMilk, 0, [.. into, $"steam {milk}"]));
            }

            steps.Add(($"finish {drink}", drinks[drink].After, 0, milk < 0 ? into : [$"pour {drink}"]));
        }
    }

    /// <summary>One way, drawn at random.</summary>
    /// <param name="random">Draws it.</param>
    /// <returns>By how much anything stands too long, and how long it all takes.</returns>
    public (double Beyond, double Seconds) One(Random random)
    {
        var over = new Dictionary<string, (double From, double To)>();
        double now = 0,
            machine = 0;
        var left = steps.ToList();
        while (left.Count > 0)
        {
            var may = left.Where(step => step.After.All(over.ContainsKey)).ToList();
            var step = may[random.Next(may.Count)];
            left.Remove(step);
            var from = step.After.Select(before => over[before].To).Append(now).Max();
            from += random.Next(8) == 0 ? random.Next(1, 30) : 0;
            if (step.Runs > 0)
            {
                from = Math.Max(from, machine);
                machine = from + step.Runs;
            }

            over[step.Name] = (from, from + step.Hands + step.Runs);
            now = from + step.Hands;
        }

        return (Beyond(over), over.Values.Max(each => each.To));
    }

    private IEnumerable<int> Coffee(int drink) =>
        Enumerable.Range(0, pulls.Count).Where(pull => pulls[pull].Drinks.Contains(drink));

    private double Beyond(Dictionary<string, (double From, double To)> over)
    {
        var end = over.Values.Max(each => each.To);
        double beyond = 0;
        for (var drink = 0; drink < drinks.Count; drink++)
        {
            var poured = over.GetValueOrDefault($"pour {drink}", over[$"finish {drink}"]).From;
            beyond += Coffee(drink).Any()
                ? Math.Max(0, poured - Coffee(drink).Min(pull => over[$"pull {pull}"].To) - limits.Shot)
                : 0;
            beyond += Math.Max(0, end - over[$"finish {drink}"].To - (drinks[drink].IsCold ? limits.Cold : limits.Hot));
        }

        for (var milk = 0; milk < milks.Count; milk++)
        {
            var last = milks[milk].Drinks.Max(drink => over[$"pour {drink}"].From);
            beyond += Math.Max(0, last - over[$"steam {milk}"].To - limits.Milk);
        }

        return beyond;
    }
}
