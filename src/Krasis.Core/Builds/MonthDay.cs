using System.Globalization;

namespace Krasis.Core.Builds;

/// <summary>A day of every year.</summary>
/// <param name="Month">From 1 to 12.</param>
/// <param name="Day">From 1 to as many as the month has; 29 February is taken.</param>
public readonly record struct MonthDay(int Month, int Day) : IComparable<MonthDay>
{
    // A leap year, so that every day there is can be read.
    private const int LeapYear = 2000;

    // With the month in words there is no doubt which is which; 9/1 is September at one bar and January at another, and
    // is not guessed at.
    private static readonly string[] Forms =
    [
        "yyyy-MM-dd",
        "yyyy-d MMMM",
        "yyyy-d MMM",
        "yyyy-MMMM d",
        "yyyy-MMM d",
        "yyyy-d. MMMM",
        "yyyy-d. MMM",
    ];

    /// <summary>Reads <c>11-25</c>, month and day, or <c>25 November</c>, <c>Nov 25</c>.</summary>
    /// <returns>The day, or null when the text is none.</returns>
    public static MonthDay? Read(string? text) =>
        DateOnly.TryParseExact(
            $"{LeapYear}-{text?.Trim()}",
            Forms,
            CultureInfo.InvariantCulture,
            DateTimeStyles.None,
            out var day
        )
            ? new MonthDay(day.Month, day.Day)
            : null;

    /// <inheritdoc/>
    public int CompareTo(MonthDay other) => ((Month * 100) + Day).CompareTo((other.Month * 100) + other.Day);

    /// <summary>The day as it is said, such as 25 November.</summary>
    public override string ToString() =>
        new DateOnly(LeapYear, Month, Day).ToString("d MMMM", CultureInfo.InvariantCulture);

    /// <summary>Whether the first comes before the second in the year.</summary>
    public static bool operator <(MonthDay left, MonthDay right) => left.CompareTo(right) < 0;

    /// <summary>Whether the first comes after the second in the year.</summary>
    public static bool operator >(MonthDay left, MonthDay right) => left.CompareTo(right) > 0;

    /// <summary>Whether the first comes before the second in the year or is the same.</summary>
    public static bool operator <=(MonthDay left, MonthDay right) => left.CompareTo(right) <= 0;

    /// <summary>Whether the first comes after the second in the year or is the same.</summary>
    public static bool operator >=(MonthDay left, MonthDay right) => left.CompareTo(right) >= 0;
}
