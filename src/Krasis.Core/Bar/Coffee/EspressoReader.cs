using System.Globalization;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>Reads espresso recipes.</summary>
public static class EspressoReader
{
    // Espresso at 65 °C without its crema: about 1.01 g/ml (common practice, no source), where the bar does not say what
    // its espresso weighs. With the crema read in, a shot of 50 ml may weigh 40 g: a scale is surer.
    internal static readonly Density Usual = Density.From(1.01);

    /// <summary>Reads one recipe.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    /// <param name="density">What a millilitre of its espresso weighs, for a yield by volume; the usual when it is not
    /// known.</param>
    public static Reading<EspressoRecipe> Read(EspressoDocument document, string path = "", Density? density = null)
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var ingredient = fields.Id("ingredient", document.Ingredient);
        var dose = fields.Number("doseGrams", document.DoseGrams, 4, 60, "g");
        var yield =
            document.YieldGrams is null && document.YieldMl is not null
                ? fields.Number("yieldMl", document.YieldMl, 4, 300, "ml") * (density ?? Usual).Value
                : fields.Number("yieldGrams", document.YieldGrams, 4, 300, "g");
        var shots = fields.Whole("shotsPerPull", document.ShotsPerPull, 1, 4, "shots");

        var tds = fields.Optional("tdsPercent", document.TdsPercent, 1, 25, "%");

        // The usual target band is 18 to 22 % (SCA brewing chart, from memory); about 30 % is all that will dissolve.
        var extraction = fields.Optional(
            "extractionPercent",
            document.ExtractionPercent ?? (tds * yield / dose),
            5,
            30,
            "%"
        );
        var window = ReadWindow(document, fields);
        var from = fields.Optional("basketFromGrams", document.BasketFromGrams, 4, 60, "g") ?? dose;
        var to = fields.Optional("basketToGrams", document.BasketToGrams, 4, 60, "g") ?? dose;
        var cup = fields.Optional("cupCelsius", document.CupCelsius, 30, 96, "°C");
        var station = fields.Note("station", document.Station, 80);
        _ = fields.Note("grind", document.Grind, 120);
        _ = fields.Note("grinder", document.Grinder, 80);
        var roasted = fields.Day("roastedOn", document.RoastedOn);
        var rest = document.RestDays is null
            ? default(int?)
            : fields.Whole("restDays", document.RestDays, 0, 90, "days");
        var pulledGrams = fields.Optional("pulledGrams", document.PulledGrams, 1, 300, "g");
        var pulledSeconds = fields.Optional("pulledSeconds", document.PulledSeconds, 1, 200, "s");
        if (fields.Problems.Count == 0 && (from > dose || to < dose))
        {
            fields.Report(
                "doseGrams",
                dose.ToString(CultureInfo.InvariantCulture),
                $"A dose of {dose:0.#} g is outside the basket's {from:0.#} to {to:0.#} g.",
                "a dose that the basket takes"
            );
        }

        if (fields.Problems.Count == 0 && yield < dose / 2)
        {
            fields.Report(
                "yieldGrams",
                yield.ToString(CultureInfo.InvariantCulture),
                $"{yield:0.#} g out of a dose of {dose:0.#} g is less than any machine gives.",
                "at least half the dose"
            );
        }

        return fields.Finish(() =>
            new EspressoRecipe(
                id,
                name,
                new IngredientId(ingredient),
                Grams.From(dose),
                Grams.From(yield),
                shots,
                extraction is { } share ? Percent.From(share) : null
            )
            {
                Window = window,
                Basket = (Grams.From(from), Grams.From(to)),
                GivesHalves = document.HalfShots ?? false,
                CupTemperature = cup is { } celsius ? Celsius.From(celsius) : null,
                Station = station,
                RoastedOn = roasted,
                RestDays = rest,
                LastPull =
                    pulledGrams is { } grams && pulledSeconds is { } seconds
                        ? new Pull(Grams.From(grams), seconds)
                        : null,
            }
        );
    }

    private static PullWindow? ReadWindow(EspressoDocument document, FieldReader fields)
    {
        if (document.SecondsFrom is null && document.SecondsTo is null)
        {
            return null;
        }

        var from = fields.Number("secondsFrom", document.SecondsFrom, 5, 120, "s");
        var to = fields.Number("secondsTo", document.SecondsTo, 5, 120, "s");
        if (from > to && document.SecondsFrom is not null && document.SecondsTo is not null)
        {
            fields.Report(
                "secondsTo",
                to.ToString(CultureInfo.InvariantCulture),
                $"The window ends at {to:0.#} s, before it begins at {from:0.#} s.",
                $"at least {from:0.#} s"
            );
        }

        return new PullWindow(from, to);
    }
}
