using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;

namespace Krasis.Exchange.Pantry;

/// <summary>Pantries as JSON. The format is described in docs/formats.md.</summary>
public static class PantryJson
{
    private const string Format = "krasis-pantry";
    private const int Version = 1;

    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        NumberHandling = JsonNumberHandling.Strict,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        RespectNullableAnnotations = true,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        WriteIndented = true,
    };

    /// <summary>Writes ingredients.</summary>
    public static string Write(IEnumerable<IngredientDocument> ingredients) =>
        JsonSerializer.Serialize(
            new
            {
                format = Format,
                version = Version,
                ingredients,
            },
            Options
        );

    /// <summary>Reads a file. What an ingredient does not say is not known of it, whatever the bar knew.</summary>
    internal static PantryFile Read(string text, IReadOnlyList<IngredientDocument> bar)
    {
        JsonDocument json;
        try
        {
            json = JsonDocument.Parse(text);
        }
        catch (JsonException broken)
        {
            return PantryFile.Refused(
                (int)(broken.LineNumber ?? 0) + 1,
                "",
                null,
                $"It is not JSON at character {broken.BytePositionInLine + 1} of the line.",
                "JSON"
            );
        }

        using (json)
        {
            var root = json.RootElement;
            if (
                root.ValueKind != JsonValueKind.Object
                || !root.TryGetProperty("ingredients", out var list)
                || list.ValueKind != JsonValueKind.Array
            )
            {
                return PantryFile.Refused(
                    1,
                    "ingredients",
                    null,
                    "There is no list of ingredients.",
                    $"{{ \"format\": \"{Format}\", \"version\": {Version}, \"ingredients\": [ … ] }}"
                );
            }

            if (
                root.TryGetProperty("version", out var version)
                && (
                    version.ValueKind != JsonValueKind.Number
                    || !version.TryGetInt32(out var number)
                    || number != Version
                )
            )
            {
                return PantryFile.Refused(
                    1,
                    "version",
                    version.GetRawText(),
                    "That version of the format is not known.",
                    $"{Version}"
                );
            }

            if (list.GetArrayLength() is 0 or > PantryFile.MostRows)
            {
                return PantryFile.Refused(
                    1,
                    "ingredients",
                    null,
                    $"There are {list.GetArrayLength()} ingredients.",
                    $"1 to {PantryFile.MostRows} ingredients"
                );
            }

            var lines = JsonLines.Of(Encoding.UTF8.GetBytes(text));
            return new PantryFile(
                [.. list.EnumerateArray().Select((element, i) => ReadOne(element, $"ingredients[{i}]", lines, bar))],
                []
            );
        }
    }

    private static PantryRow ReadOne(
        JsonElement element,
        string path,
        IReadOnlyDictionary<string, int> lines,
        IReadOnlyList<IngredientDocument> bar
    )
    {
        var line = lines.GetValueOrDefault(path, 1);
        try
        {
            var document = element.Deserialize<IngredientDocument>(Options) ?? throw new JsonException("null");
            var known = PantryFile.Find(bar, document.Id, document.Name);
            var read = new PantryRow(line, known is null ? document : document with { Id = known.Id }, known?.Id, []);

            // The reader's own problems are given the line of their field rather than the ingredient's.
            var problems = IngredientReader
                .Read(read.Document with { Id = read.Document.Id ?? "new" })
                .Problems.Select(problem => new PantryProblem(
                    lines.GetValueOrDefault($"{path}.{problem.Field}", line),
                    problem.Field,
                    problem.Value,
                    problem.Message,
                    problem.Accepted
                ));
            return read with { Problems = [.. problems] };
        }
        catch (JsonException broken)
        {
            var field = (broken.Path ?? "$").TrimStart('$').TrimStart('.');
            return new PantryRow(
                line,
                new IngredientDocument
                {
                    Name =
                        element.ValueKind == JsonValueKind.Object && element.TryGetProperty("name", out var name)
                            ? name.ToString()
                            : null,
                },
                null,
                [
                    new PantryProblem(
                        lines.GetValueOrDefault($"{path}.{field}", line),
                        Problem.Shorten(field),
                        null,
                        broken.Message.Contains("could not be mapped", StringComparison.Ordinal)
                            ? "There is no such field."
                            : "That is not what belongs here.",
                        "the fields of docs/formats.md; numbers without quotation marks"
                    ),
                ]
            );
        }
    }
}
