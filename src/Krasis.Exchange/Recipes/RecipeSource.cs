using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using Krasis.Core.Input;

namespace Krasis.Exchange.Recipes;

/// <summary>Makes one text of what recipes come in: text, Markdown, CSV, workbooks, schema.org's linked data, and saved
/// pages that hold it.</summary>
public static partial class RecipeSource
{
    private const int MostRows = 5_000,
        MostSheets = 50,
        Deepest = 40;

    /// <summary>What can be sent, in words.</summary>
    public const string Accepted = "a text, Markdown, CSV, XLSX, JSON-LD, or a saved web page with a recipe in it";

    /// <summary>Reads a file.</summary>
    /// <param name="bytes">The file.</param>
    /// <param name="name">What it is called; its ending decides where the bytes do not.</param>
    /// <returns>The text, or why there is none, under the field <c>file</c>.</returns>
    public static Reading<string> Read(byte[] bytes, string? name)
    {
        if (Workbook.Is(bytes))
        {
            return Workbook.Read(bytes, MostRows, MostSheets) is { } sheets
                ? Reading<string>.Of(
                    string.Join(
                        "\n",
                        sheets
                            .Where(sheet => sheet.Rows.Count > 0)
                            .Select(sheet => $"# {sheet.Name}\n{Table(sheet.Rows)}")
                    )
                )
                : Problem.At("file", name, "It cannot be read as a workbook, or is too large.", Accepted);
        }

        if (
            bytes.AsSpan(0, Math.Min(bytes.Length, 4096)).Contains((byte)0)
            && bytes is not ([0xFF, 0xFE, ..] or [0xFE, 0xFF, ..])
        )
        {
            return Problem.At("file", name, "It is no text.", Accepted);
        }

        var text = Decoded(bytes);
        return name?.EndsWith(".csv", StringComparison.OrdinalIgnoreCase) == true
            ? Reading<string>.Of(Table([.. Delimited.Read(text, MostRows).Select(row => row.Cells)]))
            : Read(text);
    }

    /// <summary>Reads what was pasted: linked data and pages are taken apart, any other text stays as it is.</summary>
    public static Reading<string> Read(string text)
    {
        var start = text.AsSpan().TrimStart();
        if (start is ['{', ..] or ['[', '{', ..])
        {
            return FromLinked([text]) is { } told
                ? Reading<string>.Of(told)
                : Problem.At(
                    "file",
                    Problem.Shorten(text),
                    "It is no linked data, or has no recipe in it.",
                    "JSON-LD with a Recipe of schema.org in it"
                );
        }

        if (
            start.StartsWith("<!doctype html", StringComparison.OrdinalIgnoreCase)
            || start.StartsWith("<html", StringComparison.OrdinalIgnoreCase)
            || start.StartsWith("<script", StringComparison.OrdinalIgnoreCase)
        )
        {
            return
                FromLinked([
                    .. Scripts().Matches(text).Select(match => WebUtility.HtmlDecode(match.Groups["json"].Value)),
                ])
                    is { } told
                ? Reading<string>.Of(told)
                : Problem.At(
                    "file",
                    Problem.Shorten(text),
                    "The page has no recipe in it that a program can read.",
                    "the text of the page, copied and pasted"
                );
        }

        return Reading<string>.Of(text);
    }

    // Windows' code page is what old programs on counters write; what is no UTF-8 is taken for its Western letters.
    private static string Decoded(byte[] bytes)
    {
        if (bytes is [0xFF, 0xFE, ..])
        {
            return Encoding.Unicode.GetString(bytes, 2, bytes.Length - 2);
        }

        if (bytes is [0xFE, 0xFF, ..])
        {
            return Encoding.BigEndianUnicode.GetString(bytes, 2, bytes.Length - 2);
        }

        try
        {
            return new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(bytes).TrimStart('\uFEFF');
        }
        catch (DecoderFallbackException)
        {
            return Encoding.Latin1.GetString(bytes);
        }
    }

    // A cell is a cell: what parts cells and rows cannot be in one.
    private static string Table(IReadOnlyList<IReadOnlyList<string>> rows) =>
        string.Join(
            '\n',
            rows.Select(row =>
            {
                var cells = row.Select(cell => SafeText.Back(Breaks().Replace(cell, " ").Trim())).ToList();
                while (cells.Count > 0 && cells[^1].Length == 0)
                {
                    cells.RemoveAt(cells.Count - 1);
                }

                return string.Join('\t', cells);
            })
        );

