using System.Globalization;
using System.Text.Json;

namespace Krasis.Exchange.Pantry;

/// <summary>Tells on which line of a JSON file each value stands.</summary>
internal static class JsonLines
{
    /// <summary>The lines, from 1, by paths such as <c>ingredients[2].per100g.fat</c>.</summary>
    /// <param name="json">A file that is known to be JSON.</param>
    public static IReadOnlyDictionary<string, int> Of(byte[] json)
    {
        var lines = new Dictionary<string, int>(StringComparer.Ordinal);
        var open = new Stack<(string Path, int Index)>();
        var reader = new Utf8JsonReader(json);
        var (line, seen) = (1, 0L);
        var property = "";
        while (reader.Read())
        {
            while (seen < reader.TokenStartIndex)
            {
                line += json[seen++] == (byte)'\n' ? 1 : 0;
            }

            switch (reader.TokenType)
            {
                case JsonTokenType.PropertyName:
                    property = reader.GetString()!;
                    break;
                case JsonTokenType.EndObject or JsonTokenType.EndArray:
                    open.Pop();
                    break;
                default:
                    var path = Here(open, property);
                    lines[path] = line;
                    property = "";
                    if (reader.TokenType is JsonTokenType.StartObject or JsonTokenType.StartArray)
                    {
                        open.Push((path, reader.TokenType == JsonTokenType.StartArray ? 0 : -1));
                    }

                    break;
            }
        }

        return lines;
    }

    private static string Here(Stack<(string Path, int Index)> open, string property)
    {
        if (open.Count == 0)
        {
            return "";
        }

        var (path, index) = open.Pop();
        open.Push((path, index < 0 ? index : index + 1));
        return index >= 0 ? $"{path}[{index.ToString(CultureInfo.InvariantCulture)}]"
            : path.Length == 0 ? property
            : $"{path}.{property}";
    }
}
