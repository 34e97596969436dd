using System.Globalization;
using System.Text.Json;
using Krasis.Core.Input;

namespace Krasis.Store.House;

/// <summary>Writes a table as a JSON document and reads it back. The same table is always the same text.</summary>
public static class TableJson
{
    /// <summary>The most rows of a table that are read.</summary>
    public const int MostRows = 1_000_000;

    private const int Most = 65_536;

    /// <summary>Writes a table's rows, each an object by column; what is not known is left out, documents stand as what
    /// they are. What is written is passed on now and then, and not held until the end.</summary>
    public static void Write(
        Utf8JsonWriter json,
        IReadOnlyList<HouseColumn> columns,
        IEnumerable<IReadOnlyList<object?>> rows
    )
    {
        json.WriteStartArray();
        foreach (var row in rows)
        {
            json.WriteStartObject();
            for (var i = 0; i < row.Count; i++)
            {
                Write(json, columns[i], row[i]);
            }

            json.WriteEndObject();
            if (json.BytesPending > Most)
            {
                json.Flush();
            }
        }

        json.WriteEndArray();
    }

    /// <summary>Reads rows.</summary>
    /// <param name="name">The table.</param>
    /// <param name="columns">What it looks like.</param>
    /// <param name="rows">What was written.</param>
    /// <returns>The table, or what in it cannot be taken.</returns>
    public static Reading<HouseTable> Read(string name, IReadOnlyList<HouseColumn> columns, JsonElement rows)
    {
        if (rows.ValueKind != JsonValueKind.Array || rows.GetArrayLength() > MostRows)
        {
            return Problem.At("rows", null, "The rows are no list.", $"a list of up to {MostRows} objects");
        }

        var read = new List<IReadOnlyList<object?>>();
        foreach (var row in rows.EnumerateArray())
        {
            if (
                row.ValueKind != JsonValueKind.Object
                || row.EnumerateObject().Any(field => columns.All(column => column.Name != field.Name))
            )
            {
                return Problem.At(
                    $"rows[{read.Count}]",
                    Problem.Shorten(row.GetRawText()),
                    $"That is no row of {name}.",
                    $"an object with {string.Join(", ", columns.Select(column => column.Name))}"
                );
            }

            var values = new object?[columns.Count];
            for (var i = 0; i < columns.Count; i++)
            {
                if (
                    !TryRead(
                        columns[i],
                        row.TryGetProperty(columns[i].Name, out var value) ? value : default,
                        out values[i]
                    )
                )
                {
                    return Problem.At(
                        $"rows[{read.Count}].{columns[i].Name}",
                        Problem.Shorten(value.ValueKind == JsonValueKind.Undefined ? "" : value.GetRawText()),
                        "That cannot stand here.",
                        Accepted(columns[i])
                    );
                }
            }

            read.Add(values);
        }

        return Reading<HouseTable>.Of(new HouseTable(name, columns, read));
    }

    private static void Write(Utf8JsonWriter json, HouseColumn column, object? value)
    {
        if (value is null)
        {
            return;
        }

        json.WritePropertyName(column.Name);
        switch (value)
        {
            case long whole:
                json.WriteNumberValue(whole);
                break;
            case double number:
                json.WriteNumberValue(number);
                break;
            case string text when column.IsDocument:
                using (var document = JsonDocument.Parse(text))
                {
                    document.RootElement.WriteTo(json);
                }

                break;
            default:
                json.WriteStringValue(Convert.ToString(value, CultureInfo.InvariantCulture));
                break;
        }
    }

    private static bool TryRead(HouseColumn column, JsonElement value, out object? read)
    {
        read = null;
        switch (value.ValueKind)
        {
            case JsonValueKind.Undefined or JsonValueKind.Null:
                return column.IsNullable;
            case var _ when column.IsDocument:
                // As the store writes documents: close together.
                read = JsonSerializer.Serialize(value);
                return true;
            case JsonValueKind.Number when column.Type == "INTEGER" && value.TryGetInt64(out var whole):
                read = whole;
                return true;
            case JsonValueKind.Number
                when column.Type == "REAL" && value.TryGetDouble(out var number) && double.IsFinite(number):
                read = number;
                return true;
            case JsonValueKind.String when column.Type == "TEXT":
                read = value.GetString();
                return IsWhen(column.Name)
                    ? DateTimeOffset.TryParse(value.GetString(), CultureInfo.InvariantCulture, out _)
                    : !IsDay(column.Name)
                        || DateOnly.TryParseExact(
                            value.GetString(),
                            "yyyy-MM-dd",
                            CultureInfo.InvariantCulture,
                            DateTimeStyles.None,
                            out _
                        );
            default:
                return false;
        }
    }

    // Columns are called by what they hold.
    private static bool IsWhen(string column) => column.EndsWith("_at", StringComparison.Ordinal) || column == "at";

    private static bool IsDay(string column) => column is "day" or "use_by" or "sold_day";

    private static string Accepted(HouseColumn column) =>
        column switch
        {
            { IsDocument: true } => "a document",
            { Type: "INTEGER" } => "a whole number",
            { Type: "REAL" } => "a number",
            _ when IsWhen(column.Name) => "an instant such as 2026-11-25T09:00:00Z",
            _ when IsDay(column.Name) => "a day such as 2026-11-25",
            _ => "text",
        };
}
