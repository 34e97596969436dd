using Krasis.Core.Builds;

namespace Krasis.Core.Planning.Expecting;

/// <summary>What is on the board when: the standards, each in its season.</summary>
/// <param name="drinks">The builds that are standards, with their seasons; null for all the year.</param>
public sealed class Board(IReadOnlyDictionary<string, Season?> drinks)
{
    /// <summary>Whether a build is on the board on a day.</summary>
    public bool Has(string build, DateOnly day) =>
        drinks.TryGetValue(build, out var season) && (season is null || season.Holds(day));

    /// <summary>The same with some more builds on it, all the year.</summary>
    public Board With(IEnumerable<string> more)
    {
        var all = drinks.ToDictionary();
        foreach (var build in more)
        {
            all.TryAdd(build, null);
        }

        return new Board(all);
    }

    /// <summary>The days of a build's last season that is over.</summary>
    /// <param name="build">The build.</param>
    /// <param name="today">The day.</param>
    /// <returns>Its first and last day; null where it has no season, or is no standard.</returns>
    public (DateOnly From, DateOnly To)? LastSeason(string build, DateOnly today)
    {
        if (drinks.GetValueOrDefault(build) is not { } season || BoardDay.Next(season, today) is null)
        {
            return null;
        }

        var to = today.AddDays(-1);
        while (season.Holds(to) && season.Holds(today))
        {
            to = to.AddDays(-1);
        }

        while (!season.Holds(to))
        {
            to = to.AddDays(-1);
        }

        var from = to;
        while (season.Holds(from.AddDays(-1)))
        {
            from = from.AddDays(-1);
        }

        return (from, to);
    }
}
