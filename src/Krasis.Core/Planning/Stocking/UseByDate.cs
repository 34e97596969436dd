using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Planning.Stocking;

/// <summary>Until when a lot may be used.</summary>
public static class UseByDate
{
    /// <summary>The last day on which a lot may be used that was made: as long as it keeps, and no longer than anything
    /// that went into it.</summary>
    /// <param name="day1">The day of making, which counts as day 1 (US Food Code 3-501.17).</param>
    /// <param name="keepsDays">How many days it keeps; null where it keeps.</param>
    /// <param name="madeOf">The lots that went into it. Where cooking starts the count anew there are none to
    /// mind.</param>
    /// <returns>The day; null where neither it nor anything in it goes off.</returns>
    /// <example>Made on 1 October, keeps 7 days, of a milk that is good until 4 October: 4 October.</example>
    public static DateOnly? OfMade(DateOnly day1, int? keepsDays, IEnumerable<Lot> madeOf) =>
        madeOf
            .Select(lot => lot.UseBy)
            .Append(keepsDays is { } days ? DateMarking.LastDay(day1, days) : null)
            .Where(day => day is not null)
            .DefaultIfEmpty(null)
            .Min();

    /// <summary>The last day on which an opened lot may be used.</summary>
    /// <param name="opened">The day of opening, which counts as day 1.</param>
    /// <param name="openedDays">How many days it keeps once open; null where nobody has said.</param>
    /// <param name="said">What somebody said instead; null where nobody did.</param>
    public static DateOnly? OfOpened(DateOnly opened, int? openedDays, DateOnly? said) =>
        said ?? (openedDays is { } days ? DateMarking.LastDay(opened, days) : null);
}
