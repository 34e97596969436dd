using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>Reads what is in 100 g of an ingredient.</summary>
internal static class CompositionReader
{
    // Printed values are each rounded: their sum may be a little over the whole.
    internal const double RoundingSlack = 1;

    /// <summary>Reads everything but the kinds of sugar, which <see cref="SugarReader"/> reads.</summary>
    /// <param name="document">The composition, or null when nothing is known of it.</param>
    /// <param name="fields">Takes the problems, under the field <c>per100g</c>.</param>
    public static Composition Read(CompositionDocument? document, FieldReader fields)
    {
        if (document is null)
        {
            return Composition.Unknown;
        }

        _ = fields.Note("per100g.source", document.Source);
        _ = fields.Day("per100g.on", document.On);

        // Pure fat has 9 kcal/g: nothing has more than 900 in 100 g (USDA Agriculture Handbook 74).
        var energy = fields.Optional("per100g.energyKcal", document.EnergyKcal, 0, 902, "kcal");
        var fat = Grams("fat", document.Fat);
        var saturates = Grams("saturates", document.Saturates);
        var carbohydrate = Grams("carbohydrate", document.Carbohydrate);
        var sugars = Grams("sugars", document.Sugars) ?? SumOfKinds(document);
        var protein = Grams("protein", document.Protein);
        var salt = Grams("salt", document.Salt);
        var caffeine = fields.Optional("per100g.caffeineMg", document.CaffeineMg, 0, 100_000, "mg");
        Refuse("saturates", saturates, "saturates", fat, "fat");
        Refuse("sugars", sugars, "sugars", carbohydrate, "carbohydrate");
        var total = (fat ?? 0) + (carbohydrate ?? sugars ?? 0) + (protein ?? 0) + (salt ?? 0);
        if (total > 100 + RoundingSlack)
        {
            fields.Report(
                "per100g",
                Say.Short(total),
                $"Fat, carbohydrate, protein and salt add up to {Say.Short(total)} g in 100 g.",
                "at most 100 g together"
            );
        }

        return new Composition(energy, fat, saturates, carbohydrate, sugars, protein, salt, caffeine);

        double? Grams(string field, double? value) => fields.Optional($"per100g.{field}", value, 0, 100, "g");

        void Refuse(string field, double? part, string what, double? whole, string ofWhat)
        {
            if (part is { } inside && whole is { } all && inside > all + RoundingSlack)
            {
                fields.Report(
                    $"per100g.{field}",
                    Say.Short(inside),
                    $"{Say.Short(inside)} g of {what} are more than the {Say.Short(all)} g of {ofWhat} that they are part of.",
                    $"at most {Say.Short(all)} g"
                );
            }
        }
    }

    private static double? SumOfKinds(CompositionDocument document)
    {
        var kinds = SugarReader
            .Given(document)
            .Where(kind => kind.Sugar != Sugar.Galactose)
            .Select(kind => kind.Given)
            .ToList();
        return kinds.TrueForAll(given => given is >= 0 and <= 100) ? kinds.Sum() + (document.Galactose ?? 0) : null;
    }
}
