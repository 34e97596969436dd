using System.Globalization;
using System.Text.RegularExpressions;
using Krasis.Core.Input;

namespace Krasis.Core.Quantities;

/// <summary>Reads how much, as somebody typed it.</summary>
public static partial class SpokenAmountText
{
    private const string MarksAccepted =
        "a height such as 'to 62 mm', a volume such as 'to 120 ml', a share such as 'to ¾', 'to the top', 'to the brim', or a printed line such as 'to the second line'";

    private static readonly Dictionary<string, double> SharesInWords = new(StringComparer.Ordinal)
    {
        ["a quarter"] = 0.25,
        ["one quarter"] = 0.25,
        ["quarter"] = 0.25,
        ["1/4"] = 0.25,
        ["a third"] = 1.0 / 3,
        ["one third"] = 1.0 / 3,
        ["1/3"] = 1.0 / 3,
        ["half"] = 0.5,
        ["a half"] = 0.5,
        ["halfway"] = 0.5,
        ["1/2"] = 0.5,
        ["two thirds"] = 2.0 / 3,
        ["2/3"] = 2.0 / 3,
        ["three quarters"] = 0.75,
        ["3/4"] = 0.75,
    };

    // What is said of what stands there, without a measure.
    private static readonly Dictionary<string, double> Relative = new(StringComparer.OrdinalIgnoreCase)
    {
        ["half"] = 0.5,
        ["half of it"] = 0.5,
        ["half as much"] = 0.5,
        ["double"] = 2,
        ["twice"] = 2,
        ["twice as much"] = 2,
        ["triple"] = 3,
    };

    // The same words are numbers where shots are counted: a double is two of them, whatever stands there.
    private static readonly Dictionary<string, double> Counted = new(StringComparer.OrdinalIgnoreCase)
    {
        ["single"] = 1,
        ["double"] = 2,
        ["triple"] = 3,
    };

    private static readonly string[] Ordinals =
    [
        "first",
        "second",
        "third",
        "fourth",
        "fifth",
        "sixth",
        "seventh",
        "eighth",
    ];

