using Krasis.Core.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Measures;

namespace Krasis.Core.Dispensers;

/// <summary>Reads dispensers.</summary>
public static class DispenserReader
{
    /// <summary>Reads one dispenser.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<Dispenser> Read(DispenserDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var ingredient = fields.Id("ingredient", document.Ingredient);

        // Pumps of 5 to 25 ml are met at bars; a spoonful bottle or a dropper and a ladle are the ends taken.
        var stroke = fields.Number("strokeMl", document.StrokeMl, 0.1, 200, "ml a stroke");
        return fields.Finish(() => new Dispenser(id, name, new IngredientId(ingredient), Millilitres.From(stroke)));
    }
}
