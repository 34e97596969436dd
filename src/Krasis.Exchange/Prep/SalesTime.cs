using System.Globalization;
using System.Text.RegularExpressions;

namespace Krasis.Exchange.Prep;

/// <summary>Reads the time of day of a sale.</summary>
internal static partial class SalesTime
{
    private const int MinutesOfDay = 24 * 60;

    /// <summary>A time of day in a cell of its own: "14:03", "14:03:20", "2:03 pm", "2 pm", the same behind a day, or a
    /// part of a day as a spreadsheet keeps it (0.5 is noon).</summary>
    /// <returns>The minute of the day, 0 to 1439; null for what is no time.</returns>
    public static int? OfCell(string text)
    {
        text = text.Trim();
        if ((Clock(text) ?? BehindDay(text)) is { } minute)
        {
            return minute;
        }

        return
            text.StartsWith("0.", StringComparison.Ordinal)
            && double.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var part)
            ? Math.Min((int)Math.Round(part * MinutesOfDay), MinutesOfDay - 1)
            : null;
    }

    /// <summary>The time that stands behind a day: "2026-11-25 14:03", "25/11/2026 2:03 pm".</summary>
    /// <returns>The minute of the day; null if there is no time, or if it ends in a Z or an offset, because it may be
    /// another time, or even another day, at the house. Midnight counts as no time: programs add it to a day that has
    /// none.</returns>
    public static int? BehindDay(string text)
    {
        var cut = text.Trim().IndexOfAny([' ', 'T']);
        return cut < 0 || Clock(text.Trim()[(cut + 1)..].Trim()) is not (> 0 and var minute) ? null : minute;
    }

    private static int? Clock(string text)
    {
        if (Written().Match(text) is not { Success: true } match)
        {
            return null;
        }

        var hour = Number("hour");
        var (minutes, seconds) = (Number("minute"), Number("second"));
        var half = match.Groups["half"].Value;
        // "14" alone is as likely a count; with am or pm it is an hour.
        if (half.Length == 0 ? !match.Groups["minute"].Success || hour > 23 : hour is < 1 or > 12)
        {
            return null;
        }

        var isAfternoon = half.StartsWith("p", StringComparison.OrdinalIgnoreCase);
        hour = half.Length == 0 ? hour : (hour % 12) + (isAfternoon ? 12 : 0);
        return minutes > 59 || seconds > 59 ? null : (hour * 60) + minutes;

        int Number(string group) =>
            match.Groups[group] is { Success: true } found ? int.Parse(found.Value, CultureInfo.InvariantCulture) : 0;
    }

    [GeneratedRegex(
        @"^(?<hour>[0-9]{1,2})(:(?<minute>[0-9]{2})(:(?<second>[0-9]{2})([.,][0-9]{1,7})?)?)?\s*(?<half>[ap]\.?m\.?)?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 200
    )]
    private static partial Regex Written();
}
