namespace Krasis.Core.Builds;

/// <summary>The days of a year on which a drink is on the board; it comes back every year.</summary>
/// <param name="From">The first day.</param>
/// <param name="To">The last day; before <paramref name="From"/> when the season runs over New Year.</param>
public sealed record Season(MonthDay From, MonthDay To)
{
    /// <summary>Whether a day is in season.</summary>
    public bool Holds(DateOnly day)
    {
        var on = new MonthDay(day.Month, day.Day);
        return From.CompareTo(To) <= 0
            ? From.CompareTo(on) <= 0 && on.CompareTo(To) <= 0
            : From.CompareTo(on) <= 0 || on.CompareTo(To) <= 0;
    }
}
