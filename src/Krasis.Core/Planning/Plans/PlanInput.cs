using Krasis.Core.Planning.Days;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;

namespace Krasis.Core.Planning.Plans;

/// <summary>All that a plan goes by.</summary>
/// <param name="Clock">The days that are planned.</param>
/// <param name="Now">The moment, min of the clock.</param>
/// <param name="Prep">How the house prepares.</param>
/// <param name="Catalogue">What it makes and buys.</param>
/// <param name="Expected">What is expected to sell.</param>
/// <param name="Board">What is on the board when. What is not is not counted, whatever is expected.</param>
/// <param name="Needs">What a cup takes, g or pieces.</param>
/// <param name="Drinks">What the drinks are called, by build.</param>
/// <param name="Stock">What is in stock, what has to be used first before the rest.</param>
/// <param name="Set">The batches that somebody moved or began.</param>
/// <param name="Done">What batches that have been made were called by, which no other is called by any more.</param>
public sealed record PlanInput(
    PlanClock Clock,
    int Now,
    PrepFacts Prep,
    IReadOnlyDictionary<Item, PrepItem> Catalogue,
    IReadOnlyList<Expected> Expected,
    Board Board,
    IReadOnlyDictionary<DrinkSize, IReadOnlyDictionary<Item, double>> Needs,
    IReadOnlyDictionary<string, string> Drinks,
    IReadOnlyList<Lot> Stock,
    IReadOnlyList<SetBatch> Set,
    IReadOnlySet<string> Done
)
{
    /// <summary>What is expected of what is on the board.</summary>
    public IEnumerable<Expected> OnTheBoard => Expected.Where(each => Board.Has(each.What.Build, each.Day));

    /// <summary>The share of a day that is still to come: all of it but today, when what is over is over.</summary>
    public double ShareOf(int day)
    {
        var hours = Prep.HoursOn(Clock.DayAt(day));
        if (hours is not { Opens: { } opens, Closes: { } closes })
        {
            return 0;
        }

        var (from, to) = (Clock.MinuteAt(day, opens), Clock.MinuteAt(day, closes));
        return Math.Clamp((to - (double)Math.Max(Now, from)) / (to - from), 0, 1);
    }
}

/// <summary>A batch that somebody moved by hand, or has begun.</summary>
/// <param name="Key">What it is called by.</param>
/// <param name="Item">What it is of.</param>
/// <param name="Grams">How much.</param>
/// <param name="Begin">When it is begun, min of the plan's clock; below zero for before the first midnight.</param>
/// <param name="IsBegun">Whether it has been.</param>
public sealed record SetBatch(string Key, Item Item, double Grams, int Begin, bool IsBegun);
