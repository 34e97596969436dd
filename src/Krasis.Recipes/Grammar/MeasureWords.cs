using Krasis.Core.Quantities;

namespace Krasis.Recipes.Grammar;

/// <summary>What measures are called in recipes, beyond what the quantity language takes: abbreviations, misspellings,
/// and multiples of them.</summary>
/// <remarks>Common practice, no source.</remarks>
internal static class MeasureWords
{
    /// <summary>The most words that a measure is called by.</summary>
    public const int Longest = 3;

    private static readonly IReadOnlyList<(Measure Measure, double Times, string Words)> More =
    [
        (Measure.Stroke, 1, "pmp,pmps,pumpful,pumpfuls,press,presses"),
        (Measure.Millilitre, 1, "mls,cc,mil,mils"),
        (Measure.Gram, 1, "gm,gms,grm,grms,grammes,gramme"),
        (Measure.UsTablespoon, 1, "tbs,tbsps,tblsp,tblsps,table spoon,table spoons"),
        (Measure.UsTeaspoon, 1, "tsps,tea spoon,tea spoons"),
        (Measure.UsFluidOunce, 1, "floz,fl ozs,fluid oz,us floz"),
        (Measure.ImperialFluidOunce, 1, "uk fl oz,imperial floz"),
        (Measure.Ounce, 1, "ozs"),
        (Measure.Scoop, 1, "scoopful,scoopfuls,scp"),
        (Measure.Cube, 1, "ice cube,ice cubes,icecube,icecubes,pc,pcs"),
        (Measure.Shot, 1, "sht,shts"),
        (Measure.Millilitre, 1000, "l,litre,litres,liter,liters"),
        (Measure.Millilitre, 100, "dl"),
        (Measure.Millilitre, 10, "cl"),
        (Measure.Gram, 1000, "kg,kilo,kilos"),
    ];

    private static readonly Dictionary<string, (Measure Measure, double Times)> Known = Measure
        .All.SelectMany(measure => measure.Spoken.Select(said => (Measure: measure, Times: 1.0, Words: said)))
        .Concat(More.SelectMany(more => more.Words.Split(',').Select(said => (more.Measure, more.Times, Words: said))))
        .DistinctBy(one => one.Words.ToLowerInvariant())
        .ToDictionary(one => one.Words.ToLowerInvariant(), one => (one.Measure, one.Times), StringComparer.Ordinal);

    /// <summary>The measure that words call, and how many of it one is; null where they call none.</summary>
    public static (Measure Measure, double Times)? Find(string words) =>
        Known.TryGetValue(words.ToLowerInvariant(), out var found) ? found : null;
}
