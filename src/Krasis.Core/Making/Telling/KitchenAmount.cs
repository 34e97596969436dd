using System.Globalization;
using System.Text.RegularExpressions;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Telling;

/// <summary>Says amounts as a kitchen measures them.</summary>
public static partial class KitchenAmount
{
    // What is said may be off by this much of the whole without being called about; common practice, no source.
    private const double Exact = 0.03;

    /// <summary>Says a volume by spoons and ounces, in quarters of a spoon and of an ounce.</summary>
    /// <example>30 ml in US words is <c>2 tbsp</c>, 185 ml <c>6¼ fl oz</c>; 3 ml in UK words is <c>about ½
    /// tsp</c>.</example>
    public static string Of(Millilitres volume, KitchenWords words)
    {
        var (spoon, table, ounce) =
            words == KitchenWords.Us
                ? (Measure.UsTeaspoon, Measure.UsTablespoon, Measure.UsFluidOunce)
                : (Measure.MetricTeaspoon, Measure.MetricTablespoon, Measure.ImperialFluidOunce);
        var ml = volume.Value;
        return words == KitchenWords.Metric ? $"{Say.Short(ml)} ml"
            : ml < 0.95 * table.ToMillilitres(1).Value ? Quarters(ml / spoon.ToMillilitres(1).Value, "tsp")
            : ml < 1.9 * ounce.ToMillilitres(1).Value ? Quarters(ml / table.ToMillilitres(1).Value, "tbsp")
            : Quarters(ml / ounce.ToMillilitres(1).Value, words == KitchenWords.Us ? "fl oz" : "imperial fl oz");
    }

    /// <summary>Says a mass: in ounces where the US do, else in grams.</summary>
    public static string Of(Grams mass, KitchenWords words) =>
        words == KitchenWords.Us && mass.Value >= Measure.Ounce.ToGrams(1).Value / 4 * 0.9
            ? Quarters(mass.Value / Measure.Ounce.ToGrams(1).Value, "oz")
            : $"{Say.Short(mass.Value)} g";

    /// <summary>A sentence with its temperatures as they are said there.</summary>
    public static string Degrees(string sentence, KitchenWords words) =>
        words == KitchenWords.Us
            ? Celsius()
                .Replace(sentence, found => found.Groups["fahrenheit"] is { Success: true, Value: var said }
                        ? $"{said} °F"
                    : found.Groups["from"] is { Success: true, Value: var from }
                        ? $"{Fahrenheit(from)}{found.Groups["between"].Value}{Fahrenheit(found.Groups["celsius"].Value)} °F"
                    : $"{Fahrenheit(found.Groups["celsius"].Value)} °F")
            : sentence;

    private static string Fahrenheit(string celsius) =>
        Say.Whole((double.Parse(celsius, CultureInfo.InvariantCulture) * 9 / 5) + 32);

    private static string Quarters(double amount, string unit)
    {
        var quarters = Math.Max(1, Math.Round(amount * 4, MidpointRounding.AwayFromZero));
        var (whole, part) = ((int)quarters / 4, (int)quarters % 4);
        var said =
            $"{(whole > 0 ? whole.ToString(CultureInfo.InvariantCulture) : "")}{part switch { 1 => "¼", 2 => "½", 3 => "¾", _ => "" }} {unit}";
        return Math.Abs((quarters / 4 / amount) - 1) > Exact ? $"about {said}" : said;
    }

    // One temperature, a range of two, or one that is told in °F as well.
    [GeneratedRegex(
        @"(?:(?<from>-?\d+(?:\.\d+)?)(?<between> to |–| and ))?(?<celsius>-?\d+(?:\.\d+)?) °C(?: \((?<fahrenheit>-?\d+(?:\.\d+)?) °F\))?"
    )]
    private static partial Regex Celsius();
}
