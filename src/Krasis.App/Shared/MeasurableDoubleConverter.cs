using System.Text.Json;
using System.Text.Json.Serialization;
using Krasis.Core.Input;

namespace Krasis.App.Shared;

/// <summary>Reads numbers that can be measured, and refuses the others where they come in: what is larger or smaller
/// than anything at a bar makes sums overflow long after it has been kept.</summary>
public sealed class MeasurableDoubleConverter : JsonConverter<double>
{
    public override double Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType != JsonTokenType.Number)
        {
            throw new JsonException("That is no Double.");
        }

        // Minus nothing is nothing.
        var value = reader.GetDouble() + 0.0;
        return Measurable.Is(value) ? value : throw new JsonException(Measurable.Refusal);
    }

    public override void Write(Utf8JsonWriter writer, double value, JsonSerializerOptions options) =>
        writer.WriteNumberValue(value);
}
