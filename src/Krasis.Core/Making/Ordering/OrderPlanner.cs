using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Input;

namespace Krasis.Core.Making.Ordering;

/// <summary>Says in which order the steps of an order are done, so that its drinks share pulls and pitchers and nothing
/// stands too long.</summary>
public static class OrderPlanner
{
    /// <summary>The most drinks that are planned together.</summary>
    public const int Most = 6;

    // Up to so many drinks every way of sharing is tried; above it the first ones.
    private const int Small = 3;
    private const int WaysOfMany = 2;

    /// <summary>Plans an order.</summary>
    /// <param name="plans">How each of its drinks is made.</param>
    /// <param name="pitchers">The bar's pitchers, one of each.</param>
    /// <param name="limits">How long anything may stand.</param>
    /// <param name="places">Who works on it, and with what.</param>
    /// <returns>The plan by which the least stands too long, of those the quickest, of those the one in which the least
    /// stands: with the fewest pulls and pitchers unless something would then stand too long. A problem
    /// under <c>drinks</c> where there are none or too many.</returns>
    public static Reading<OrderPlan> Plan(
        IReadOnlyList<MakingPlan> plans,
        IReadOnlyList<Pitcher> pitchers,
        StandingLimits limits,
        Workplaces places
    )
    {
        if (plans.Count is 0 or > Most)
        {
            return Problem.At(
                "drinks",
                null,
                plans.Count == 0
                    ? "There is nothing in the order."
                    : $"{plans.Count} drinks are too many to be made at once.",
                $"1 to {Most} drinks"
            );
        }

        var drinks = plans.Select(OrderedDrink.Of).ToList();
        var best = Best(drinks, pitchers, limits, places);
        var help = best.Beyond > 1e-6 ? OrderHelp.For(best, pitchers) : null;
        return Reading<OrderPlan>.Of(OrderTelling.Of(best, help));
    }

    /// <summary>The best times that are found for an order.</summary>
    /// <param name="drinks">Its drinks.</param>
    /// <param name="pitchers">The bar's pitchers.</param>
    /// <param name="limits">How long anything may stand.</param>
    /// <param name="places">Who works on it, and with what.</param>
    /// <param name="isThorough">See <see cref="OrderSearch.Best"/>.</param>
    internal static OrderTimes Best(
        IReadOnlyList<OrderedDrink> drinks,
        IReadOnlyList<Pitcher> pitchers,
        StandingLimits limits,
        Workplaces places,
        bool isThorough = true
    )
    {
        var most =
            !isThorough ? 1
            : drinks.Count <= Small ? int.MaxValue
            : WaysOfMany;
        var sequences = Sequences(drinks.Count);
        OrderTimes? best = null;
        foreach (var (pulls, milks) in Ways())
        {
            foreach (var work in Worth([.. pulls.SelectMany(_ => milks, Work)]))
            {
                var found = OrderSearch.Best(work, sequences, isThorough);
                best = best is null || found.Score.IsBetterThan(best.Score) ? found : best;
            }

            if (best!.Beyond <= 1e-6)
            {
                break;
            }
        }

        return best!;

        // Of many drinks, only the way of sharing that looks best in haste is worked on.
        IEnumerable<OrderWork> Worth(List<OrderWork> works)
        {
            if (works.Count <= 1 || drinks.Count <= Small || !isThorough)
            {
                return works;
            }

            var hasty = works.ConvertAll(work => OrderSearch.Best(work, sequences, isThorough: false));
            return [hasty.Aggregate((one, other) => other.Score.IsBetterThan(one.Score) ? other : one).Work];
        }

        // A little milk is wasted rather than drinks standing too long, and half a pull only where that is not enough.
        IEnumerable<(List<List<SharedPull>> Pulls, List<List<SharedPitcher>> Milks)> Ways()
        {
            var (pulls, milks) = (Sharing.Pulls(drinks, most), Sharing.Pitchers(drinks, pitchers, most));
            yield return (pulls, milks);
            var moreMilks = Sharing.MorePitchers(drinks, pitchers, WaysOfMany);
            yield return (pulls, moreMilks);
            var morePulls = Sharing.MorePulls(drinks, WaysOfMany);
            yield return (morePulls, milks);
            yield return (morePulls, moreMilks);
        }

        OrderWork Work(IReadOnlyList<SharedPull> pulls, IReadOnlyList<SharedPitcher> milks) =>
            new(drinks, pulls, milks, pitchers, limits, places);
    }

    // Every order, that in which they were given first.
    private static List<int[]> Sequences(int count)
    {
        var found = new List<int[]>();
        var order = Enumerable.Range(0, count).ToArray();
        Put(0);
        return found;

        void Put(int at)
        {
            if (at == count)
            {
                found.Add([.. order]);
                return;
            }

            for (var i = at; i < count; i++)
            {
                (order[at], order[i]) = (order[i], order[at]);
                Put(at + 1);
                (order[at], order[i]) = (order[i], order[at]);
            }
        }
    }
}
