using System.Globalization;
using System.Text.RegularExpressions;
using Krasis.Core.Input;

namespace Krasis.Core.Quantities;

/// <summary>Reads a quantity that somebody typed: a number, and a measure if it is not the one assumed.</summary>
public static partial class QuantityText
{
    /// <summary>Reads <paramref name="text"/>.</summary>
    /// <param name="text">Such as <c>180</c>, <c>180 ml</c>, <c>1½ fl oz</c>, <c>half a cup</c> or <c>3 strokes</c>. A
    /// comma before one, two or four digits is a decimal comma; before three it could be thousands as well and is
    /// refused.</param>
    /// <param name="assumed">The measure meant when the text names none.</param>
    /// <param name="known">The measures to choose from; null for every one there is.</param>
    /// <returns>The quantity, or what is wrong with the text, under the field <c>text</c>.</returns>
    public static Reading<Quantity> Read(string? text, Measure assumed, IReadOnlyList<Measure>? known = null)
    {
        var example =
            $"a number from 0 to {Say(assumed.Most)} in {assumed.Plural}, or with another measure such as '2 fl oz'";
        var given = text?.Trim() ?? "";
        if (given.Length == 0)
        {
            return Problem.At("text", "", "Nothing is entered.", example);
        }

        var match = Shape().Match(given);
        if (!match.Success)
        {
            return Problem.At("text", given, $"'{Problem.Shorten(given)}' is not a quantity.", example);
        }

        var digits = match.Groups["number"].Value;
        if (ThousandsOrDecimal().IsMatch(digits))
        {
            return Problem.At(
                "text",
                given,
                $"'{digits}' could be {digits.Replace(",", "", StringComparison.Ordinal)} or {digits.Replace(',', '.')}.",
                "a number without a comma"
            );
        }

        var amount = SpokenNumber.Read(digits);
        if (double.IsNaN(amount) || double.IsInfinity(amount) || digits.EndsWith("/0", StringComparison.Ordinal))
        {
            return Problem.At("text", given, $"'{Problem.Shorten(given)}' is not a quantity.", example);
        }

        if (match.Groups["sign"].Value.Length > 0 && amount != 0)
        {
            return Problem.At("text", given, $"'{Problem.Shorten(given)}' is less than nothing.", example);
        }

        var words = match.Groups["measure"].Value;
        var measure = words.Length == 0 ? assumed : Measure.FindSpoken(words);
        if (measure is null)
        {
            return Problem.At(
                "text",
                given,
                $"'{Problem.Shorten(words)}' is not a measure this bar knows.",
                string.Join(", ", (known ?? Measure.All).Select(measure => measure.Symbol))
            );
        }

        return amount <= measure.Most
            ? Reading<Quantity>.Of(new Quantity(amount, measure))
            : Problem.At(
                "text",
                given,
                $"'{Problem.Shorten(given)}' is more than any cup takes.",
                $"a number from 0 to {Say(measure.Most)} in {measure.Plural}"
            );
    }

    private static string Say(double number) => number.ToString(CultureInfo.InvariantCulture);

    [GeneratedRegex(
        @"^(?<sign>[-−])?\s*(?<number>" + SpokenNumber.Pattern + @")\s*(?<measure>\p{L}[\p{L} .-]{0,40})?$",
        RegexOptions.CultureInvariant | RegexOptions.IgnoreCase
    )]
    private static partial Regex Shape();

    [GeneratedRegex(@"^[0-9]+,[0-9]{3}$", RegexOptions.CultureInvariant)]
    private static partial Regex ThousandsOrDecimal();
}
