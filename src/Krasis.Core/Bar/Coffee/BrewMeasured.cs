using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>What a coffee recipe comes to so far.</summary>
/// <param name="GramsPerLitre">Coffee to a litre of water; null before both are there.</param>
/// <param name="Retained">Water that the grounds keep; null before the recipe can be read.</param>
/// <param name="Yield">What is served; null before the recipe can be read.</param>
/// <param name="Strength">Coffee solids in it; null when the extraction is not known.</param>
/// <param name="Says">The rest in sentences.</param>
public sealed record BrewMeasured(
    double? GramsPerLitre,
    Grams? Retained,
    Grams? Yield,
    Percent? Strength,
    IReadOnlyList<string> Says
)
{
    // 55 g/l ± 10 % (SCA Golden Cup, from memory), for coffee brewed hot and drunk as it is.
    private const double GoldenLeast = 49.5;
    private const double GoldenMost = 60.5;

    /// <summary>Works out what is there so far; what is missing or cannot be is left out, and told when the recipe is
    /// read.</summary>
    /// <param name="document">The recipe, perhaps half entered.</param>
    /// <param name="coffee">The coffee that it makes, as it was entered; null when there is none yet.</param>
    public static BrewMeasured Of(CoffeeBaseDocument document, Ingredient? coffee)
    {
        var perLitre = document is { CoffeeGrams: > 0, WaterGrams: > 0 }
            ? document.CoffeeGrams / document.WaterGrams * 1000
            : null;
        var read = CoffeeBaseReader.Read(
            document with
            {
                Id = "new",
                Name = "New",
                Ingredient = document.Ingredient ?? "new",
            }
        );
        return read.IsRead
            ? new BrewMeasured(
                perLitre,
                read.Value.Coffee * read.Value.Retained,
                read.Value.Yield,
                read.Value.Strength,
                [.. Sentences(read.Value, perLitre, coffee)]
            )
            : new BrewMeasured(perLitre, null, null, null, []);
    }

    private static IEnumerable<string> Sentences(CoffeeBase brew, double? perLitre, Ingredient? coffee)
    {
        if (perLitre is { } grams && brew.Method == BrewMethod.Batch)
        {
            yield return grams is >= GoldenLeast and <= GoldenMost
                ? "Within 55 g/l ± 10 %, the usual for coffee drunk hot."
                : $"{(grams > GoldenMost ? "Stronger" : "Thinner")} than the usual 55 g/l ± 10 % for coffee drunk hot{(grams > GoldenMost ? ": right where ice will melt into it" : "")}.";
        }

        if (brew.IsConcentrate)
        {
            yield return $"Concentrate, 1 : {Say.Fine(brew.DilutionParts)}. Serve one part with {Say.Fine(brew.DilutionParts)} {(brew.DilutionParts == 1 ? "part" : "parts")} of water. Yield and strength are as served.";
        }
        else if (brew.Method == BrewMethod.ColdBrew)
        {
            yield return "Ready to drink: add no water.";
        }

        if (brew.HoldsHours is { } hours)
        {
            yield return $"It keeps for {CoffeeBase.Duration(hours)} after brewing{(hours >= 24 ? " if kept cold" : "")}.";
        }

        if (coffee?.Strength is { } own && brew.Strength is { } holds && Math.Abs(own.Value - holds.Value) > 0.005)
        {
            yield return $"{coffee.Name} has {Say.Fine(own.Value)} % coffee solids entered; this recipe's {Say.Fine(holds.Value)} % hold.";
        }

        if (coffee is { Roast: null })
        {
            yield return $"The caffeine of {coffee.Name}'s roast is not said, so that of the drinks is not known.";
        }

        if (brew.Strength is null)
        {
            yield return "Without its extraction the strength is not known, nor that of what it goes into.";
        }
    }
}
