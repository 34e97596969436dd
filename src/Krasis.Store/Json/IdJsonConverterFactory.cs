using System.Text.Json;
using System.Text.Json.Serialization;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Lines;

namespace Krasis.Store.Json;

/// <summary>Writes ids as plain strings.</summary>
public sealed class IdJsonConverterFactory : JsonConverterFactory
{
    /// <summary>Whether a type is an id.</summary>
    public static bool IsId(Type type) =>
        type == typeof(CupId) || type == typeof(IngredientId) || type == typeof(LineId);

    /// <inheritdoc/>
    public override bool CanConvert(Type typeToConvert) => IsId(typeToConvert);

    /// <inheritdoc/>
    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        typeToConvert == typeof(CupId) ? new Converter<CupId>(text => new(text), id => id.Value)
        : typeToConvert == typeof(IngredientId) ? new Converter<IngredientId>(text => new(text), id => id.Value)
        : new Converter<LineId>(text => new(text), id => id.Value);

    private sealed class Converter<T>(Func<string, T> make, Func<T, string> text) : JsonConverter<T>
    {
        public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            make(reader.GetString() ?? "");

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
            writer.WriteStringValue(text(value));
    }
}
