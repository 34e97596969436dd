using System.Globalization;

namespace Krasis.Core.Quantities;

/// <summary>Numbers as they stand in a sentence.</summary>
internal static class Say
{
    /// <summary>A volume, in whole ml and at least one: a message that says "0 ml too much" helps nobody.</summary>
    public static string Ml(Millilitres volume) => $"{Math.Max(1, Math.Round(volume.Value)).ToString(CultureInfo.InvariantCulture)} ml";

    /// <summary>A number to at most one decimal.</summary>
    public static string Short(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);

    /// <summary>A whole number.</summary>
    public static string Whole(double value) => value.ToString("0", CultureInfo.InvariantCulture);

    /// <summary>A number to at most two decimals.</summary>
    public static string Fine(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);

    /// <summary>A temperature.</summary>
    public static string Degrees(Celsius temperature) => $"{Short(temperature.Value)} °C";

    /// <summary>Words as in a sentence: a, b and c.</summary>
    public static string List(IReadOnlyList<string> words) =>
        words.Count < 2 ? string.Concat(words) : $"{string.Join(", ", words.SkipLast(1))} and {words[^1]}";
}
