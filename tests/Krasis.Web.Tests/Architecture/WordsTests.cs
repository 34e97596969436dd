using System.Runtime.CompilerServices;
using System.Text;
using System.Text.RegularExpressions;

namespace Krasis.Web.Tests.Architecture;

/// <summary>What people read is in a barista's words: no sentence of the program and no page says a word of
/// code.</summary>
public partial class WordsTests
{
    // What answers programs and not people: how requests are written, and the columns of a file.
    private static readonly string[] ForPrograms =
    [
        "BadRequests.cs",
        "PantryColumn.cs",
        "PantryJson.cs",
        "Transforming.cs",
    ];

    [Fact]
    public void No_sentence_of_the_program_has_a_word_of_code_in_it()
    {
        var sentences = Directory
            .EnumerateFiles(Source(), "*.cs", SearchOption.AllDirectories)
            .Where(path =>
                !path.Contains("/obj/", StringComparison.Ordinal)
                && !path.Contains("/bin/", StringComparison.Ordinal)
                && !ForPrograms.Contains(Path.GetFileName(path))
            )
            .SelectMany(path =>
                Sentences(File.ReadAllText(path)).Select(text => (Path: Path.GetFileName(path), Text: text))
            )
            .ToList();

        Assert.True(sentences.Count > 500, $"only {sentences.Count} sentences were found");
        Assert.Empty(
            sentences
                .Where(sentence => CodeWord().IsMatch(sentence.Text))
                .Select(sentence => $"{sentence.Path}: {sentence.Text}")
        );
    }

    [Fact]
    public void No_page_has_a_word_of_code_on_it()
    {
        var texts = Directory
            .EnumerateFiles(Path.Combine(Source(), "krasis-ui", "src"), "*.vue", SearchOption.AllDirectories)
            .SelectMany(path =>
                Texts(File.ReadAllText(path)).Select(text => (Path: Path.GetFileName(path), Text: text))
            )
            .ToList();

        Assert.True(texts.Count > 500, $"only {texts.Count} texts were found");
        Assert.Empty(texts.Where(text => CodeWord().IsMatch(text.Text)).Select(text => $"{text.Path}: {text.Text}"));
    }

    [Theory]
    [InlineData("The topDiameterMm is too much.", true)]
    [InlineData("lines[0] is wrong", true)]
    [InlineData("the id of a cup", true)]
    [InlineData("It is null.", true)]
    [InlineData("100 kJ of energy in 30 ml", false)]
    [InlineData("The cup is 104 mm high.", false)]
    public void A_word_of_code_is_known_by_its_look(string text, bool isCode) =>
        Assert.Equal(isCode, CodeWord().IsMatch(text));

    [Fact]
    public void A_sentence_is_read_without_what_stands_in_its_holes() =>
        Assert.Equal(
            ["Fill … to … mm.", "an inner one"],
            Sentences("var a = $\"Fill {Say(cup.Name ?? \"an inner one\")} to {height:0.#} mm.\"; // \"in a remark\"")
                .Order(StringComparer.Ordinal)
        );

    private static string Source([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "..", "src"));

    // Every text of more than a word, with "…" for what is filled in; remarks, attributes, exceptions and SQL are
    // nobody's reading.
    private static IEnumerable<string> Sentences(string code)
    {
        var lines = NotRead()
            .Replace(code, "")
            .Split('\n')
            .Where(line =>
                line.TrimStart() is var text
                && !text.StartsWith("//", StringComparison.Ordinal)
                && !text.StartsWith('[')
            );
        var found = new List<string>();
        foreach (var line in lines)
        {
            Read(line, 0, found, inHole: false);
        }

        return found.Where(text => text.Trim().Contains(' ', StringComparison.Ordinal) && !Sql().IsMatch(text));
    }

    // Reads code up to its end, or up to the end of the hole that it stands in; what is quoted in it is found.
    private static int Read(string code, int at, List<string> found, bool inHole)
    {
        for (var depth = 0; at < code.Length; at++)
        {
            switch (code[at])
            {
                case '/' when !inHole && at + 1 < code.Length && code[at + 1] == '/':
                    return code.Length;
                case '\'' when at + 2 < code.Length && (code[at + 2] == '\'' || code[at + 1] == '\\'):
                    at = code.IndexOf('\'', at + 2);
                    break;
                case '"':
                    at = ReadText(code, at + 1, found, at > 0 && code[at - 1] == '$');
                    break;
                case '{':
                    depth++;
                    break;
                case '}' when inHole && depth == 0:
                    return at;
                case '}':
                    depth--;
                    break;
            }
        }

        return at;
    }

    private static int ReadText(string code, int at, List<string> found, bool hasHoles)
    {
        var text = new StringBuilder();
        for (; at < code.Length && code[at] != '"'; at++)
        {
            if (code[at] == '\\')
            {
                at++;
            }
            else if (hasHoles && code[at] == '{')
            {
                text.Append('…');
                at = Read(code, at + 1, found, inHole: true);
            }
            else
            {
                text.Append(code[at]);
            }
        }

        found.Add(text.ToString());
        return at;
    }

    // What stands between the tags of a page, and in what is read out or shown of a tag.
    private static IEnumerable<string> Texts(string page)
    {
        var template = Template().Match(page).Value;
        var shown = Attribute().Matches(template).Select(match => match.Groups[1].Value);
        return Tag()
            .Split(Hole().Replace(template, "…"))
            .Concat(shown)
            .Select(text => text.Trim())
            .Where(text => text.Length > 1);
    }

    [GeneratedRegex(@"\b(?!kJ\b)[a-z]+[A-Z]\w*|\w\[\d*\]|\b(id|ids|null|undefined|boolean|etag|endpoint)\b")]
    private static partial Regex CodeWord();

    // A call, attribute or exception with all that is quoted in it, on however many lines it stands.
    [GeneratedRegex(
        """(?:WithSummary|\w*Exception|GeneratedRegex|SuppressMessage)\((?:[^()"]|"(?:[^"\\\n]|\\.)*"|\((?:[^()"]|"(?:[^"\\\n]|\\.)*")*\))*\)|nameof\([^)]*\)""",
        RegexOptions.Singleline
    )]
    private static partial Regex NotRead();

    [GeneratedRegex(@"\b(SELECT|INSERT|UPDATE|DELETE|PRAGMA|ORDER BY|AS [a-z]+[A-Z])")]
    private static partial Regex Sql();

    [GeneratedRegex("<template>.*</template>", RegexOptions.Singleline)]
    private static partial Regex Template();

    [GeneratedRegex(@"\{\{.*?\}\}", RegexOptions.Singleline)]
    private static partial Regex Hole();

    [GeneratedRegex("""<[a-zA-Z/!](?:"[^"]*"|[^>"])*>""")]
    private static partial Regex Tag();

    [GeneratedRegex("""(?<=\s)(?:label|title|hint|placeholder|aria-label|header|note|alt)="([^"]*)""")]
    private static partial Regex Attribute();
}
