using System.Text.RegularExpressions;
using Krasis.Recipes.Grammar;

namespace Krasis.Recipes;

/// <summary>Finds the recipes in a text: a notebook holds many.</summary>
internal static partial class RecipeSplitter
{
    private const int LongestTitle = 70;

    /// <summary>Takes a text's lines apart into recipes.</summary>
    /// <param name="lines">The lines.</param>
    /// <returns>For each recipe the place of its first line, the place behind its last, and the place of its title
    /// among the lines, or -1.</returns>
    public static IReadOnlyList<(int From, int To, int Title)> Split(IReadOnlyList<TextLine> lines)
    {
        var level = lines
            .Where(line => line.Level > 0 && !IsHead(line))
            .Select(line => line.Level)
            .DefaultIfEmpty(0)
            .Min();
        var titles = Enumerable
            .Range(0, lines.Count)
            .Where(i => level > 0 ? lines[i].Level == level && !IsHead(lines[i]) : IsTitled(lines, i))
            .ToList();
        if (titles.Count == 0)
        {
            titles = Loose(lines);
        }

        var first = Enumerable.Range(0, lines.Count).FirstOrDefault(i => !lines[i].IsBlank && !lines[i].IsRule, -1);
        if (first < 0)
        {
            return [];
        }

        var recipes = new List<(int From, int To, int Title)>();
        if (titles.Count == 0 || titles[0] > first)
        {
            var to = titles.Count == 0 ? lines.Count : titles[0];

            // What stands before the first title belongs to it, unless it says how to make something.
            if (titles.Count == 0 || HasAmounts(lines, first, to))
            {
                recipes.Add((0, to, MayBeTitle(lines[first], isFirst: true) ? first : -1));
            }
            else
            {
                recipes.Add((0, titles.Count > 1 ? titles[1] : lines.Count, titles[0]));
                titles.RemoveAt(0);
            }
        }

        for (var i = 0; i < titles.Count; i++)
        {
            recipes.Add(
                (recipes.Count == 0 ? 0 : titles[i], i + 1 < titles.Count ? titles[i + 1] : lines.Count, titles[i])
            );
        }

        return recipes;
    }

    /// <summary>Whether a line heads a section of a recipe.</summary>
    public static bool IsHead(TextLine line) => Vocabulary.Heads.ContainsKey(line.Head);

    /// <summary>What a line says of the name, where it says that it is one: <c>Name: …</c>.</summary>
    public static Match Named(TextLine line) => NameLine().Match(line.Text);

    // Underlined, or said to be a name.
    private static bool IsTitled(IReadOnlyList<TextLine> lines, int i) =>
        !lines[i].IsBlank
        && !lines[i].IsRule
        && !IsHead(lines[i])
        && (
            Named(lines[i]).Success
            || (
                i + 1 < lines.Count
                && lines[i + 1].IsRule
                && lines[i + 1].Text[0] is '='
                && lines[i].Text.Length <= LongestTitle
            )
        );

    // A short line that says no amount, after a blank one or a rule, before a line that does.
    private static List<int> Loose(IReadOnlyList<TextLine> lines)
    {
        var titles = new List<int>();
        var since = 0;
        for (var i = 0; i < lines.Count; i++)
        {
            if (
                lines[i].IsBlank
                || lines[i].IsRule
                || !MayBeTitle(lines[i])
                || (i > 0 && !lines[i - 1].IsBlank && !lines[i - 1].IsRule)
            )
            {
                continue;
            }

            var next = Enumerable
                .Range(i + 1, lines.Count - i - 1)
                .FirstOrDefault(at => !lines[at].IsBlank && !lines[at].IsRule, -1);
            if (
                next > 0
                && (HasAmounts(lines, next, next + 1) || IsHead(lines[next]))
                && (titles.Count == 0 ? !HasAmounts(lines, 0, i) : HasAmounts(lines, since, i))
            )
            {
                titles.Add(i);
                since = i;
            }
        }

        return titles.Count > 1 ? titles : [];
    }

    private static bool MayBeTitle(TextLine line, bool isFirst = false)
    {
        if (
            line.Text.Length > LongestTitle
            || line.IsItem
            || IsHead(line)
            || line.Text.EndsWith('.')
            || line.Text.EndsWith(',')
            || line.Text.Contains('\t', StringComparison.Ordinal)
            || line.Text.Contains('|', StringComparison.Ordinal)
        )
        {
            return false;
        }

        var bits = line.Bits();
        return bits.Any(bit => bit is Bit.Word)
            && !bits.Any(bit =>
                bit
                    is Bit.To
                        or Bit.Pulled
                        or Bit.Ratio
                        or Bit.Series
                        or Bit.Between { Token: RecipeToken.Plus or RecipeToken.Semicolon }
            )
            && bits.Count(bit => bit is Bit.Between { Token: RecipeToken.Comma }) <= (isFirst ? 1 : 0)
            && (isFirst || !bits.Any(bit => bit is Bit.Doubt))
            && !bits.Any(bit =>
                bit is Bit.Amount { Quantity.Measure: var measure }
                && (measure.Kind != Core.Quantities.MeasureKind.Volume && measure.Code != "oz")
            )
            && !bits.Where(
                    (bit, i) =>
                        bit is Bit.Bare
                        && !(
                            isFirst
                            && (
                                char.IsLetter(bit.Said[0])
                                || (
                                    i > 0
                                    && bits[i - 1].Said.ToLowerInvariant()
                                        is "card"
                                            or "no"
                                            or "number"
                                            or "recipe"
                                            or "version"
                                            or "drink"
                                            or "#"
                                )
                            )
                        )
                )
                .Any()
            && bits.Count(bit => bit is Bit.Amount) <= 1
            && bits[0] is not Bit.Amount
            && (isFirst || bits[0] is not Bit.Deed);
    }

    private static bool HasAmounts(IReadOnlyList<TextLine> lines, int from, int to) =>
        lines
            .Skip(from)
            .Take(to - from)
            .Any(line =>
                line.Bits()
                    .Any(bit =>
                        bit
                            is Bit.Amount
                                or Bit.To
                                or Bit.Pulled
                                or Bit.Bare
                                or Bit.Deed { Does: Doing.Fill or Doing.Add }
                    )
            );

    [GeneratedRegex(
        @"^(?:title|name|recipe|drink)\s*[:=]\s*(?<name>\S.{0,119})$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex NameLine();
}
