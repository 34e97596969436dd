using System.Globalization;
using Krasis.Core.Input;
using Krasis.Core.Measures;

namespace Krasis.Core.Ingredients;

/// <summary>Reads what is in 100 g of an ingredient.</summary>
internal static class CompositionReader
{
    /// <summary>Reads the sugars.</summary>
    /// <param name="document">The composition, or null when nothing is known of it.</param>
    /// <param name="fields">Takes the problems, under the field <c>per100g</c>.</param>
    /// <returns>The sugars, or null when any of them is not known: a sum with a gap in it is not a sum.</returns>
    public static IReadOnlyDictionary<Sugar, GramsPer100Grams>? ReadSugars(CompositionDocument? document, FieldReader fields)
    {
        if (document is null)
        {
            return null;
        }

        var sugars = new Dictionary<Sugar, GramsPer100Grams>();
        foreach (var (sugar, given) in Given(document))
        {
            if (given is not null)
            {
                sugars[sugar] = GramsPer100Grams.From(fields.Number($"per100g.{FieldName(sugar)}", given, 0, 100, "g"));
            }
        }

        var total = sugars.Values.Sum(grams => grams.Value);
        if (total > 100)
        {
            fields.Report("per100g", total.ToString("0.#", CultureInfo.InvariantCulture), $"The sugars add up to {total.ToString("0.#", CultureInfo.InvariantCulture)} g in 100 g.", "at most 100 g of sugars together");
        }

        return sugars.Count == Enum.GetValues<Sugar>().Length ? sugars : null;
    }

    private static IEnumerable<(Sugar Sugar, double? Given)> Given(CompositionDocument document) =>
    [
        (Sugar.Sucrose, document.Sucrose),
        (Sugar.Glucose, document.Glucose),
        (Sugar.Fructose, document.Fructose),
        (Sugar.Lactose, document.Lactose),
        (Sugar.Maltose, document.Maltose),
    ];

    private static string FieldName(Sugar sugar) => sugar.ToString().ToLowerInvariant();
}
