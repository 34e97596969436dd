namespace Krasis.Core.Builds;

/// <summary>When a seasonal drink comes on the board or goes off it next.</summary>
/// <param name="IsOn">Whether it is on the board today.</param>
/// <param name="On">The day on which that changes.</param>
/// <param name="InDays">How many days that is away.</param>
public sealed record BoardDay(bool IsOn, DateOnly On, int InDays)
{
    /// <summary>The next change of a season after a day.</summary>
    /// <param name="season">The season; it comes back every year.</param>
    /// <param name="today">The day.</param>
    /// <returns>The change; null for a season that is the whole year.</returns>
    public static BoardDay? Next(Season season, DateOnly today)
    {
        var isOn = season.Holds(today);
        for (var days = 1; days <= 366; days++)
        {
            if (season.Holds(today.AddDays(days)) != isOn)
            {
                return new BoardDay(isOn, today.AddDays(days), days);
            }
        }

        return null;
    }
}
