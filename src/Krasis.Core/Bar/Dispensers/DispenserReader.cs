using System.Globalization;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Dispensers;

/// <summary>Reads dispensers.</summary>
public static class DispenserReader
{
    private const int MostWeighings = 50;

    /// <summary>Reads one dispenser by itself. Where its strokes were weighed, its yield is not known before
    /// <see cref="Fill"/>.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<Dispenser> Read(DispenserDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var ingredient = fields.Id("ingredient", document.Ingredient);
        var kind = fields.OptionalWord<DispenserKind>("kind", document.Kind) ?? DispenserKind.Pump;
        if (document.StrokesGrams.Count > MostWeighings)
        {
            fields.Report(
                "strokesGrams",
                null,
                $"There are {document.StrokesGrams.Count} weighings.",
                $"at most {MostWeighings}"
            );
        }

        // Pumps of 5 to 25 ml are met at bars; a spoonful bottle or a dropper and a ladle are the ends taken.
        var weighed = document
            .StrokesGrams.Select((grams, i) => fields.Number($"strokesGrams[{i}]", grams, 0.05, 300, "g a stroke"))
            .ToList();
        var stroke = weighed.Count > 0 ? 0 : fields.Number("strokeMl", document.StrokeMl, 0.1, 200, "ml a stroke");
        if (weighed.Count > 0 && document.StrokeMl is not null)
        {
            fields.Report(
                "strokeMl",
                document.StrokeMl.Value.ToString(CultureInfo.InvariantCulture),
                "The weighed strokes give the yield already.",
                "either strokes weighed in g or one stroke in ml, the other empty"
            );
        }

        if (fields.Problems.Count == 0)
        {
            StrokeOutliers.Refuse(weighed, fields);
        }

        var leftOut = document
            .LeftOutGrams.Select((grams, i) => fields.Number($"leftOutGrams[{i}]", grams, 0, 3000, "g a stroke"))
            .ToList();
        if (leftOut.Count > MostWeighings)
        {
            fields.Report(
                "leftOutGrams",
                $"{leftOut.Count}",
                $"There are {leftOut.Count} weighings left out.",
                $"at most {MostWeighings}"
            );
        }

        var weighedOn = fields.Day("weighedOn", document.WeighedOn);
        var nominal = fields.Optional("nominalMl", document.NominalMl, 0.1, 200, "ml a stroke");
        return fields.Finish(() =>
            new Dispenser(id, name, kind, new IngredientId(ingredient), Millilitres.From(stroke))
            {
                Weighing = weighed.Count > 0 ? StrokeWeighing.Of(weighed) : null,
                Nominal = nominal is { } ml ? Millilitres.From(ml) : null,
                GivesHalves = document.HalfStrokes,
                Station = fields.Note("station", document.Station, 80),
                WeighedOn = weighedOn,
            }
        );
    }

    /// <summary>Puts the ingredient into a dispenser: a weighed stroke becomes a volume by its density.</summary>
    public static Dispenser Fill(Dispenser dispenser, Ingredient ingredient) =>
        dispenser.Weighing is { } weighing
            ? dispenser with
            {
                YieldPerStroke = weighing.Mean / ingredient.Density,
            }
            : dispenser;
}
