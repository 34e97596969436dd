namespace Krasis.Core.Bar.Ingredients;

/// <summary>How long what has been made or opened may be kept.</summary>
/// <remarks>US Food Code 3-501.17: the day on which it was made, or its pack was opened, is day 1, and what is held at
/// 5 °C or below keeps seven days at the most. Local code rules come first.</remarks>
public static class DateMarking
{
    /// <summary>How many days cold food keeps at the most, day 1 being the day of making (Food Code
    /// 3-501.17(A)(1)).</summary>
    public const int MostChilledDays = 7;

    /// <summary>The last day on which it may be used.</summary>
    /// <param name="day1">The day of making or opening.</param>
    /// <param name="days">How many days it keeps, that day counted; less than one counts as one.</param>
    /// <example>Made on 1 October, seven days: 7 October.</example>
    public static DateOnly LastDay(DateOnly day1, int days) => day1.AddDays(Math.Max(1, days) - 1);

    /// <summary>How many days it keeps by what the house says and by the code.</summary>
    /// <param name="days">What the house says; null when it has not said.</param>
    /// <param name="isChilled">Whether it must be held cold.</param>
    /// <returns>The days; null for what need not be held cold and of which nothing is said.</returns>
    public static int? Days(int? days, bool isChilled) =>
        isChilled ? Math.Min(days ?? MostChilledDays, MostChilledDays) : days;
}
