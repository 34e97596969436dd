using Krasis.Core.Input;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>A cup's heat loss, from two temperatures of hot water or from two weighings of its ice.</summary>
public sealed record HeatLossMeasuring
{
    /// <summary>Water in the cup, g; with the two temperatures.</summary>
    public double? WaterGrams { get; init; }

    /// <summary>How warm the water is at first, °C.</summary>
    public double? FromCelsius { get; init; }

    /// <summary>How warm it is at the end, °C.</summary>
    public double? ToCelsius { get; init; }

    /// <summary>Ice in ice water at first, drained and weighed, g; with the second weighing.</summary>
    public double? IceBeforeGrams { get; init; }

    /// <summary>Ice that is left at the end, drained and weighed, g.</summary>
    public double? IceAfterGrams { get; init; }

    /// <summary>How long it stood, minutes.</summary>
    public double? Minutes { get; init; }

    /// <summary>How warm the room is, °C.</summary>
    public double? RoomCelsius { get; init; }

    /// <summary>The heat loss.</summary>
    /// <returns>It, or the problems.</returns>
    /// <remarks>Hot water nears the room as e^(−UA·t ÷ m·c) (Newton's law of cooling), so UA = m·c ÷ t · ln((T₁ −
    /// T_room) ÷ (T₂ − T_room)). In ice water all that the room gives melts ice: UA = Δm·333.5 ÷ (T_room ·
    /// t).</remarks>
    public Reading<WattsPerKelvin> Work()
    {
        var fields = new FieldReader();
        var seconds = fields.Number("minutes", Minutes, 1, 600, "minutes") * 60;
        var room = fields.Number("roomCelsius", RoomCelsius, 1, 45, "°C");
        var loss =
            IceBeforeGrams is not null || IceAfterGrams is not null
                ? ByIce(fields, seconds, room)
                : ByWater(fields, seconds, room);
        if (fields.Problems.Count == 0 && loss is < 0.01 or > 10)
        {
            fields.Report(
                "minutes",
                null,
                $"That makes {loss:0.###} W/K, which no cup has.",
                "readings that make 0.01 to 10 W/K"
            );
        }

        return fields.Finish(() => WattsPerKelvin.From(loss));
    }

    private double ByWater(FieldReader fields, double seconds, double room)
    {
        var grams = fields.Number("waterGrams", WaterGrams, 20, 5000, "g");
        var from = fields.Number("fromCelsius", FromCelsius, 1, 100, "°C");
        var to = fields.Number("toCelsius", ToCelsius, 1, 100, "°C");
        if (fields.Problems.Count > 0)
        {
            return 0;
        }

        if ((from - room) * (to - room) <= 0 || Math.Abs(to - room) >= Math.Abs(from - room))
        {
            fields.Report(
                "toCelsius",
                $"{to:0.#}",
                $"Water of {from:0.#} °C does not come to {to:0.#} °C in a room of {room:0.#} °C.",
                $"a temperature between {Math.Min(from, room):0.#} and {Math.Max(from, room):0.#} °C"
            );
            return 0;
        }

        return grams * Water.SpecificHeat / seconds * Math.Log((from - room) / (to - room));
    }

    private double ByIce(FieldReader fields, double seconds, double room)
    {
        var before = fields.Number("iceBeforeGrams", IceBeforeGrams, 5, 5000, "g");
        var after = fields.Number("iceAfterGrams", IceAfterGrams, 0, 5000, "g");
        if (fields.Problems.Count == 0 && (after >= before || after == 0))
        {
            fields.Report(
                "iceAfterGrams",
                $"{after:0.#}",
                after == 0
                    ? "No ice is left, so it is not known when it was gone."
                    : $"{after:0.#} g are left of {before:0.#} g: nothing melted.",
                $"some ice, less than {before:0.#} g"
            );
        }

        return (before - after) * IceFacts.Fusion / (room * seconds);
    }
}
