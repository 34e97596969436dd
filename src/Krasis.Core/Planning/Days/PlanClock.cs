namespace Krasis.Core.Planning.Days;

/// <summary>The days of a plan. Within a plan time is counted in minutes that really pass, from the first midnight on;
/// on the wall there are days of 23 and of 25 hours.</summary>
public sealed class PlanClock
{
    /// <summary>Minutes of an ordinary day.</summary>
    public const int Day = 24 * 60;

    private readonly ClockChange?[] changes;
    private readonly int[] starts;

    /// <summary>A clock over some days.</summary>
    /// <param name="first">The first of them.</param>
    /// <param name="days">How many there are, at least 1.</param>
    /// <param name="changeOn">How the clocks change on a day; null where they do not. Without it they never do.</param>
    public PlanClock(DateOnly first, int days, Func<DateOnly, ClockChange?>? changeOn = null)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(days, 1);
        First = first;
        changes = [.. Enumerable.Range(0, days).Select(day => changeOn?.Invoke(first.AddDays(day)))];
        starts = new int[days + 1];
        for (var day = 0; day < days; day++)
        {
            starts[day + 1] = starts[day] + Day - (changes[day]?.By ?? 0);
        }
    }

    /// <summary>The first day.</summary>
    public DateOnly First { get; }

    /// <summary>How many days there are.</summary>
    public int Days => changes.Length;

    /// <summary>When all of it ends, min from the first midnight.</summary>
    public int End => starts[^1];

    /// <summary>The day of an index.</summary>
    public DateOnly DayAt(int index) => First.AddDays(index);

    /// <summary>The index of a day, which may lie outside the plan.</summary>
    public int IndexOf(DateOnly day) => day.DayNumber - First.DayNumber;

    /// <summary>When a day begins, min; also one past the last.</summary>
    public int StartOf(int index) => starts[index];

    /// <summary>The day that a minute belongs to; before the first and after the last the nearest.</summary>
    public int DayOf(int minute)
    {
        var found = Array.BinarySearch(starts, minute);
        return Math.Clamp(found >= 0 ? found : ~found - 1, 0, Days - 1);
    }

    /// <summary>Whether a time stands on the wall on a day: clocks that are put forward leave some out.</summary>
    /// <param name="index">The day.</param>
    /// <param name="wall">Minutes from midnight as the wall clock shows them.</param>
    public bool Exists(int index, int wall) =>
        wall is >= 0 and < Day
        && !(changes[index] is { By: > 0 } change && wall >= change.At && wall < change.At + change.By);

    /// <summary>When a time on the wall comes. One that there is twice is the first; one that there is not is the
    /// moment at which the clocks change.</summary>
    public int MinuteAt(int index, int wall)
    {
        var change = changes[index];
        var elapsed = change switch
        {
            null => wall,
            { By: > 0 } when wall >= change.At => Math.Max(change.At, wall - change.By),
            { By: < 0 } when wall >= change.At => wall - change.By,
            _ => wall,
        };
        return starts[index] + elapsed;
    }

    /// <summary>What the wall clock shows at a minute of the plan: the day, and minutes from midnight.</summary>
    public (DateOnly Day, int Wall) WallOf(int minute)
    {
        var index = DayOf(minute);
        var (elapsed, change) = (minute - starts[index], changes[index]);
        var wall = change is not null && elapsed >= change.At ? elapsed + change.By : elapsed;
        return (DayAt(index), wall);
    }
}
