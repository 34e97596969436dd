using System.Globalization;
using Krasis.Core.Planning.Days;
using Krasis.Core.Quantities;

namespace Krasis.Core.Planning.Plans;

/// <summary>Days, times and amounts of a plan in words.</summary>
public static class PlanWords
{
    /// <summary>A day, as Saturday 28 November.</summary>
    public static string Day(DateOnly day) => day.ToString("dddd d MMMM", CultureInfo.InvariantCulture);

    /// <summary>A moment, as Saturday 28 November, 07:30.</summary>
    public static string Moment(PlanClock clock, int minute)
    {
        var (day, wall) = clock.WallOf(minute);
        return $"{Day(day)}, {Time(wall)}";
    }

    /// <summary>A time, as 07:30.</summary>
    public static string Time(int wall) => $"{wall / 60:00}:{wall % 60:00}";

    /// <summary>A mass, as 850 g or 4.2 kg.</summary>
    public static string Mass(double grams) => grams < 1000 ? $"{Say.Whole(grams)} g" : $"{Say.Fine(grams / 1000)} kg";

    /// <summary>Names, as A, B and C.</summary>
    public static string List(IReadOnlyList<string> names) =>
        names.Count < 2 ? string.Join("", names) : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";
}
