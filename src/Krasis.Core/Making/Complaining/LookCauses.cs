using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Drawing;

namespace Krasis.Core.Making.Complaining;

/// <summary>Why a drink looks wrong: sauce on the bottom, layers that ran together, the wrong colour.</summary>
internal static class LookCauses
{
    public static IEnumerable<Cause> Sauce(Complained at)
    {
        foreach (
            var cause in at.By("sauce-on-the-bottom", 50, "Pour the hot coffee on the sauce, or stir.")
                .Concat(at.By("powder-in-the-cold", 45, "Dissolve it in a splash of hot water first."))
        )
        {
            yield return cause;
        }

        foreach (var cause in OnCold(at))
        {
            yield return cause;
        }

        yield return MixLonger(at);
    }

    private static IEnumerable<Cause> OnCold(Complained at)
    {
        foreach (
            var sauce in at.Lines.Where(line =>
                line.IsInside
                && line.Line.Technique != Technique.Wall
                && !line.Line.Technique.IsLoosenedFirst()
                && line.Ingredient.Kind is IngredientKind.Sauce or IngredientKind.Powder
            )
        )
        {
            // What is poured on it: another flavour is not what melts it.
            var after = at
                .Lines.Where(line =>
                    line.Index > sauce.Index
                    && line.IsInside
                    && !line.IsIce
                    && line.Ingredient.Kind
                        is not (IngredientKind.Sauce or IngredientKind.Syrup or IngredientKind.Powder)
                )
                .ToList();
            if (after.Count == 0 || at.Build.Serve is Serve.Shaken or Serve.Blended)
            {
                continue;
            }

            if (after[0].Temperature < PourOrder.Warm)
            {
                yield return new Cause(
                    "poured-on-cold",
                    20,
                    $"{after[0].Ingredient.Name} goes on {sauce.Ingredient.Name} at {Say.Degrees(Celsius.From(Math.Round(after[0].Temperature)))}.",
                    "Something hot first: it melts the sauce."
                );
            }

            if (!sauce.Facts.Technique.Mixes && !after.Exists(line => line.Facts.Technique.Mixes))
            {
                yield return new Cause(
                    "nobody-stirs",
                    15,
                    $"Nothing in it is stirred after {sauce.Ingredient.Name}.",
                    $"Stir when {after[0].Ingredient.Name} is in."
                )
                {
                    Mend = new Mend(
                        $"Stir {after[0].Ingredient.Name} in",
                        [],
                        [new LineChange(after[0].Line.Id, LineField.Technique, Techniques.Of(Technique.Stir))]
                    ),
                };
            }
        }
    }

    private static Cause MixLonger(Complained at) =>
        at.Build.Serve is Serve.Shaken or Serve.Blended
            ? new Cause(
                "mix-longer",
                1,
                $"{(at.Build.Serve == Serve.Shaken ? "Shaken" : "Blended")} too short, it stays where it is.",
                at.Build.Serve == Serve.Shaken
                    ? $"Shake it hard for {StepWords.ShakeSeconds} seconds."
                    : $"Blend it for {StepWords.BlendSeconds} seconds."
            )
            : new Cause(
                "stir-longer",
                1,
                "Stirred too short, it stays where it is.",
                $"Stir to the bottom, {Say.Whole(StepWords.StirSeconds)} seconds."
            );

    public static IEnumerable<Cause> Layers(Complained at)
    {
        if (at.Lines.FirstOrDefault(line => line.Facts.Technique.Mixes && line.Index > 0) is { } stirred)
        {
            yield return new Cause(
                "stirred",
                60,
                $"{stirred.Ingredient.Name} is {stirred.Facts.Technique.Words}, and that mixes all that is in the cup.",
                "Pour it, and do not stir."
            )
            {
                Mend = new Mend(
                    $"Pour {stirred.Ingredient.Name}",
                    [],
                    [new LineChange(stirred.Line.Id, LineField.Technique, Techniques.Of(Technique.Pour))]
                ),
            };
        }

        foreach (var boundary in at.Size.Drawing.Boundaries.Where(boundary => !boundary.Holds))
        {
            var isSlow = boundary.DensityStep < Boundary.Margin;
            yield return new Cause(
                isSlow ? "not-lighter-enough" : "poured-fast",
                isSlow ? 40 : 50,
                boundary.Why,
                isSlow ? "Put the heavier one below, or make it sweeter." : "Pour it slowly, over a spoon or the ice."
            )
            {
                Mend = isSlow
                    ? null
                    : new Mend(
                        "Pour it slowly",
                        [],
                        [new LineChange(boundary.Upper, LineField.Technique, Techniques.Of(Technique.Float))]
                    ),
            };
        }

        yield return new Cause(
            "hands",
            1,
            "By the numbers the layers hold.",
            "Pour the upper one slower, over a spoon."
        );
    }

    public static IEnumerable<Cause> Colour(Complained at)
    {
        if (at.Size.Taste.Drift.Colour is { } off && off > at.Bar.House.AllowedColourDrift)
        {
            var finding = at.Found("colour-drift").FirstOrDefault();
            yield return new Cause(
                "colour-drift",
                off * 3,
                finding?.Message ?? $"{at.Size.Name} is far from the reference size in colour.",
                finding?.Mend?.Label ?? "Bring its milk and coffee nearer to the reference."
            )
            {
                Mend = finding?.Mend,
            };
        }

        foreach (var finding in at.Poured.Where(finding => finding.Of == SeriesOf.Drink && finding.Id == at.Build.Name))
        {
            yield return Complained.Booked("poured-otherwise", Math.Abs(finding.By) * 2, finding);
        }

        if (at.Size.Drawing.Boundaries.Any(boundary => boundary.Holds))
        {
            yield return new Cause(
                "stands-in-layers",
                8,
                "It stands in layers: each has a colour of its own until it is stirred.",
                "Stir it, or say at the counter that it is to be stirred."
            );
        }

        if (at.Build.SeenColour is null)
        {
            yield return new Cause(
                "not-looked-at",
                2,
                "The colour on the sheet is worked out and not seen.",
                "Pick the colour of a real cup under the build's facts."
            );
        }

        yield return new Cause(
            "another-milk",
            1,
            "Another milk or another roast has another colour.",
            "Look what was really in the jug."
        );
    }
}
