using System.Text.RegularExpressions;
using Krasis.Core.Ice;
using Krasis.Core.Input;
using Krasis.Core.Measures;

namespace Krasis.Core.Ingredients;

/// <summary>Reads ingredients.</summary>
public static partial class IngredientReader
{
    /// <summary>Reads one ingredient.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<Ingredient> Read(IngredientDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var kind = fields.Word("kind", document.Kind, IngredientKind.Milk);
        var isIce = kind == IngredientKind.Ice;

        // From light foams and spirits to the heaviest sugar mass; beyond that the number is in another unit.
        var density = isIce ? IceFacts.Density.Value : fields.Number("densityGramsPerMl", document.DensityGramsPerMl, 0.1, 2, Density.Symbol);
        var piece = isIce ? fields.Number("pieceGrams", document.PieceGrams, 0.5, 500, "g") : 0;

        // From tea-like filter coffee to a concentrate for diluting; instant coffee is no liquid.
        var strength = kind == IngredientKind.Coffee && document.StrengthPercent is not null
            ? Percent.From(fields.Number("strengthPercent", document.StrengthPercent, 0.1, 30, "%"))
            : default(Percent?);
        var sugars = CompositionReader.ReadSugars(document.Per100g, fields);
        var colour = document.Colour ?? "";
        if (!HexColour().IsMatch(colour))
        {
            fields.Report("colour", document.Colour, "That is not a colour.", "a colour as #rrggbb, such as #d9b08c");
        }

        return fields.Finish(() => new Ingredient(
            new IngredientId(id), name, kind, Density.From(density), colour, isIce ? Grams.From(piece) : null, strength, sugars));
    }

    [GeneratedRegex("^#[0-9a-fA-F]{6}$", RegexOptions.CultureInvariant)]
    private static partial Regex HexColour();
}
