using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Input;

namespace Krasis.App.Bar;

/// <summary>Says in plain words how two versions of a fact differ.</summary>
public static class FactDiff
{
    private const string Missing = "not said";

    /// <summary>The differences, in the order of the fields.</summary>
    /// <param name="before">The one.</param>
    /// <param name="after">The other.</param>
    /// <param name="bar">The bar, for the names of what is meant by an id.</param>
    public static IReadOnlyList<Difference> Between<TDocument>(TDocument before, TDocument after, BarDocument bar)
        where TDocument : class
    {
        var names = BarKinds
            .All.SelectMany(kind => kind.IdsIn(bar).Select((id, index) => (id, name: kind.NameIn(bar, index))))
            .Where(entry => entry.name is not null)
            .GroupBy(entry => entry.id)
            .ToDictionary(group => group.Key, group => group.First().name!);
        return
        [
            .. Between("", Node(before), Node(after), names).Where(difference => difference.Before != difference.After),
        ];
    }

    private static JsonNode? Node<TDocument>(TDocument document) =>
        JsonSerializer.SerializeToNode(document, JsonSerializerOptions.Web);

    private static IEnumerable<Difference> Between(
        string path,
        JsonNode? before,
        JsonNode? after,
        IReadOnlyDictionary<string, string> names
    ) =>
        (before, after) switch
        {
            (JsonObject or null, JsonObject or null) when before is not null || after is not null => Keys(before, after)
                .Where(key => path.Length > 0 || key != "id")
                .SelectMany(key => Between(path.Length == 0 ? key : $"{path}.{key}", before?[key], after?[key], names)),
            (JsonArray or null, JsonArray or null) when Holds<JsonObject>(before) || Holds<JsonObject>(after) =>
                Enumerable
                    .Range(0, Math.Max(Count(before), Count(after)))
                    .SelectMany(i =>
                        Between(
                            $"{path}[{i.ToString(CultureInfo.InvariantCulture)}]",
                            At(before, i),
                            At(after, i),
                            names
                        )
                    ),
            _ => [new Difference(FieldWords.Of(path), Say(before, names), Say(after, names))],
        };

    private static IEnumerable<string> Keys(JsonNode? one, JsonNode? other) =>
        new[] { one, other }.OfType<JsonObject>().SelectMany(node => node.Select(entry => entry.Key)).Distinct();

    private static bool Holds<T>(JsonNode? node) => node is JsonArray { Count: > 0 } array && array[0] is T;

    private static int Count(JsonNode? node) => node is JsonArray array ? array.Count : 0;

    private static JsonNode? At(JsonNode? node, int i) => i < Count(node) ? node![i] : null;

    private static string Say(JsonNode? node, IReadOnlyDictionary<string, string> names) =>
        node switch
        {
            null or JsonArray { Count: 0 } => Missing,
            JsonArray array => string.Join(", ", array.Select(item => Say(item, names))),
            JsonValue value => value.GetValueKind() switch
            {
                JsonValueKind.True => "yes",
                JsonValueKind.False => "no",
                JsonValueKind.Number => value.GetValue<double>().ToString("0.####", CultureInfo.InvariantCulture),
                _ => value.ToString() is { Length: > 0 } text ? names.GetValueOrDefault(text, text) : Missing,
            },
            _ => node.ToJsonString(),
        };
}
