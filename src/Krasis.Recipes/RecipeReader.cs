using System.Text.RegularExpressions;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Recipes.Drafting;
using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes;

/// <summary>Reads recipes as people write them, in English.</summary>
public static partial class RecipeReader
{
    /// <summary>The longest text that is read at once, in characters: a notebook of some hundred recipes.</summary>
    public const int LongestText = 200_000;

    /// <summary>The most recipes that are read at once.</summary>
    public const int MostRecipes = 200;

    // Longer sentences are not of recipes.
    private const int LongestSentence = 600;

    /// <summary>Reads the recipes in a text.</summary>
    /// <param name="text">The text.</param>
    /// <param name="bar">The bar whose ingredients and cups they are to be made with.</param>
    /// <param name="choices">What somebody has said that names in them mean.</param>
    /// <returns>The recipes, in the order in which they stand; together their texts are the whole.</returns>
    /// <exception cref="ArgumentException">The text is longer than <see cref="LongestText"/>, or the bar cannot be
    /// read.</exception>
    public static IReadOnlyList<ReadRecipe> Read(string text, BarDocument bar, IReadOnlyList<NameChoice> choices)
    {
        ArgumentOutOfRangeException.ThrowIfGreaterThan(text.Length, LongestText, nameof(text));
        var facts = BarReader.Read(bar) is { IsRead: true } reading
            ? reading.Value
            : throw new ArgumentException("The bar cannot be read.", nameof(bar));
        var lines = TextLine.Of(text);
        var recipes = RecipeSplitter.Split(lines);
        return
        [
            .. recipes
                .Take(MostRecipes)
                .Select(
                    (recipe, i) =>
                    {
                        var start = lines[recipe.From].LineStart;
                        var end = i + 1 < recipes.Count ? lines[recipes[i + 1].From].LineStart : text.Length;
                        return One(
                            text,
                            [.. lines.Skip(recipe.From).Take(recipe.To - recipe.From)],
                            recipe.Title - recipe.From,
                            start,
                            end,
                            new Drafted(bar, facts, choices)
                        );
                    }
                ),
        ];
    }

    private static ReadRecipe One(
        string text,
        IReadOnlyList<TextLine> lines,
        int title,
        int start,
        int end,
        Drafted draft
    )
    {
        var marking = new Marking(text);
        var interpreter = new LineInterpreter(draft, marking);
        var tables = new TableReader(draft, marking);
        bool? again = false;
        for (var i = 0; i < lines.Count; i++)
        {
            var line = lines[i];
            marking.Mark(line.LineStart, line.Start, PieceKind.Between, null);
            if (line.IsBlank || line.IsRule)
            {
                marking.Mark(line.Start, line.End, PieceKind.Between, null);
            }
            else if (i == title)
            {
                Title(line, draft, marking);
            }
            else if (Vocabulary.Heads.TryGetValue(line.Head, out var head))
            {
                marking.Mark(line.Start, line.End, PieceKind.Between, null);
                again = head is true ? draft.Lines.Count > 0 : head;
            }
            else if (again is null)
            {
                marking.Mark(line.Start, line.End, PieceKind.Aside, "A note: it is not read.");
            }
            else if (Table.Of(lines, i, tables.IsHead) is { } table)
            {
                tables.Read(table, interpreter);
                i += table.Rows.Count - 1 + table.Rules;
            }
            else if (!Meta(line, draft, marking))
            {
                if (draft.Lines.Count == 0 && title < 0 && draft.Name is null && Behind(line, draft) is { } rest)
                {
                    marking.Mark(line.Start, rest.Start, PieceKind.Read, "the name");
                    line = rest;
                }

                foreach (var (at, sentence) in line.Sentences())
                {
                    if (sentence.Length > LongestSentence)
                    {
                        marking.Mark(
                            at,
                            at + sentence.Length,
                            PieceKind.NotUnderstood,
                            "So long a sentence is not read."
                        );
                    }
                    else
                    {
                        interpreter.Read(sentence, at, again.Value);
                    }
                }
            }
        }

        var build = DraftBuilder.Build(draft);
        return new ReadRecipe(
            start,
            end - start,
            marking.Tile(start, end),
            build,
            draft.Parts,
            draft.Assumed,
            draft.Unknown
        );
    }

    // The name, how it is served, and perhaps its size.
    private static void Title(TextLine line, Drafted draft, Marking marking)
    {
        var name = RecipeSplitter.Named(line) is { Success: true } named ? named.Groups["name"].Value : line.Text;
        string? doubt = null;
        if (
            SizeBehind().Match(name) is { Success: true } size
            && draft.Sizes.Find(size.Groups["size"].Value) is { } found
        )
        {
            draft.Speak(found.Cup.Id.Value);
            doubt = found.Doubt;
            name = name[..size.Index];
        }

        draft.Name = Plain().Replace(name, "").Trim(' ', ':', '-', '–', ',', '#', '.');
        foreach (var word in draft.Name.Split(' '))
        {
            draft.Serve = Surfaces.ServeOf(word) ?? draft.Serve;
        }

        marking.Mark(
            line.Start,
            line.End,
            doubt is null ? PieceKind.Read : PieceKind.Guessed,
            doubt ?? (draft.SizesSaid.Count > 0 ? "the name, and the size" : "the name")
        );
    }