    private static string? FromLinked(IReadOnlyList<string> documents)
    {
        var told = new List<string>();
        foreach (var document in documents)
        {
            try
            {
                using var json = JsonDocument.Parse(
                    document,
                    new JsonDocumentOptions
                    {
                        MaxDepth = Deepest,
                        AllowTrailingCommas = true,
                        CommentHandling = JsonCommentHandling.Skip,
                    }
                );
                Recipes(json.RootElement, told);
            }
            catch (JsonException)
            {
                // One of a page's scripts may be broken, and another be the recipe's.
            }
        }

        return told.Count == 0 ? null : string.Join("\n\n", told);
    }

    private static void Recipes(JsonElement element, List<string> told)
    {
        if (element.ValueKind == JsonValueKind.Array)
        {
            foreach (var one in element.EnumerateArray())
            {
                Recipes(one, told);
            }
        }
        else if (element.ValueKind == JsonValueKind.Object)
        {
            if (
                element.TryGetProperty("@type", out var type)
                && Texts(type)
                    .Any(one =>
                        one is "Recipe" or "https://schema.org/Recipe" or "http://schema.org/Recipe" or "schema:Recipe"
                    )
            )
            {
                told.Add(Tell(element));
                return;
            }

            foreach (var property in element.EnumerateObject())
            {
                Recipes(property.Value, told);
            }
        }
    }

    private static string Tell(JsonElement recipe)
    {
        var lines = new List<string> { $"# {Texts(recipe, "name").FirstOrDefault() ?? "Recipe"}" };
        if (
            Texts(recipe, "recipeYield")
                .Select(text => Leading().Match(text).Value)
                .FirstOrDefault(number => number.Length > 0)
                is { } number
            && number != "1"
        )
        {
            lines.Add($"Serves {number}");
        }

        lines.Add("Ingredients");
        lines.AddRange(
            Texts(recipe, "recipeIngredient").Concat(Texts(recipe, "ingredients")).Select(text => $"- {text}")
        );
        var steps = recipe.TryGetProperty("recipeInstructions", out var instructions)
            ? Steps(instructions).ToList()
            : [];
        if (steps.Count > 0)
        {
            lines.Add("Method");
            lines.AddRange(steps.Select((step, i) => string.Create(CultureInfo.InvariantCulture, $"{i + 1}. {step}")));
        }

        return string.Join('\n', lines);
    }

    private static IEnumerable<string> Steps(JsonElement element) =>
        element.ValueKind switch
        {
            JsonValueKind.String => Plain(element.GetString()!)
                .Split('\n')
                .Select(line => line.Trim())
                .Where(line => line.Length > 0),
            JsonValueKind.Array => element.EnumerateArray().SelectMany(Steps),
            JsonValueKind.Object when element.TryGetProperty("itemListElement", out var inner) => Steps(inner),
            JsonValueKind.Object when element.TryGetProperty("text", out var text) => Steps(text),
            JsonValueKind.Object when element.TryGetProperty("name", out var name) => Steps(name),
            _ => [],
        };

    private static IEnumerable<string> Texts(JsonElement of, string property) =>
        of.TryGetProperty(property, out var value) ? Texts(value) : [];

    private static IEnumerable<string> Texts(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.String => [Breaks().Replace(Plain(value.GetString()!), " ").Trim()],
            JsonValueKind.Number => [value.GetRawText()],
            JsonValueKind.Array => value.EnumerateArray().SelectMany(Texts),
            _ => [],
        };

    // Pages write signs, and even tags, into their data.
    private static string Plain(string text) => Tags().Replace(WebUtility.HtmlDecode(text), " ");

    [GeneratedRegex(
        @"<script[^>]{0,400}application/ld\+json[^>]{0,400}>(?<json>.*?)</script>",
        RegexOptions.IgnoreCase | RegexOptions.Singleline | RegexOptions.CultureInvariant
    )]
    private static partial Regex Scripts();

    [GeneratedRegex("<[^<>]{1,200}>", RegexOptions.CultureInvariant)]
    private static partial Regex Tags();

    [GeneratedRegex(@"[\r\n\t]+", RegexOptions.CultureInvariant)]
    private static partial Regex Breaks();

    [GeneratedRegex("^[0-9]{1,3}", RegexOptions.CultureInvariant)]
    private static partial Regex Leading();
}
