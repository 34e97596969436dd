using System.Globalization;

namespace Krasis.Core.Planning.Stocking;

/// <summary>What lots are called: the day on which they came into stock, and which of that day's they are.</summary>
public static class LotNumber
{
    /// <summary>What every lot of a day begins with.</summary>
    /// <example>27 November 2026: <c>261127-</c>.</example>
    public static string PrefixOf(DateOnly day) => day.ToString("yyMMdd-", CultureInfo.InvariantCulture);

    /// <summary>The number of a day's next lot.</summary>
    /// <param name="day">The day.</param>
    /// <param name="before">How many lots it has already.</param>
    /// <example>The second lot of 27 November 2026: <c>261127-02</c>.</example>
    public static string Next(DateOnly day, long before) =>
        string.Create(CultureInfo.InvariantCulture, $"{PrefixOf(day)}{before + 1:00}");
}
