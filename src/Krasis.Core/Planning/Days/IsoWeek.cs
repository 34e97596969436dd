namespace Krasis.Core.Planning.Days;

/// <summary>Weeks as ISO 8601 counts them: from Monday, and week 1 is the one with the year's first Thursday.</summary>
public static class IsoWeek
{
    /// <summary>The week that a day lies in, 1 to 53.</summary>
    /// <example>3 January 2027 is a Sunday: week 53 of 2026.</example>
    public static int Of(DateOnly day)
    {
        var thursday = day.AddDays(3 - (((int)day.DayOfWeek + 6) % 7));
        return ((thursday.DayOfYear - 1) / 7) + 1;
    }
}
