using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Input;

namespace Krasis.Core.Making.Ordering;

/// <summary>Says in which order the drinks of an order are made, so that they share pulls and pitchers and nothing
/// stands too long.</summary>
public static class OrderPlanner
{
    /// <summary>The most drinks that are planned together.</summary>
    public const int Most = 6;

    // Up to so many drinks every way of sharing is tried with every order; above it every order with the first ways of
    // sharing.
    private const int Small = 4;
    private const int WaysOfMany = 2;

    /// <summary>Plans an order.</summary>
    /// <param name="plans">How each of its drinks is made.</param>
    /// <param name="pitchers">The bar's pitchers.</param>
    /// <param name="limits">How long anything may stand.</param>
    /// <returns>The plan by which the least stands too long, of those the quickest, of those the one after which the
    /// drinks stand the least; up to four drinks the best that there is with the fewest pulls and pitchers. A problem
    /// under <c>drinks</c> where there are none or too many.</returns>
    public static Reading<OrderPlan> Plan(
        IReadOnlyList<MakingPlan> plans,
        IReadOnlyList<Pitcher> pitchers,
        StandingLimits limits
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
        var most = drinks.Count <= Small ? int.MaxValue : WaysOfMany;
        var orders = Orders(drinks.Count);
        OrderPlan? best = null;
        foreach (var pulls in Sharing.Pulls(drinks, most))
        {
            foreach (var shared in Sharing.Pitchers(drinks, pitchers, most))
            {
                foreach (var order in orders)
                {
                    var plan = Schedule.Of(drinks, pulls, shared, limits, order);
                    if (best is null || IsBetter(plan, best))
                    {
                        best = plan;
                    }
                }
            }
        }

        return Reading<OrderPlan>.Of(best!);
    }

    /// <summary>Whether one plan is better than another.</summary>
    internal static bool IsBetter(OrderPlan plan, OrderPlan than) =>
        Compare((plan.Beyond, than.Beyond), (plan.Seconds, than.Seconds), (plan.Standing.Sum(), than.Standing.Sum()))
        < 0;

    private static int Compare(params ReadOnlySpan<(double One, double Other)> pairs)
    {
        foreach (var (one, other) in pairs)
        {
            if (Math.Abs(one - other) > 1e-6)
            {
                return one.CompareTo(other);
            }
        }

        return 0;
    }

    // Every order, that in which they were given first.
    private static List<int[]> Orders(int count)
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
