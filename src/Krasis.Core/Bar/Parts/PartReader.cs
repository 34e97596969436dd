using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Parts;

/// <summary>Reads parts, each by itself.</summary>
public static class PartReader
{
    private const int MostLines = 30;

    private static readonly string[] Kinds =
    [
        .. Enum.GetValues<IngredientKind>()
            .Where(kind => kind is not (IngredientKind.Espresso or IngredientKind.Ice))
            .Select(Choice.Word),
    ];

    /// <summary>Reads one part.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<Part> Read(PartDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var kind = fields.Word("kind", document.Kind, IngredientKind.Syrup);
        if (kind is IngredientKind.Espresso or IngredientKind.Ice)
        {
            fields.Report("kind", document.Kind, "A part is not pulled or frozen.", string.Join(", ", Kinds));
        }

        if (document.Ratio is not (null or "mass" or "volume"))
        {
            fields.Report(
                "ratio",
                document.Ratio,
                $"'{Problem.Shorten(document.Ratio)}' is not a way of counting parts.",
                "mass, volume, or nothing where the amounts are measures"
            );
        }

        var lines = fields.Each("lines", document.Lines, MostLines, (line, at, into) =>
            ReadLine(line, at, document.Ratio, into)
        );
        if (lines.Count == 0)
        {
            fields.Report("lines", null, "Nothing goes into it.", "at least one ingredient or part");
        }
        else if (lines.All(line => line.Amount == 0))
        {
            fields.Report("lines", "0", "Every amount in it is 0.", "an amount above zero");
        }

        var loss = fields.Optional("lossPercent", document.LossPercent, 0, 90, "%") ?? 0;
        var density = fields.Optional("densityGramsPerMl", document.DensityGramsPerMl, 0.1, 2, Density.Symbol);
        var served = fields.Optional("servedCelsius", document.ServedCelsius, -5, 100, "°C");
        _ = fields.Note("method", document.Method, 2000);
        var useBy = IngredientReader.ReadUseBy(
            document.MadeOn,
            "madeOn",
            document.ShelfLifeDays,
            "shelfLifeDays",
            fields
        );
        var colour = IngredientReader.ReadColour(document.Colour, fields);
        return fields.Finish(() =>
            new Part(
                new IngredientId(id),
                name,
                kind,
                colour,
                lines,
                loss / 100,
                density is { } weighed ? Density.From(weighed) : null,
                served is { } celsius ? Celsius.From(celsius) : null,
                useBy,
                document.Chilled
            )
        );
    }

    private static PartLine ReadLine(PartLineDocument line, string path, string? ratio, FieldReader fields)
    {
        var ingredient = new IngredientId(fields.Id($"{path}.ingredient", line.Ingredient));
        var measure = ratio switch
        {
            "mass" => Measure.Gram,
            "volume" => Measure.Millilitre,
            _ => Measure.Find(line.Measure),
        };
        if (measure is not { Kind: MeasureKind.Mass or MeasureKind.Volume })
        {
            fields.Report(
                $"{path}.measure",
                line.Measure,
                "A part is made by mass or by volume.",
                string.Join(
                    ", ",
                    Measure
                        .All.Where(known => known.Kind is MeasureKind.Mass or MeasureKind.Volume)
                        .Select(known => known.Code)
                )
            );
            measure = Measure.Gram;
        }

        return new PartLine(
            ingredient,
            fields.Number($"{path}.amount", line.Amount, 0.01, 100_000, ratio is null ? measure.Plural : "parts"),
            measure
        );
    }
}
