using System.Globalization;
using Krasis.Core.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Measures;

namespace Krasis.Core.Espresso;

/// <summary>Reads espresso recipes.</summary>
public static class EspressoReader
{
    /// <summary>Reads one recipe.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<EspressoRecipe> Read(EspressoDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var ingredient = fields.Id("ingredient", document.Ingredient);
        var dose = fields.Number("doseGrams", document.DoseGrams, 4, 60, "g");
        var yield = fields.Number("yieldGrams", document.YieldGrams, 4, 300, "g");
        var shots = fields.Whole("shotsPerPull", document.ShotsPerPull, 1, 4, "shots");

        // The usual target band is 18 to 22 % (SCA brewing chart, from memory); about 30 % is all that will dissolve.
        var extraction = document.ExtractionPercent is null
            ? default(Percent?)
            : Percent.From(fields.Number("extractionPercent", document.ExtractionPercent, 5, 30, "%"));
        if (fields.Problems.Count == 0 && yield < dose / 2)
        {
            fields.Report("yieldGrams", yield.ToString(CultureInfo.InvariantCulture), $"{yield:0.#} g out of a dose of {dose:0.#} g is less than any machine gives.", "at least half the dose");
        }

        return fields.Finish(() => new EspressoRecipe(
            id, name, new IngredientId(ingredient), Grams.From(dose), Grams.From(yield), shots, extraction));
    }
}
