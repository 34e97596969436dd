namespace Krasis.App.Shared;

/// <summary>Tells the day.</summary>
public static class Clock
{
    /// <summary>Today where the server stands: the bar's day, and not the meridian's.</summary>
    public static DateOnly Today(this TimeProvider clock) => DateOnly.FromDateTime(clock.GetLocalNow().DateTime);
}
