using System.Globalization;
using System.Text;
using System.Text.Json;
using Krasis.Core.Input;

namespace Krasis.Web.Problems;

/// <summary>Finds a place in a JSON document by a path such as <c>lines[2].amount</c>.</summary>
public static class JsonPlace
{
    /// <summary>The element at a path, or null if the path leads nowhere.</summary>
    public static JsonElement? Find(JsonElement root, string path)
    {
        var here = root;
        foreach (var step in path.Split(['.', '['], StringSplitOptions.RemoveEmptyEntries))
        {
            if (step.EndsWith(']'))
            {
                if (
                    here.ValueKind != JsonValueKind.Array
                    || !int.TryParse(step.TrimEnd(']'), NumberStyles.None, CultureInfo.InvariantCulture, out var index)
                    || index >= here.GetArrayLength()
                )
                {
                    return null;
                }

                here = here[index];
            }
            else if (here.ValueKind != JsonValueKind.Object || !here.TryGetProperty(step, out here))
            {
                return null;
            }
        }

        return here;
    }

    /// <summary>What stands where a text stops being JSON, as far as the next comma, bracket or space.</summary>
    public static string? TokenAt(string text, JsonException broken)
    {
        var line = text.Split('\n').ElementAtOrDefault((int)(broken.LineNumber ?? 0)) ?? "";
        var bytes = Encoding.UTF8.GetBytes(line);
        var start = (int)Math.Min(broken.BytePositionInLine ?? 0, bytes.Length);
        var token = new string([
            .. Encoding
                .UTF8.GetString(bytes[start..])
                .TakeWhile(letter => !",]} \t\r".Contains(letter, StringComparison.Ordinal)),
        ]);
        return token.Length == 0 ? null : Problem.Shorten(token);
    }
}
