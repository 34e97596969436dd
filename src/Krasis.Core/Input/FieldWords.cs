using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace Krasis.Core.Input;

/// <summary>Fields in plain words: <c>lines[0].heightMm</c> is what people call <c>line 1, height in mm</c>.</summary>
public static partial class FieldWords
{
    private static readonly Dictionary<string, string> Units = new(StringComparer.Ordinal)
    {
        ["Mm"] = "mm",
        ["Ml"] = "ml",
        ["Grams"] = "g",
        ["Percent"] = "%",
        ["Celsius"] = "°C",
        ["Minutes"] = "min",
        ["Seconds"] = "s",
    };

    /// <summary>A field in words.</summary>
    /// <param name="path">Where it stands in a document; what is in words already stays as it is.</param>
    public static string Of(string path) =>
        path.Contains(' ', StringComparison.Ordinal)
            ? path
            : string.Join(", ", path.Split('.', StringSplitOptions.RemoveEmptyEntries).Select(Part));

    private static string Part(string part)
    {
        var place = Place().Match(part);
        var name = place.Success ? part[..place.Index] : part;
        var unit = Units.FirstOrDefault(entry =>
            name.Length > entry.Key.Length && name.EndsWith(entry.Key, StringComparison.Ordinal)
        );
        var words = new StringBuilder();
        foreach (var letter in unit.Key is null ? name : name[..^unit.Key.Length])
        {
            if (words.Length > 0 && (char.IsUpper(letter) || char.IsDigit(letter) != char.IsDigit(words[^1])))
            {
                words.Append(' ');
            }

            words.Append(char.ToLowerInvariant(letter));
        }

        if (place.Success)
        {
            // One of several: the second line is no lines.
            var one = words.ToString();
            return $"{(one.EndsWith('s') ? one[..^1] : one)} {int.Parse(place.Groups[1].ValueSpan, CultureInfo.InvariantCulture) + 1}";
        }

        return unit.Value is null ? words.ToString() : $"{words} in {unit.Value}";
    }

    [GeneratedRegex(@"\[([0-9]{1,6})\]$")]
    private static partial Regex Place();
}
