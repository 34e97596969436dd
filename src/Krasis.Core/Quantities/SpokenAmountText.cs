using System.Globalization;
using System.Text.RegularExpressions;
using Krasis.Core.Input;

namespace Krasis.Core.Quantities;

/// <summary>Reads how much, as somebody typed it.</summary>
public static partial class SpokenAmountText
{
    private static readonly string[] Ordinals = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth"];

    /// <summary>Reads <paramref name="text"/>.</summary>
    /// <param name="text">A quantity as <see cref="QuantityText"/> takes it, twice if need be (<c>2 strokes = 15 ml</c>), or
    /// <c>to 62 mm</c>, <c>to the second line</c>, <c>to line 2</c>, <c>to the milk line</c>, <c>1:6</c>.</param>
    /// <param name="assumed">The measure meant when the text names none.</param>
    /// <param name="known">The measures to choose from; null for every one there is.</param>
    /// <returns>What was said, or what is wrong with the text, under the field <c>text</c>.</returns>
    public static Reading<SpokenAmount> Read(string? text, Measure assumed, IReadOnlyList<Measure>? known = null)
    {
        var given = text?.Trim() ?? "";
        if (To().Match(given) is { Success: true } to)
        {
            return ReadTarget(given, to.Groups["target"].Value);
        }

        if (Parts().Match(given) is { Success: true } ratio)
        {
            var parts = Number(ratio.Groups["parts"].Value);
            return parts is > 0 and <= 100
                ? Reading<SpokenAmount>.Of(new SpokenAmount.Ratio(parts))
                : Problem.At("text", given, $"1 : {ratio.Groups["parts"].Value} is no ratio of coffee to milk.", "1 : a number above 0, at most 100");
        }

        if (Twice().Match(given) is { Success: true } pair)
        {
            var first = QuantityText.Read(pair.Groups["first"].Value, assumed, known);
            var second = QuantityText.Read(pair.Groups["second"].Value, assumed, known);
            return first.IsRead && second.IsRead
                ? Reading<SpokenAmount>.Of(new SpokenAmount.Plain(first.Value, second.Value))
                : Reading<SpokenAmount>.Failed([.. first.Problems, .. second.Problems]);
        }

        var once = QuantityText.Read(given, assumed, known);
        return once.IsRead
            ? Reading<SpokenAmount>.Of(new SpokenAmount.Plain(once.Value, null))
            : Reading<SpokenAmount>.Failed(once.Problems);
    }

    private static Reading<SpokenAmount> ReadTarget(string given, string target)
    {
        if (Height().Match(target) is { Success: true } height)
        {
            var mm = Number(height.Groups["number"].Value) * (height.Groups["unit"].Value.Equals("cm", StringComparison.OrdinalIgnoreCase) ? 10 : 1);
            return mm is > 0 and <= 400
                ? Reading<SpokenAmount>.Of(new SpokenAmount.FillTo(Millimetres.From(mm)))
                : Problem.At("text", given, $"No cup is filled to {mm.ToString("0.#", CultureInfo.InvariantCulture)} mm.", "a height from 0 to 400 mm");
        }

        if (Counted().Match(target) is { Success: true } counted)
        {
            return Reading<SpokenAmount>.Of(new SpokenAmount.FillToLine(int.Parse(counted.Groups["number"].Value, CultureInfo.InvariantCulture), null));
        }

        if (Named().Match(target) is { Success: true } named)
        {
            var name = named.Groups["name"].Value;
            var ordinal = Array.FindIndex(Ordinals, word => word.Equals(name, StringComparison.OrdinalIgnoreCase));
            return Reading<SpokenAmount>.Of(ordinal >= 0 ? new SpokenAmount.FillToLine(ordinal + 1, null) : new SpokenAmount.FillToLine(null, name));
        }

        return Problem.At("text", given, $"'{Problem.Shorten(target)}' is nothing that a cup can be filled to.", "a height such as 'to 62 mm', or a printed line such as 'to the second line'");
    }

    private static double Number(string digits) =>
        double.TryParse(digits.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number) ? number : double.NaN;

    [GeneratedRegex(@"^(?:fill\s+|up\s+)?to\s+(?<target>.{1,80})$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex To();

    [GeneratedRegex(@"^1\s*:\s*(?<parts>\d{1,6}(?:[.,]\d{1,6})?)$", RegexOptions.CultureInvariant)]
    private static partial Regex Parts();

    [GeneratedRegex(@"^(?<first>.{1,60}?)\s*(?:=|\bor\b|\()\s*(?<second>[^()=]{1,60}?)\s*\)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Twice();

    [GeneratedRegex(@"^(?<number>\d{1,4}(?:[.,]\d{1,4})?)\s*(?<unit>mm|cm)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Height();

    [GeneratedRegex(@"^(?:the\s+)?line\s+(?<number>\d{1,2})$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Counted();

    [GeneratedRegex(@"^(?:the\s+)?(?<name>.{1,60}?)\s+line$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Named();
}
