using CsCheck;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Quantities;

namespace Krasis.Core.Tests.Bar;

/// <summary>Pulls and brews as they were measured.</summary>
public class MeasuredCoffeeTests
{
    private static readonly EspressoDocument Double = FullBar.Document.Espresso[0];

    [Theory]
    [InlineData(36, 20, false, "too fast")]
    [InlineData(36, 31, false, "too slow")]
    [InlineData(36, 27, true, "as the recipe wants it")]
    [InlineData(36, 24.9, false, "too fast")]
    [InlineData(36, 25, true, "as the recipe wants it")]
    [InlineData(36, 30, true, "as the recipe wants it")]
    [InlineData(36, 30.1, false, "too slow")]
    [InlineData(38, 26, true, "as the recipe wants it")]
    [InlineData(38.1, 27, false, "more than the recipe's 36 g. Stop the pull sooner.")]
    [InlineData(34, 27, true, "as the recipe wants it")]
    [InlineData(33.9, 27, false, "less than the recipe's 36 g. Stop the pull later.")]
    public void A_pull_gets_a_verdict_in_words(double grams, double seconds, bool isGood, string words)
    {
        var verdict = PullVerdict.On(
            new Pull(Grams.From(grams), seconds),
            EspressoReader.Read(Double).Value,
            Grams.From(2)
        );

        Assert.Equal(isGood, verdict.IsGood);
        Assert.Contains(words, verdict.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void Extraction_and_measured_strength_give_each_other()
    {
        // 18 g at 20 % in 36 g is 10 %, and back.
        Assert.Equal(10, EspressoReader.Read(Double).Value.Strength!.Value.Value, 1e-9);
        Assert.Equal(
            20,
            EspressoReader
                .Read(Double with { ExtractionPercent = null, TdsPercent = 10 })
                .Value.Extraction!.Value.Value,
            1e-9
        );
    }

    public static TheoryData<string, EspressoDocument> BadRecipes =>
        new()
        {
            { "doseGrams", Double with { BasketFromGrams = 19 } },
            { "doseGrams", Double with { BasketToGrams = 17 } },
            { "secondsTo", Double with { SecondsTo = 20 } },
            { "secondsFrom", Double with { SecondsFrom = null } },
            { "tdsPercent", Double with { TdsPercent = 40 } },
            { "extractionPercent", Double with { ExtractionPercent = null, TdsPercent = 25 } },
            { "cupCelsius", Double with { CupCelsius = 130 } },
        };

    [Theory]
    [MemberData(nameof(BadRecipes))]
    public void A_recipe_that_cannot_be_is_named(string field, EspressoDocument document) =>
        Assert.Contains(EspressoReader.Read(document).Problems, problem => problem.Field == field);

    [Fact]
    public void Brewed_coffee_is_as_strong_as_its_grounds_and_water_make_it()
    {
        // By hand: 60 g at 20 % are 12 g of solids in 1000 − 120 = 880 g: 1.364 %; diluted 1 : 1, half.
        var brew = new CoffeeBaseDocument
        {
            Id = "b",
            Name = "Batch",
            Ingredient = "coffee",
            Method = "batch",
            CoffeeGrams = 60,
            WaterGrams = 1000,
            ExtractionPercent = 20,
        };

        Assert.Equal(12 / 880.0 * 100, CoffeeBaseReader.Read(brew).Value.Strength!.Value.Value, 1e-9);
        Assert.Equal(
            6 / 880.0 * 100,
            CoffeeBaseReader.Read(brew with { DilutionParts = 1 }).Value.Strength!.Value.Value,
            1e-9
        );
    }

    [Fact]
    public void All_of_instant_coffee_dissolves()
    {
        // 10 g in 190 g of water is 5 %; whipped with as much sugar and water, a third.
        var instant = new CoffeeBaseDocument
        {
            Id = "i",
            Name = "Instant",
            Ingredient = "coffee",
            Method = "instant",
            CoffeeGrams = 10,
            WaterGrams = 190,
        };

        Assert.Equal(5, CoffeeBaseReader.Read(instant).Value.Strength!.Value.Value, 1e-9);
        Assert.Equal(
            100 / 3.0,
            CoffeeBaseReader
                .Read(instant with { Method = "whipped", WaterGrams = 10, OtherGrams = 10 })
                .Value.Strength!.Value.Value,
            1e-9
        );
    }

    [Fact]
    public void Grounds_that_keep_all_the_water_are_refused() =>
        Assert.Equal(
            "waterGrams",
            Assert
                .Single(
                    CoffeeBaseReader
                        .Read(
                            new()
                            {
                                Id = "b",
                                Name = "B",
                                Ingredient = "coffee",
                                Method = "batch",
                                CoffeeGrams = 500,
                                WaterGrams = 1000,
                                ExtractionPercent = 20,
                            }
                        )
                        .Problems
                )
                .Field
        );

    [Fact]
    public void A_coffee_is_as_strong_as_its_recipe_makes_it_whatever_else_is_entered()
    {
        var brew = new CoffeeBaseDocument
        {
            Id = "b",
            Name = "B",
            Ingredient = "coffee",
            Method = "batch",
            CoffeeGrams = 60,
            WaterGrams = 1000,
            ExtractionPercent = 20,
        };
        var open = FullBar.Document with
        {
            Coffees = [brew],
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(ingredient =>
                    ingredient.Id == "coffee" ? ingredient with { StrengthPercent = null } : ingredient
                ),
            ],
        };

        Assert.Equal(12 / 880.0 * 100, FullBar.Ingredient("coffee", FullBar.Read(open)).Strength!.Value.Value, 1e-9);
        Assert.Equal(
            12 / 880.0 * 100,
            FullBar
                .Ingredient("coffee", FullBar.Read(FullBar.Document with { Coffees = [brew] }))
                .Strength!.Value.Value,
            1e-9
        );

        // A recipe that does not say how much dissolves leaves what was measured.
        Assert.Equal(
            1.25,
            FullBar
                .Ingredient(
                    "coffee",
                    FullBar.Read(FullBar.Document with { Coffees = [brew with { ExtractionPercent = null }] })
                )
                .Strength!.Value.Value
        );
    }
}
