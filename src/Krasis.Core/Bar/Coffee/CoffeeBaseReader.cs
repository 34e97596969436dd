using System.Globalization;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>Reads how coffee bases are made.</summary>
public static class CoffeeBaseReader
{
    // Spent grounds weigh about three times what they did dry: two grams of water to a gram (common practice, no
    // source).
    private const double UsualRetained = 2;

    /// <summary>How warm brewed coffee goes into a hot drink where it is not said: it is served at 80 to 85 °C and
    /// loses a little on its way into the cup (common practice, no source).</summary>
    public static Celsius FromThePot { get; } = Celsius.From(80);

    // Hot coffee tastes stale after an hour (common practice, no source).
    private const double UsualHotHours = 1;

    /// <summary>Reads one coffee base.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<CoffeeBase> Read(CoffeeBaseDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var ingredient = fields.Id("ingredient", document.Ingredient);
        var method = fields.Word("method", document.Method, BrewMethod.Batch);
        var dissolves = method is BrewMethod.Instant or BrewMethod.Whipped;
        var coffee = fields.Number("coffeeGrams", document.CoffeeGrams, 0.1, 50_000, "g");
        var water = fields.Number("waterGrams", document.WaterGrams, 1, 500_000, "g");
        var other = fields.Optional("otherGrams", document.OtherGrams, 0, 100_000, "g") ?? 0;
        var retained = fields.Optional("retainedGramsPerGram", document.RetainedGramsPerGram, 0, 4, "g to a gram")
            ?? (dissolves ? 0 : UsualRetained);
        var extraction = dissolves ? 100 : fields.Optional("extractionPercent", document.ExtractionPercent, 5, 30, "%");
        var hot = fields.Optional("hotCelsius", document.HotCelsius, 40, 98, "°C")
            ?? (method == BrewMethod.ColdBrew ? null : FromThePot.Value);
        var dilution = fields.Optional("dilutionParts", document.DilutionParts, 0, 20, "parts") ?? 0;
        var holds = fields.Optional("holdsHours", document.HoldsHours, 0.1, 1000, "h")
            ?? UsualHours(method, dilution > 0);
        double? holdsHot =
            method == BrewMethod.Batch
                ? fields.Optional("holdsHotHours", document.HoldsHotHours, 0.1, 24, "h") ?? UsualHotHours
                : null;
        if (fields.Problems.Count == 0 && water <= coffee * retained)
        {
            fields.Report(
                "waterGrams",
                water.ToString(CultureInfo.InvariantCulture),
                $"The grounds keep {coffee * retained:0} g of water, which is all there is.",
                $"more than {coffee * retained:0} g"
            );
        }

        return fields.Finish(() =>
            new CoffeeBase(
                id,
                name,
                new IngredientId(ingredient),
                method,
                Grams.From(coffee),
                Grams.From(water),
                Grams.From(other),
                retained,
                extraction is { } share ? Percent.From(share) : null,
                dilution
            )
            {
                HotAt = hot is { } celsius ? Celsius.From(celsius) : null,
                HoldsHours = holds,
                HoldsHotHours = holdsHot,
            }
        );
    }

    // Kept cold, batch coffee lasts 1 day, ready-to-drink cold brew 5 days and a concentrate 7. A strong brew replaces
    // espresso and stays hot: 1 hour (common practice, no source).
    private static double? UsualHours(BrewMethod method, bool isConcentrate) =>
        method switch
        {
            BrewMethod.Batch => 24,
            BrewMethod.ColdBrew => isConcentrate ? 168 : 120,
            BrewMethod.Strong or BrewMethod.StoveTop => 1,
            _ => null,
        };
}
