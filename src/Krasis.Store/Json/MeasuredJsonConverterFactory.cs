using System.Text.Json;
using System.Text.Json.Serialization;
using Krasis.Core.Quantities;

namespace Krasis.Store.Json;

/// <summary>Writes measures as plain numbers in their unit.</summary>
public sealed class MeasuredJsonConverterFactory : JsonConverterFactory
{
    /// <summary>Whether a type is a measure.</summary>
    public static bool IsMeasured(Type type) =>
        type.IsValueType
        && type.GetInterfaces()
            .Any(face => face.IsGenericType && face.GetGenericTypeDefinition() == typeof(IMeasured<>));

    /// <inheritdoc/>
    public override bool CanConvert(Type typeToConvert) => IsMeasured(typeToConvert);

    /// <inheritdoc/>
    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        (JsonConverter)Activator.CreateInstance(typeof(Converter<>).MakeGenericType(typeToConvert))!;

    private sealed class Converter<T> : JsonConverter<T>
        where T : struct, IMeasured<T>
    {
        public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            T.From(reader.GetDouble());

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
            writer.WriteNumberValue(value.Value);
    }
}
