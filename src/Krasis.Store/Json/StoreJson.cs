using System.Text.Json;
using System.Text.Json.Serialization;

namespace Krasis.Store.Json;

/// <summary>How documents are written in the file.</summary>
internal static class StoreJson
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    public static string Write<T>(T document) => JsonSerializer.Serialize(document, Options);

    public static T Read<T>(string json) =>
        JsonSerializer.Deserialize<T>(json, Options) ?? throw new JsonException("A stored document is null.");
}
