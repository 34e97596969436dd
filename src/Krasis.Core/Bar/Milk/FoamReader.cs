using System.Globalization;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Milk;

/// <summary>Reads foam levels.</summary>
public static class FoamReader
{
    // Milk from the fridge; the boiler of a machine at its usual pressure (common practice, no source).
    private const double Fridge = 4;
    private const double UsualSteam = 110;

    // g/ml at 4 °C (from memory; the pantry has each milk's own).
    private const double WholeMilk = 1.03;

    /// <summary>Reads one level.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<FoamLevel> Read(FoamDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);

        var thirds = document.Thirds is null ? default(int?) : fields.Whole("thirds", document.Thirds, 1, 3, "thirds");
        var isCold = document.Cold ?? false;
        var from = fields.Optional("fromCelsius", document.FromCelsius, -2, 60, "°C") ?? Fridge;
        var to = isCold ? from : fields.Number("toCelsius", document.ToCelsius, 20, 98, "°C");
        var steam = fields.Optional("steamCelsius", document.SteamCelsius, 100, 140, "°C") ?? UsualSteam;

        // Milk foamed dry grows to three times its volume; more than that is no foam to pour.
        var grown = fields.Optional("grownMl", document.GrownMl, 100, 450, "ml");
        var liquid = LiquidOf100(isCold, Celsius.From(from), Celsius.From(to), Celsius.From(steam));
        var overrun =
            grown is { } ml && document.OverrunPercent is null
                ? (ml / liquid * 100) - 100
                : fields.Number("overrunPercent", document.OverrunPercent, 0, 300, "%");
        if (fields.Problems.Count == 0 && overrun < 0)
        {
            fields.Report(
                "grownMl",
                $"{grown:0.#}",
                $"With the steam in it 100 ml of milk are more than {grown:0.#} ml even without foam.",
                $"at least {liquid:0.#} ml"
            );
        }

        if (fields.Problems.Count == 0 && to < from)
        {
            fields.Report(
                "toCelsius",
                to.ToString(CultureInfo.InvariantCulture),
                $"Steaming ends at {to:0.#} °C, colder than it begins at {from:0.#} °C.",
                $"at least {from:0.#} °C"
            );
        }

        var extraHot = Wished("extraHotCelsius", document.ExtraHotCelsius, to, 98);
        var kids = Wished("kidsCelsius", document.KidsCelsius, 30, to);
        var tool = fields.OptionalWord<FoamTool>("tool", document.Tool) ?? FoamLevel.UsualTool(isCold);
        var fat = fields.Optional("mostFatPer100g", document.MostFatPer100g, 0, 100, "g");
        return fields.Finish(() =>
            new FoamLevel(
                new FoamId(id),
                name,
                overrun / 100,
                thirds,
                isCold,
                Celsius.From(from),
                Celsius.From(to),
                Celsius.From(steam)
            )
            {
                Tool = tool,
                MostFat = fat ?? FoamLevel.UsualMostFat(tool),
                ExtraHot = Celsius.From(extraHot ?? FoamLevel.UsualExtraHot),
                Kids = Celsius.From(kids ?? FoamLevel.UsualKids),
            }
        );

        // A guest's wish is about steamed milk: nothing is hotter or cooler that is foamed cold.
        double? Wished(string field, double? value, double least, double most) =>
            isCold || fields.Problems.Count > 0 ? null : fields.Optional(field, value, least, most, "°C");
    }

    /// <summary>What 100 ml of cold whole milk are with the steam that has condensed in it, without air, ml.</summary>
    internal static double LiquidOf100(bool isCold, Celsius from, Celsius to, Celsius steam) =>
        100
        + (
            isCold
                ? 0
                : 100
                    * WholeMilk
                    * SteamHeat.CondensatePerGram(IngredientDefaults.SpecificHeat(IngredientKind.Milk), from, to, steam)
        );
}
