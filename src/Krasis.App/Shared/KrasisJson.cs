using System.Text.Json;
using System.Text.Json.Serialization;
using Krasis.Store.Json;

namespace Krasis.App.Shared;

/// <summary>How JSON is read and written, in the API and in what is kept as JSON.</summary>
public static class KrasisJson
{
    /// <summary>Sets the options.</summary>
    public static void Configure(JsonSerializerOptions json)
    {
        // A number in quotes is text, and a field that nobody knows is a slip: both are told, not guessed at.
        json.NumberHandling = JsonNumberHandling.Strict;
        json.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        json.RespectNullableAnnotations = true;
        json.Converters.Add(new MeasurableDoubleConverter());
        json.Converters.Add(new MeasuredJsonConverterFactory());
        json.Converters.Add(new IdJsonConverterFactory());
        json.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
    }
}
