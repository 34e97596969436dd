using System.Text.RegularExpressions;
using Krasis.Recipes.Grammar;

namespace Krasis.Recipes;

/// <summary>A line of a text, without what stands before it to be looked at: bullets, numbers of steps, signs of
/// heads.</summary>
/// <param name="Start">Where its words begin in the text.</param>
/// <param name="Text">Its words.</param>
/// <param name="LineStart">Where it begins with all that.</param>
internal sealed partial record TextLine(int Start, string Text, int LineStart)
{
    /// <summary>Whether nothing is in it.</summary>
    public bool IsBlank => Text.Length == 0;

    /// <summary>How deep a head it is, 1 to 6; 0 where it is none.</summary>
    public int Level { get; private init; }

    /// <summary>Whether it stands in a list or among steps.</summary>
    public bool IsItem { get; private init; }

    /// <summary>Whether it is a rule across the page, or underlines what is above it.</summary>
    public bool IsRule => Rule().IsMatch(Text);

    /// <summary>What it says as a head: without the colon and the stars around it.</summary>
    public string Head => Text.Trim('*', '_', ' ', ':', '#', '.');

    /// <summary>Where it ends.</summary>
    public int End => Start + Text.Length;

    /// <summary>The lines of a text.</summary>
    public static IReadOnlyList<TextLine> Of(string text)
    {
        var lines = new List<TextLine>();
        for (var at = 0; at <= text.Length; )
        {
            var end = text.IndexOf('\n', at) is >= 0 and var next ? next : text.Length;
            var raw = text[at..end];
            var before = Before().Match(raw);
            var words = raw[before.Length..].TrimEnd();
            lines.Add(
                new TextLine(at + before.Length, words, at)
                {
                    Level = before.Groups["head"].Success ? before.Groups["head"].Length : 0,
                    IsItem = before.Groups["item"].Success,
                }
            );
            at = end + 1;
        }

        return lines;
    }

    /// <summary>Its sentences, each with where it begins: what is said of one is not said of the next.</summary>
    public IEnumerable<(int Start, string Text)> Sentences()
    {
        var at = 0;
        foreach (Match end in SentenceEnd().Matches(Text))
        {
            yield return (Start + at, Text[at..end.Index]);
            at = end.Index;
        }

        yield return (Start + at, Text[at..]);
    }

    /// <summary>What its bits are.</summary>
    public IReadOnlyList<Bit> Bits() => Text.Length > 400 ? [] : BitGrammar.Read(Text);

    [GeneratedRegex(
        @"^\s*(?:(?<head>\#{1,6})\s+)?(?<item>(?:[-*•·▪◦–—]|\d{1,2}[.)]|\(\d{1,2}\)|\[[ xX]?\]|step\s+\d{1,2}\s*[:.)–-]?)\s+)*",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Before();

    [GeneratedRegex(@"^(?:[-=_*~]\s?){3,}$", RegexOptions.CultureInvariant)]
    private static partial Regex Rule();

    [GeneratedRegex(@"(?<=\p{L}{3}[.!?])(?=\s+\p{Lu})", RegexOptions.CultureInvariant)]
    private static partial Regex SentenceEnd();
}
