using System.Text.Json;
using System.Text.Json.Nodes;

namespace Krasis.Exchange.Sheets;

/// <summary>Lays documents out as a table: a row each, a column for each thing that any of them says.</summary>
public static class FactSheet
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        DefaultIgnoreCondition = System.Text.Json.Serialization.JsonIgnoreCondition.WhenWritingNull,
    };

    /// <summary>The table of some documents.</summary>
    /// <param name="name">What it is called.</param>
    /// <param name="documents">The documents.</param>
    /// <returns>What is within something is under its name and a dot; what there are several of stands in one cell,
    /// with semicolons between.</returns>
    public static Sheet Of<T>(string name, IReadOnlyList<T> documents)
    {
        var rows = documents
            .Select(document =>
            {
                var cells = new Dictionary<string, object?>(StringComparer.Ordinal);
                Into(cells, "", JsonSerializer.SerializeToNode(document, Options)!);
                return cells;
            })
            .ToList();
        var head = rows.SelectMany(row => row.Keys).Distinct().ToList();
        return new Sheet(
            name,
            head.Count == 0 ? ["id", "name"] : head,
            [.. rows.Select(row => (IReadOnlyList<object?>)[.. head.Select(column => row.GetValueOrDefault(column))])]
        );
    }

    private static void Into(Dictionary<string, object?> cells, string path, JsonNode node)
    {
        switch (node)
        {
            case JsonObject inner:
                foreach (var (name, value) in inner)
                {
                    if (value is not null)
                    {
                        Into(cells, path.Length == 0 ? name : $"{path}.{name}", value);
                    }
                }

                break;
            case JsonArray { Count: > 0 } list:
                cells[path] = string.Join("; ", list.Select(Say));
                break;
            case JsonValue value:
                cells[path] = value.GetValueKind() switch
                {
                    JsonValueKind.Number => value.GetValue<double>(),
                    JsonValueKind.True => true,
                    JsonValueKind.False => false,
                    _ => value.ToString(),
                };
                break;
        }
    }

    private static string Say(JsonNode? node) =>
        node switch
        {
            null => "",
            JsonObject inner => string.Join(
                ", ",
                inner
                    .Where(pair => pair.Value is not null and not JsonArray { Count: 0 })
                    .Select(pair => $"{pair.Key} {Say(pair.Value)}")
            ),
            JsonArray list => string.Join(" + ", list.Select(Say)),
            _ => node.ToString(),
        };
}
