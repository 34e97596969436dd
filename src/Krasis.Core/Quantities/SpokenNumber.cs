using System.Globalization;
using System.Text.RegularExpressions;

namespace Krasis.Core.Quantities;

/// <summary>Reads a number as people write it at a bar: <c>180</c>, <c>1.5</c>, <c>1,5</c>, <c>1/2</c>, <c>1 1/2</c>,
/// <c>1½</c>, <c>¾</c>, <c>half</c>, <c>two</c>.</summary>
public static partial class SpokenNumber
{
    /// <summary>A number, as part of a pattern that is matched without regard to case.</summary>
    public const string Pattern =
        @"(?:[0-9]{1,4}\s+)?[0-9]{1,3}/[0-9]{1,3}|[0-9]{0,4}\s?[¼½¾⅓⅔⅛⅜⅝⅞]|[0-9]{1,300}(?:[.,][0-9]{1,300})?|[.,][0-9]{1,300}|half(?:\s+an?(?=\s))?|a\s+quarter(?:\s+of\s+an?(?=\s))?|quarter|an?(?=\s)|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve";

    private static readonly string[] Words =
    [
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
    ];

    private static readonly Dictionary<char, double> Vulgar = new()
    {
        ['¼'] = 1 / 4.0,
        ['½'] = 1 / 2.0,
        ['¾'] = 3 / 4.0,
        ['⅓'] = 1 / 3.0,
        ['⅔'] = 2 / 3.0,
        ['⅛'] = 1 / 8.0,
        ['⅜'] = 3 / 8.0,
        ['⅝'] = 5 / 8.0,
        ['⅞'] = 7 / 8.0,
    };

    /// <summary>The number that a text matching <see cref="Pattern"/> says.</summary>
    /// <returns>The number, zero or more; infinite for a fraction of zero parts.</returns>
    public static double Read(string text)
    {
        var lower = text.ToLowerInvariant();
        if (lower.StartsWith("half", StringComparison.Ordinal))
        {
            return 1 / 2.0;
        }

        if (lower.Contains("quarter", StringComparison.Ordinal))
        {
            return 1 / 4.0;
        }

        if (lower is "a" or "an")
        {
            return 1;
        }

        if (Array.IndexOf(Words, lower) is >= 0 and var word)
        {
            return word + 1;
        }

        if (Vulgar.TryGetValue(lower[^1], out var part))
        {
            return Whole(lower[..^1]) + part;
        }

        var fraction = Fraction().Match(lower);
        return fraction.Success
            ? Whole(fraction.Groups["whole"].Value)
                + (Whole(fraction.Groups["top"].Value) / Whole(fraction.Groups["bottom"].Value))
            : double.Parse(lower.Replace(',', '.'), CultureInfo.InvariantCulture);
    }

    private static double Whole(string digits) =>
        string.IsNullOrWhiteSpace(digits) ? 0 : double.Parse(digits, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"^(?:(?<whole>[0-9]+)\s+)?(?<top>[0-9]+)/(?<bottom>[0-9]+)$", RegexOptions.CultureInvariant)]
    private static partial Regex Fraction();
}
