using Krasis.Core.Planning.Days;

namespace Krasis.App.Prep;

/// <summary>A plan's days where the house stands: its minutes as moments, and moments as its minutes.</summary>
public sealed class HouseClock
{
    private readonly DateTimeOffset origin;

    /// <summary>Days from a first one on.</summary>
    public HouseClock(TimeProvider clock, DateOnly first, int days)
    {
        var zone = clock.LocalTimeZone;
        origin = MidnightOf(zone, first);
        Plan = new PlanClock(first, days, day => ChangeOn(zone, day));
    }

    /// <summary>The same days for the core.</summary>
    public PlanClock Plan { get; }

    /// <summary>The moment of a minute.</summary>
    public DateTimeOffset MomentOf(int minute) => origin.AddMinutes(minute);

    /// <summary>The minute that a moment lies in; below zero for before the first midnight.</summary>
    public int MinuteOf(DateTimeOffset moment) => (int)Math.Floor((moment - origin).TotalMinutes);

    // Where the clocks change at midnight, the day begins when it is over.
    private static DateTimeOffset MidnightOf(TimeZoneInfo zone, DateOnly day)
    {
        var midnight = day.ToDateTime(TimeOnly.MinValue);
        while (zone.IsInvalidTime(midnight))
        {
            midnight = midnight.AddMinutes(1);
        }

        return new DateTimeOffset(TimeZoneInfo.ConvertTimeToUtc(midnight, zone), TimeSpan.Zero);
    }

    private static ClockChange? ChangeOn(TimeZoneInfo zone, DateOnly day)
    {
        var (start, end) = (MidnightOf(zone, day), MidnightOf(zone, day.AddDays(1)));
        var (was, will) = (zone.GetUtcOffset(start), zone.GetUtcOffset(end));
        if (was == will)
        {
            return null;
        }

        var at = 0;
        while (zone.GetUtcOffset(start.AddMinutes(at)) == was)
        {
            at++;
        }

        return new ClockChange(at, (int)(will - was).TotalMinutes);
    }
}
