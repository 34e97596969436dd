using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>What an espresso recipe comes to so far.</summary>
/// <param name="Ratio">Grams out for a gram in; null before both are there.</param>
/// <param name="PerShot">Espresso in one shot; null before yield and shots are there.</param>
/// <param name="Strength">Coffee solids in the espresso: as measured, or from the extraction; null when neither is
/// there.</param>
/// <param name="Extraction">The share of the dose that is dissolved: as entered, or from the strength; null when
/// neither is there.</param>
/// <param name="Verdict">What is to be said of the last checked pull; null when there is none.</param>
/// <param name="Says">The rest in sentences.</param>
public sealed record EspressoMeasured(
    double? Ratio,
    Grams? PerShot,
    Percent? Strength,
    Percent? Extraction,
    PullVerdict? Verdict,
    IReadOnlyList<string> Says
)
{
    // The usual target band of extraction (SCA brewing chart, from memory).
    private const double BandFrom = 18;
    private const double BandTo = 22;

    /// <summary>Works out what is there so far; what is missing or cannot be is left out, and told when the recipe is
    /// read.</summary>
    /// <param name="document">The recipe as it is entered.</param>
    /// <param name="tolerance">How far a pull may be off its recipe.</param>
    /// <param name="density">What a millilitre of its espresso weighs; the usual when it is not known.</param>
    public static EspressoMeasured Of(EspressoDocument document, Grams tolerance, Density? density = null)
    {
        var dose = document.DoseGrams is > 0 ? document.DoseGrams : null;
        var yield =
            document.YieldGrams is > 0 ? document.YieldGrams
            : document.YieldMl is > 0 ? document.YieldMl * (density ?? EspressoReader.Usual).Value
            : null;
        var extraction = document.ExtractionPercent ?? (document.TdsPercent * yield / dose);
        var strength = extraction * dose / yield;
        var recipe = EspressoReader.Read(
            document with
            {
                Id = "new",
                Name = "New",
                Ingredient = document.Ingredient ?? "new",
                ShotsPerPull = document.ShotsPerPull ?? 1,
            },
            "",
            density
        );
        return new EspressoMeasured(
            yield / dose,
            yield is { } grams && document.ShotsPerPull is > 0 ? Grams.From(grams / document.ShotsPerPull.Value) : null,
            strength is >= 0 and <= 100 ? Percent.From(strength.Value) : null,
            extraction is >= 0 and <= 100 ? Percent.From(extraction.Value) : null,
            recipe is { IsRead: true, Value.LastPull: { } pull } ? PullVerdict.On(pull, recipe.Value, tolerance) : null,
            [.. Sentences(document, extraction)]
        );
    }

    private static IEnumerable<string> Sentences(EspressoDocument document, double? extraction)
    {
        if (document is { ExtractionPercent: not null, TdsPercent: not null })
        {
            yield return "Both extraction and strength are entered; the sheet goes by the extraction. Empty it to go by the strength.";
        }

        if (extraction is { } share)
        {
            yield return share is >= BandFrom and <= BandTo
                ? $"{Say.Short(share)} % is within the usual 18 to 22 %."
                : $"{Say.Short(share)} % is {(share < BandFrom ? "below" : "above")} the usual 18 to 22 %.";
        }
    }
}
