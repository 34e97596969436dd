using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Making.Complaining;

/// <summary>Why foam drips through, or stands stiff.</summary>
internal static class FoamCauses
{
    // A cold foam holds by fat or by air (common practice, no source; see the check on foam that will not stand), and
    // stands stiff with too much of either.
    private const double FatThatHolds = 10,
        StiffFat = 25,
        AirThatHolds = 0.5,
        StiffAir = 1;

    public static IEnumerable<Cause> Drips(Complained at)
    {
        foreach (
            var cause in at.By("foam-will-not-stand", 50, "Foam it longer, or take more cream.")
                .Concat(at.By("cold-foam-too-warm", 40, "Foam it straight from the fridge."))
        )
        {
            yield return cause;
        }

        // Cream and air hold a cold foam up; steamed milk is poured through the drink, and stands by its stretching.
        foreach (var line in Foamed(at).Where(line => line.Foam!.IsCold))
        {
            if (line.Ingredient.Composition.Fat is { } fat && fat < FatThatHolds)
            {
                yield return new Cause(
                    "little-cream",
                    (FatThatHolds - fat) * 2,
                    $"{line.Ingredient.Name} has {Say.Short(fat)} g of fat in 100 g; from {FatThatHolds} g on a foam holds by it.",
                    "More cream in it."
                );
            }

            if (line.Foam!.Overrun < AirThatHolds)
            {
                yield return new Cause(
                    "little-air",
                    (AirThatHolds - line.Foam.Overrun) * 60,
                    $"Foamed to {line.Foam.Name} it grows by {Say.Whole(line.Foam.Overrun * 100)} %.",
                    "Foam it longer."
                )
                {
                    Bench = "foams",
                    BenchId = line.Foam.Id.Value,
                };
            }
        }

        yield return new Cause(
            "pour-slower",
            1,
            "A foam that is dropped on a drink breaks through it.",
            "Pour it slowly, over a spoon."
        );
    }

    public static IEnumerable<Cause> Stiff(Complained at)
    {
        foreach (var line in Foamed(at))
        {
            if (line.Foam!.Overrun > StiffAir)
            {
                yield return new Cause(
                    "much-air",
                    (line.Foam.Overrun - StiffAir) * 40,
                    $"Foamed to {line.Foam.Name} it grows by {Say.Whole(line.Foam.Overrun * 100)} %.",
                    "Foam it for less long."
                )
                {
                    Bench = "foams",
                    BenchId = line.Foam.Id.Value,
                };
            }

            if (line.Ingredient.Composition.Fat is { } fat && fat > StiffFat)
            {
                yield return new Cause(
                    "much-cream",
                    fat - StiffFat,
                    $"{line.Ingredient.Name} has {Say.Short(fat)} g of fat in 100 g, nearly whipped cream.",
                    "Less cream in it, more milk."
                );
            }
        }

        foreach (var cause in at.By("foam-third", 20, "Foam it to another level."))
        {
            yield return cause;
        }

        yield return new Cause(
            "stood-too-long",
            2,
            "Foam that stands dries and sets.",
            "Swirl the jug until it shines, and pour at once."
        );
    }

    private static IEnumerable<WorkedLine> Foamed(Complained at) => at.Lines.Where(line => line.Foam is not null);
}
