using Krasis.Core.Bar.House;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Ordering;

/// <summary>In which order the drinks of an order are made, and what they share.</summary>
/// <param name="Sequence">The places of the drinks in the order as it was given, from 0, in the order in which they are
/// made.</param>
/// <param name="Pulls">The pulls, in the order in which they are begun.</param>
/// <param name="Pitchers">The pitchers that are steamed, in that order.</param>
/// <param name="Tasks">What is done when.</param>
/// <param name="Seconds">How long it all takes.</param>
/// <param name="Waiting">How long the baristas stand by, s, all together.</param>
/// <param name="Standing">How long each drink stands when all are handed over, s, by its place in the order as it was
/// given.</param>
/// <param name="Warnings">What stands longer than it may.</param>
/// <param name="Help">What would help against that, where anything that was tried does.</param>
/// <param name="Beyond">By how much all that does so, s.</param>
/// <param name="Places">Who works on it, and with what.</param>
public sealed record OrderPlan(
    IReadOnlyList<int> Sequence,
    IReadOnlyList<SharedPull> Pulls,
    IReadOnlyList<SharedPitcher> Pitchers,
    IReadOnlyList<OrderTask> Tasks,
    double Seconds,
    double Waiting,
    IReadOnlyList<double> Standing,
    IReadOnlyList<string> Warnings,
    string? Help,
    double Beyond,
    Workplaces Places
);

/// <summary>A pull, and which drinks its espresso goes into.</summary>
/// <param name="Recipe">What the bar calls the recipe.</param>
/// <param name="Drinks">The drinks, by their places in the order as it was given.</param>
/// <param name="Used">The part of it that goes into them.</param>
public sealed record SharedPull(string Recipe, IReadOnlyList<int> Drinks, double Used);

/// <summary>A pitcher of milk, and which drinks it goes into.</summary>
/// <param name="Pitcher">What the bar calls the pitcher; null where it has none, or none that holds so much.</param>
/// <param name="Milk">What the bar calls the milk.</param>
/// <param name="Foam">To which foam level.</param>
/// <param name="Cold">How much goes in cold.</param>
/// <param name="Drinks">The drinks, by their places in the order as it was given.</param>
public sealed record SharedPitcher(
    string? Pitcher,
    string Milk,
    string Foam,
    Millilitres Cold,
    IReadOnlyList<int> Drinks
);

/// <summary>Who is busy with something.</summary>
public enum OrderPlace
{
    /// <summary>A barista.</summary>
    Hands,

    /// <summary>A group of the machine, while a pull runs.</summary>
    Machine,

    /// <summary>Something stands and waits.</summary>
    Stands,
}

/// <summary>Something that is done, or stands, for a while.</summary>
/// <param name="Place">Who or what is busy with it.</param>
/// <param name="Which">Which barista or group, from 0.</param>
/// <param name="Drink">The drink that it is for, by its place in the order as it was given; null for several.</param>
/// <param name="What">What it is, in a few words.</param>
/// <param name="From">When it begins, s from the beginning of the order.</param>
/// <param name="To">When it is over, s.</param>
public sealed record OrderTask(OrderPlace Place, int Which, int? Drink, string What, double From, double To)
{
    /// <summary>With which wand it is steamed, from 0; null for anything else.</summary>
    public int? Wand { get; init; }

    /// <summary>Whether it stands longer than it may.</summary>
    public bool IsTooLong { get; init; }

    /// <summary>How long it may stand, s; zero for what is done.</summary>
    internal double Limit { get; init; }
}