    // "Maple mocha: 2 pumps maple, 20 g sauce": what stands before the colon is the name, unless it is a cup or goes
    // in.
    private static TextLine? Behind(TextLine line, Drafted draft)
    {
        if (NameBefore().Match(line.Text) is not { Success: true } match)
        {
            return null;
        }

        var (name, rest) = (
            match.Groups["name"].Value,
            line with
            {
                Start = line.Start + match.Length,
                Text = line.Text[match.Length..],
            }
        );
        var words = name.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        if (
            draft.Sizes.IsSize(name)
            || BitGrammar.Read(name).Any(bit => bit is Bit.Amount or Bit.Bare or Bit.To)
            || draft.Names.Find(words, _ => true) is [{ } only] && only.Count == words.Length
            || rest.Bits().Count(bit => bit is Bit.Amount or Bit.Bare or Bit.To or Bit.Pulled) < 2
        )
        {
            return null;
        }

        draft.Name = name.Trim();
        foreach (var word in words)
        {
            draft.Serve = Surfaces.ServeOf(word) ?? draft.Serve;
        }

        return rest;
    }

    private static bool Meta(TextLine line, Drafted draft, Marking marking)
    {
        if (Portions().Match(line.Head) is { Success: true } portions)
        {
            var isOne = portions.Groups["number"].Value.ToLowerInvariant() is "1" or "one" or "a";
            marking.Mark(
                line.Start,
                line.End,
                isOne ? PieceKind.Read : PieceKind.NotUnderstood,
                isOne ? "one drink" : "The amounts are read as of one drink. Divide them."
            );
            return true;
        }

        if (SizeLine().Match(line.Text.Trim('*', '_')) is not { Success: true } sized)
        {
            return false;
        }

        var said = SizeParts().Split(sized.Groups["sizes"].Value).Where(part => part.Trim().Length > 0).ToList();

        // "8/12/16 oz": what it is of is said once.
        var unit = Unit().Match(said[^1]) is { Success: true } last ? last.Value : "";
        var found = said.ConvertAll(part => draft.Sizes.Find(part) ?? draft.Sizes.Find(part + unit));
        if (found.Exists(one => one is null))
        {
            marking.Mark(
                line.Start,
                line.End,
                PieceKind.NotUnderstood,
                "The bar has no cup that is called or sold as that."
            );
            return true;
        }

        foreach (var one in found)
        {
            draft.Speak(one!.Value.Cup.Id.Value);
        }

        draft.Size = found.Count == 1 ? draft.Size : DraftedLine.AnySize;
        var doubt = found.Find(one => one!.Value.Doubt is not null)?.Doubt;
        marking.Mark(
            line.Start,
            line.End,
            doubt is null ? PieceKind.Read : PieceKind.Guessed,
            doubt ?? string.Join(", ", found.Select(one => one!.Value.Cup.Name))
        );
        return true;
    }

    [GeneratedRegex(
        @"\s*(?:[-–(\[,:]\s*(?<size>[^-–(\[,:()\]]{1,40}?)\s*[)\]]?|\s(?<size>(?:[0-9]{1,3}(?:[.,][0-9])?\s?-?(?:oz|fl\.?\s?oz|ml)|small|medium|large|regular)(?:\s+(?:cup|glass|size))?))$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex SizeBehind();

    // Stars, and pictures.
    [GeneratedRegex(@"[*_`]|[\p{So}\p{Cs}\p{Sk}\u200d\ufe0f]", RegexOptions.CultureInvariant)]
    private static partial Regex Plain();

    [GeneratedRegex(@"^(?<name>[^:;,|\t]{3,60}):\s+(?=\S)", RegexOptions.CultureInvariant)]
    private static partial Regex NameBefore();

    [GeneratedRegex(
        @"^(?:serves|makes|servings?|yields?|portions?)\s*:?\s*(?:enough\s+for\s+)?(?<number>[0-9]{1,3}|an?|one|two|three|four|five|six)\b(?:\s+(?:drinks?|servings?|cups?|people|portions?|glass(?:es)?|persons?))?\s*\.?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Portions();

    [GeneratedRegex(
        @"^(?:sizes?|cups?|glass|glassware|vessel|served\s+in|serve\s+in)\s*[:=]\s*(?<sizes>\S.{0,119})$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex SizeLine();

    [GeneratedRegex(@"\s*(?:,|/|&|\band\b|;|\|)\s*", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex SizeParts();

    [GeneratedRegex(@"\s*(?:oz|fl\.?\s?oz|ml|cl)\.?$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Unit();
}
