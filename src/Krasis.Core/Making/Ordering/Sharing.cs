using Krasis.Core.Bar.Milk;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Ordering;

/// <summary>Says which drinks may share a pull, and which a pitcher.</summary>
internal static class Sharing
{
    /// <summary>Every way of sharing pulls with the fewest of them: a part of a pull goes with other parts of the same
    /// recipe, as far as one pull reaches.</summary>
    public static List<List<SharedPull>> Pulls(IReadOnlyList<OrderedDrink> drinks, int most) =>
        Pulls(drinks, ways => Fewest(ways).Take(most));

    /// <summary>The ways of sharing pulls with more of them than it takes, the fewer the first.</summary>
    public static List<List<SharedPull>> MorePulls(IReadOnlyList<OrderedDrink> drinks, int most) =>
        Pulls(drinks, ways => More(ways).Take(most));

    private static List<List<SharedPull>> Pulls(
        IReadOnlyList<OrderedDrink> drinks,
        Func<
            List<List<List<(int Drink, string Recipe, double Part)>>>,
            IEnumerable<List<List<(int Drink, string Recipe, double Part)>>>
        > chosen
    )
    {
        var whole = drinks
            .SelectMany(
                (drink, i) =>
                    drink.Shots.SelectMany(shot => Enumerable.Repeat(new SharedPull(shot.Recipe, [i], 1), shot.Whole))
            )
            .ToList();
        var parts = drinks
            .SelectMany(
                (drink, i) =>
                    drink.Shots.Where(shot => shot.Part > 0).Select(shot => (Drink: i, shot.Recipe, shot.Part))
            )
            .ToList();
        var ways = Partitions(parts, (group, part) =>
            group[0].Recipe == part.Recipe
            && group.Sum(each => each.Part) + part.Part <= 1 + 1e-6
            && group.TrueForAll(each => each.Drink != part.Drink)
        );
        return
        [
            .. chosen(ways)
                .Select(way =>
                    whole
                        .Concat(
                            way.Select(group => new SharedPull(
                                group[0].Recipe,
                                [.. group.Select(each => each.Drink)],
                                group.Sum(each => each.Part)
                            ))
                        )
                        .ToList()
                ),
        ];
    }

    /// <summary>Every way of sharing pitchers with the fewest of them.</summary>
    public static List<List<SharedPitcher>> Pitchers(
        IReadOnlyList<OrderedDrink> drinks,
        IReadOnlyList<Pitcher> pitchers,
        int most
    ) => [.. Fewest(Milks(drinks, pitchers)).Take(most).Select(way => Steamed(way))];

    /// <summary>The ways of sharing pitchers with more of them than it takes, the fewer the first.</summary>
    public static List<List<SharedPitcher>> MorePitchers(
        IReadOnlyList<OrderedDrink> drinks,
        IReadOnlyList<Pitcher> pitchers,
        int most
    ) => [.. More(Milks(drinks, pitchers)).Take(most).Select(way => Steamed(way))];

    private static List<List<List<(int Drink, MilkNeed Milk)>>> Milks(
        IReadOnlyList<OrderedDrink> drinks,
        IReadOnlyList<Pitcher> pitchers
    )
    {
        var milks = drinks
            .Select((drink, i) => (Drink: i, drink.Milk))
            .Where(each => each.Milk is not null)
            .Select(each => (each.Drink, Milk: each.Milk!))
            .ToList();
        var largest = pitchers.Count == 0 ? 0 : pitchers.Max(pitcher => pitcher.ToSpout.Value);
        return Partitions(milks, (group, milk) =>
            group[0].Milk.GoesWith(milk.Milk)
            && group.Sum(each => each.Milk.Cold.Value) + milk.Milk.Cold.Value <= largest + 1e-6
        );
    }

    private static List<SharedPitcher> Steamed(List<List<(int Drink, MilkNeed Milk)>> way) =>
        way.ConvertAll(group => new SharedPitcher(
            null,
            group[0].Milk.Name,
            group[0].Milk.Foam,
            Millilitres.From(group.Sum(each => each.Milk.Cold.Value)),
            [.. group.Select(each => each.Drink)]
        ));

    private static IEnumerable<List<List<T>>> Fewest<T>(List<List<List<T>>> ways)
    {
        var fewest = ways.Min(way => way.Count);
        return ways.Where(way => way.Count == fewest);
    }

    private static IEnumerable<List<List<T>>> More<T>(List<List<List<T>>> ways)
    {
        var fewest = ways.Min(way => way.Count);
        return ways.Where(way => way.Count > fewest).OrderBy(way => way.Count);
    }

    // Every way of putting things into groups, each thing into one; the first in the order of the things comes first.
    private static List<List<List<T>>> Partitions<T>(List<T> things, Func<List<T>, T, bool> goesIn)
    {
        var found = new List<List<List<T>>>();
        Put(0, []);
        return found;

        void Put(int at, List<List<T>> groups)
        {
            if (at == things.Count)
            {
                found.Add(groups.ConvertAll(group => group.ToList()));
                return;
            }

            for (var i = 0; i < groups.Count; i++)
            {
                if (goesIn(groups[i], things[at]))
                {
                    groups[i].Add(things[at]);
                    Put(at + 1, groups);
                    groups[i].RemoveAt(groups[i].Count - 1);
                }
            }

            groups.Add([things[at]]);
            Put(at + 1, groups);
            groups.RemoveAt(groups.Count - 1);
        }
    }
}
