using System.Globalization;

namespace Krasis.Core.Quantities;

/// <summary>Formats numbers for messages. All messages use it, so that a number looks the same everywhere.</summary>
public static class Say
{
    /// <summary>A volume, in whole ml and at least one: a message that says "0 ml too much" helps nobody.</summary>
    public static string Ml(Millilitres volume) =>
        $"{Math.Max(1, Math.Round(volume.Value)).ToString(CultureInfo.InvariantCulture)} ml";

    /// <summary>A number to at most one decimal.</summary>
    public static string Short(double value) => Write(value, "0.#");

    /// <summary>A whole number.</summary>
    public static string Whole(double value) => Write(value, "0");

    /// <summary>A number to at most two decimals.</summary>
    public static string Fine(double value) => Write(value, "0.##");

    /// <summary>A number with two decimals, the zeros too.</summary>
    public static string Hundredths(double value) => Write(value, "0.00");

    /// <summary>A number with just so many decimals, halves up, with a minus and not a hyphen: for columns that are
    /// compared by eye.</summary>
    public static string Fixed(double value, int digits) =>
        (Math.Round(value, digits, MidpointRounding.AwayFromZero) + 0.0)
            .ToString($"F{digits}", CultureInfo.InvariantCulture)
            .Replace('-', '−');

    /// <summary>A temperature.</summary>
    public static string Degrees(Celsius temperature) => $"{Short(temperature.Value)} °C";

    /// <summary>Words as in a sentence: a, b and c.</summary>
    public static string List(IReadOnlyList<string> words) =>
        words.Count < 2 ? string.Concat(words) : $"{string.Join(", ", words.SkipLast(1))} and {words[^1]}";

    // What rounds to nothing has no sign.
    private static string Write(double value, string format) =>
        value.ToString(format, CultureInfo.InvariantCulture) is var text && text is "-0" or "-0.00" ? text[1..] : text;
}
