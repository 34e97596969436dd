using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Krasis.Core.Making;

namespace Krasis.Store.Json;

/// <summary>Writes what was frozen of a standard as JSON and reads it back without loss. Measures are plain numbers in
/// their unit, as in the API.</summary>
public static class FrozenJson
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        TypeInfoResolver = new DefaultJsonTypeInfoResolver { Modifiers = { AddInternalState } },
        Converters =
        {
            new MeasuredJsonConverterFactory(),
            new IdJsonConverterFactory(),
            new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false),
        },
    };

    // What is said in words is put together when it is asked for, from state that the core keeps to itself: that state is
    // recorded too.
    private static void AddInternalState(JsonTypeInfo type)
    {
        if (type.Kind != JsonTypeInfoKind.Object || type.Type.Assembly != typeof(FrozenStandard).Assembly)
        {
            return;
        }

        foreach (var own in type.Type.GetProperties(BindingFlags.Instance | BindingFlags.NonPublic))
        {
            if (own is { CanRead: true, CanWrite: true } && !IsLazy(own.PropertyType))
            {
                var property = type.CreateJsonPropertyInfo(
                    own.PropertyType,
                    JsonNamingPolicy.CamelCase.ConvertName(own.Name)
                );
                property.Get = own.GetValue;
                property.Set = own.SetValue;
                type.Properties.Add(property);
            }
        }
    }

    private static bool IsLazy(Type type) => type.IsGenericType && type.GetGenericTypeDefinition() == typeof(Lazy<>);

    /// <summary>It as JSON.</summary>
    public static string Write(FrozenStandard frozen) => JsonSerializer.Serialize(frozen, Options);

    /// <summary>What <see cref="Write"/> wrote.</summary>
    /// <exception cref="JsonException">It is not that.</exception>
    public static FrozenStandard Read(string json) =>
        JsonSerializer.Deserialize<FrozenStandard>(json, Options)
        ?? throw new JsonException("What is stored of a standard is null.");
}
