using Krasis.Core.Bar.Coffee;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Complaining;

/// <summary>Why a shot tastes sour or bitter: too little or too much was taken out of the coffee.</summary>
internal static class ShotCauses
{
    // Espresso out for a gram of coffee in, within which a house's usual double lies: 18 g in, 36 to 45 g out (common
    // practice, no source).
    private const double ShortRatio = 1.8,
        LongRatio = 2.6;

    // The usual target band of extraction, % (SCA brewing chart; from memory).
    private const double LeastExtracted = 18,
        MostExtracted = 22;

    // Above it milk tastes cooked, °C (common practice, no source).
    private const double Scalded = 70;

    public static IEnumerable<Cause> Sour(Complained at) => Either(at, isSour: true);

    public static IEnumerable<Cause> Bitter(Complained at)
    {
        foreach (var line in at.Lines.Where(line => line.Foam is { IsCold: false } foam && foam.To.Value > Scalded))
        {
            yield return new Cause(
                "scalded-milk",
                10 + ((line.Foam!.To.Value - Scalded) * 3),
                $"{line.Ingredient.Name} is steamed to {Say.Degrees(line.Foam.To)}: above {Scalded} °C it tastes cooked.",
                "Stop the wand sooner."
            )
            {
                Bench = "foams",
                BenchId = line.Foam.Id.Value,
            };
        }

        if (at.Size.Taste.Drift.Strength is { Value: > 2 } stronger)
        {
            yield return new Cause(
                "stronger-than-the-reference",
                stronger.Value,
                $"{at.Size.Name} is {Say.Whole(stronger.Value)} % stronger than the reference size.",
                at.Found("taste-drift").FirstOrDefault()?.Mend?.Label ?? "Set it right on the sheet."
            )
            {
                Mend = at.Found("taste-drift").FirstOrDefault()?.Mend,
            };
        }

        foreach (var cause in Either(at, isSour: false))
        {
            yield return cause;
        }
    }

    private static IEnumerable<Cause> Either(Complained at, bool isSour)
    {
        foreach (var (_, finding) in at.Pulls().Where(each => each.Finding.By < 0 == isSour))
        {
            yield return Complained.Booked(
                isSour ? "pulls-run-fast" : "pulls-run-slow",
                20 + (Math.Abs(finding.By) * 5),
                finding
            );
        }

        foreach (var (line, recipe) in at.Recipes())
        {
            if (
                recipe.LastPull is { } pull
                && PullVerdict.On(pull, recipe, at.Bar.House.Serving.YieldTolerance) is { IsGood: false } verdict
                && verdict.Words.Contains(isSour ? "sour" : "bitter", StringComparison.Ordinal)
            )
            {
                yield return new Cause(
                    "last-pull",
                    25,
                    verdict.Words,
                    isSour ? "Grind finer and pull again." : "Grind coarser and pull again."
                )
                {
                    Bench = "espresso",
                    BenchId = recipe.Id,
                };
            }

            var ratio = recipe.Yield / recipe.Dose;
            if (isSour ? ratio < ShortRatio : ratio > LongRatio)
            {
                yield return new Cause(
                    isSour ? "short-ratio" : "long-ratio",
                    Math.Abs(ratio - (isSour ? ShortRatio : LongRatio)) * 40,
                    $"{recipe.Name} gives {Say.Short(recipe.Yield.Value)} g of {Say.Short(recipe.Dose.Value)} g, 1 : {Say.Short(ratio)}: {(isSour ? "short pulls leave what is sweet in the puck" : "long pulls wash out what is bitter")}.",
                    isSour ? "Let more run out of it." : "Stop it sooner."
                )
                {
                    Bench = "espresso",
                    BenchId = recipe.Id,
                };
            }

            if (recipe.Extraction is { } taken && (isSour ? taken.Value < LeastExtracted : taken.Value > MostExtracted))
            {
                yield return new Cause(
                    isSour ? "little-extracted" : "much-extracted",
                    Math.Abs(taken.Value - (isSour ? LeastExtracted : MostExtracted)) * 8,
                    $"{recipe.Name} takes {Say.Short(taken.Value)} % out of the coffee; {LeastExtracted} to {MostExtracted} % is the usual band.",
                    isSour ? "Grind finer, or let more run." : "Grind coarser, or let less run."
                )
                {
                    Bench = "espresso",
                    BenchId = recipe.Id,
                };
            }

            yield return new Cause(
                "taste-it-alone",
                1,
                $"Nothing in the numbers of {line.Ingredient.Name} says why.",
                "Pull one, let it cool, and taste it alone: the roast, or its age."
            );
        }
    }
}