    /// <summary>Reads <paramref name="text"/>.</summary>
    /// <param name="text">A quantity as <see cref="QuantityText"/> takes it, twice if need be (<c>2 strokes = 15
    /// ml</c>), or <c>to 62 mm</c>, <c>to the second line</c>, <c>to line 2</c>, <c>to the milk line</c>, <c>fill</c>,
    /// <c>1:6</c>; <c>half</c> and <c>double</c> of what stands there, or a <c>single</c>, <c>double</c> and
    /// <c>triple</c> where shots are counted.</param>
    /// <param name="assumed">The measure meant when the text names none.</param>
    /// <param name="known">The measures to choose from; null for every one there is.</param>
    /// <returns>What was said, or what is wrong with the text, under the field <c>text</c>.</returns>
    public static Reading<SpokenAmount> Read(string? text, Measure assumed, IReadOnlyList<Measure>? known = null)
    {
        var given = text?.Trim() ?? "";
        if (To().Match(given) is { Success: true } to)
        {
            var mark = ReadTarget(given, to.Groups["target"].Value.Trim());
            return mark.IsRead
                ? Reading<SpokenAmount>.Of(new SpokenAmount.FillTo(mark.Value))
                : Reading<SpokenAmount>.Failed(mark.Problems);
        }

        if (Fill().IsMatch(given))
        {
            return Reading<SpokenAmount>.Of(new SpokenAmount.FillTo(new Mark.Top()));
        }

        if (
            Counted.TryGetValue(given, out var count)
            && (
                assumed.Kind == MeasureKind.Shot
                || (count == 1 && assumed.Kind is MeasureKind.Stroke or MeasureKind.Piece)
            )
        )
        {
            return Reading<SpokenAmount>.Of(new SpokenAmount.Plain(new Quantity(count, assumed), null));
        }

        if (Relative.TryGetValue(given, out var factor))
        {
            return Reading<SpokenAmount>.Of(new SpokenAmount.Times(factor));
        }

        if (Parts().Match(given) is { Success: true } ratio)
        {
            var parts = Number(ratio.Groups["parts"].Value);
            return parts is > 0 and <= 100
                ? Reading<SpokenAmount>.Of(new SpokenAmount.Ratio(parts))
                : Problem.At(
                    "text",
                    given,
                    $"1 : {ratio.Groups["parts"].Value} is no ratio of coffee to milk.",
                    "1 : a number above 0, at most 100"
                );
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

    /// <summary>Reads a mark: what stands behind "to".</summary>
    /// <param name="text">Such as <c>to the milk line</c>, <c>to 62 mm</c>, <c>to 120 ml</c>, <c>to ¾</c>, <c>to the
    /// top</c>, <c>to the brim</c>.</param>
    /// <returns>The mark, or what is wrong with the text, under the field <c>text</c>.</returns>
    public static Reading<Mark> ReadMark(string? text)
    {
        var given = text?.Trim() ?? "";
        return To().Match(given) is { Success: true } to
            ? ReadTarget(given, to.Groups["target"].Value.Trim())
            : Problem.At("text", given, $"'{Problem.Shorten(given)}' is not a mark.", MarksAccepted);
    }

    private static Reading<Mark> ReadTarget(string given, string target)
    {
        if (Length().Match(target) is { Success: true } height)
        {
            var mm =
                Number(height.Groups["number"].Value)
                * (height.Groups["unit"].Value.Equals("cm", StringComparison.OrdinalIgnoreCase) ? 10 : 1);
            return mm is > 0 and <= 400
                ? Reading<Mark>.Of(new Mark.Height(Millimetres.From(mm)))
                : Problem.At("text", given, $"No cup is filled to {Say.Short(mm)} mm.", "a height from 0 to 400 mm");
        }

        if (Named(target, Top()) is not null)
        {
            return Reading<Mark>.Of(new Mark.Top());
        }

        if (Named(target, Brim()) is not null)
        {
            return Reading<Mark>.Of(new Mark.Brim());
        }

        if (LineCounted().Match(target) is { Success: true } counted)
        {
            return Reading<Mark>.Of(
                new Mark.Line(int.Parse(counted.Groups["number"].Value, CultureInfo.InvariantCulture), null)
            );
        }

        if (OnlyLine().IsMatch(target))
        {
            return Reading<Mark>.Of(new Mark.Line(1, null));
        }

        if (Named(target, LineNamed()) is { } name)
        {
            var ordinal = Array.FindIndex(Ordinals, word => word.Equals(name, StringComparison.OrdinalIgnoreCase));
            return Reading<Mark>.Of(ordinal >= 0 ? new Mark.Line(ordinal + 1, null) : new Mark.Line(null, name));
        }

        if (ShareOf(target) is { } share)
        {
            return share is > 0 and <= 1
                ? Reading<Mark>.Of(new Mark.Share(share))
                : Problem.At(
                    "text",
                    given,
                    $"{Say.Short(share * 100)} % of a cup is not in it.",
                    "a share above 0, at most 100 %"
                );
        }

        var volume = QuantityText.Read(
            target,
            Measure.Millilitre,
            [.. Measure.All.Where(measure => measure.Kind == MeasureKind.Volume)]
        );
        return
            volume is { IsRead: true, Value: { Measure.Kind: MeasureKind.Volume, Amount: > 0 } quantity }
            && target.Any(char.IsLetter)
            ? Reading<Mark>.Of(new Mark.Volume(quantity.Measure.ToMillilitres(quantity.Amount)))
            : Problem.At(
                "text",
                given,
                $"'{Problem.Shorten(target)}' is nothing that a cup can be filled to.",
                MarksAccepted
            );
    }

    // ¾, 3/4, three quarters, half, 75 %, of the cup or the glass if need be.
    private static double? ShareOf(string target)
    {
        var bare = OfTheCup().Replace(target, "").Trim();
        if (Percent().Match(bare) is { Success: true } percent)
        {
            return Number(percent.Groups["number"].Value) / 100;
        }

        return SharesInWords.TryGetValue(bare.ToLowerInvariant(), out var words)
            ? words
            : Mark.SharesSaid.Where(known => known.Says == bare).Select(known => (double?)known.Value).FirstOrDefault();
    }

    private static string? Named(string target, Regex pattern) =>
        pattern.Match(target) is { Success: true } match
            ? (match.Groups["name"] is { Success: true } name ? name.Value : "")
            : null;

    private static double Number(string digits) =>
        double.TryParse(
            digits.Replace(',', '.'),
            NumberStyles.AllowDecimalPoint,
            CultureInfo.InvariantCulture,
            out var number
        )
            ? number
            : double.NaN;

    [GeneratedRegex(
        @"^(?:(?:fill\s+)?(?:up\s+)?to\s+)(?<target>.{1,80})$",
        RegexOptions.CultureInvariant | RegexOptions.IgnoreCase
    )]
    private static partial Regex To();

    [GeneratedRegex(
        @"^(?:fill|fill\s+(?:it\s+)?up|top\s+(?:it\s+)?up|fill\s+(?:the\s+)?(?:cup|glass))$",
        RegexOptions.CultureInvariant | RegexOptions.IgnoreCase
    )]
    private static partial Regex Fill();

    [GeneratedRegex(@"^1\s*:\s*(?<parts>[0-9]{1,6}(?:[.,][0-9]{1,6})?)$", RegexOptions.CultureInvariant)]
    private static partial Regex Parts();

    [GeneratedRegex(
        @"^(?<first>.{1,60}?)\s*(?:=|\bor\b|\()\s*(?<second>[^()=]{1,60}?)\s*\)?$",
        RegexOptions.CultureInvariant | RegexOptions.IgnoreCase
    )]
    private static partial Regex Twice();

    [GeneratedRegex(
        @"^(?<number>[0-9]{1,4}(?:[.,][0-9]{1,4})?)\s*(?<unit>mm|cm)$",
        RegexOptions.CultureInvariant | RegexOptions.IgnoreCase
    )]
    private static partial Regex Length();

    [GeneratedRegex(
        @"^(?:the\s+)?line\s+(?<number>[0-9]{1,2})$",
        RegexOptions.CultureInvariant | RegexOptions.IgnoreCase
    )]
    private static partial Regex LineCounted();

    // Of a cup with one line: who has several counts or names them.
    [GeneratedRegex(@"^the\s+line$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OnlyLine();

    [GeneratedRegex(@"^(?:the\s+)?(?<name>.{1,60}?)\s+line$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex LineNamed();

    [GeneratedRegex(@"^(?:the\s+)?top$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Top();

    [GeneratedRegex(@"^(?:the\s+)?(?:brim|rim|lip)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Brim();

    [GeneratedRegex(@"^(?<number>[0-9]{1,3}(?:[.,][0-9]{1,2})?)\s*%$", RegexOptions.CultureInvariant)]
    private static partial Regex Percent();

    [GeneratedRegex(@"\s+(?:full|of\s+the\s+(?:cup|glass))$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OfTheCup();
}
