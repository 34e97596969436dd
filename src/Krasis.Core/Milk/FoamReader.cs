using System.Globalization;
using Krasis.Core.Input;
using Krasis.Core.Measures;

namespace Krasis.Core.Milk;

/// <summary>Reads foam levels.</summary>
public static class FoamReader
{
    // Milk from the fridge; the boiler of a machine at its usual pressure (common practice, no source).
    private const double Fridge = 4;
    private const double UsualSteam = 110;

    /// <summary>Reads one level.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<FoamLevel> Read(FoamDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);

        // Milk foamed dry grows to three times its volume; more than that is no foam to pour.
        var overrun = fields.Number("overrunPercent", document.OverrunPercent, 0, 300, "%");
        var thirds = document.Thirds is null ? default(int?) : fields.Whole("thirds", document.Thirds, 1, 3, "thirds");
        var isCold = document.Cold ?? false;
        var from = fields.Optional("fromCelsius", document.FromCelsius, -2, 60, "°C") ?? Fridge;
        var to = isCold ? from : fields.Number("toCelsius", document.ToCelsius, 20, 98, "°C");
        var steam = fields.Optional("steamCelsius", document.SteamCelsius, 100, 140, "°C") ?? UsualSteam;
        if (fields.Problems.Count == 0 && to < from)
        {
            fields.Report("toCelsius", to.ToString(CultureInfo.InvariantCulture), $"Steaming ends at {to:0.#} °C, colder than it begins at {from:0.#} °C.", $"at least {from:0.#} °C");
        }

        return fields.Finish(() => new FoamLevel(
            new FoamId(id), name, overrun / 100, thirds, isCold, Celsius.From(from), Celsius.From(to), Celsius.From(steam)));
    }
}
