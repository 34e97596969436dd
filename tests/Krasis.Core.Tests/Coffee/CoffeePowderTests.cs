using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Parts;

namespace Krasis.Core.Tests.Coffee;

/// <summary>Coffee powder in a part that the house makes.</summary>
public class CoffeePowderTests
{
    // 10 g each of instant coffee, sugar and water: a third of the mass is coffee solids, a third is sugar, and the whole is
    // coffee, as in a recipe for whipped coffee.
    [Theory]
    [InlineData("coffee", null)]
    [InlineData("coffee", "top")]
    [InlineData("topping", null)]
    public void Coffee_powder_in_a_part_makes_coffee_of_it(string kind, string? technique)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients,
                    Powder(
                        "instant-powder",
                        new()
                        {
                            Sucrose = 0,
                            Sugars = 0,
                            CaffeineMg = 3000,
                        }
                    ) with
                    {
                        StrengthPercent = 100,
                    },
                    Powder(
                        "fine-sugar",
                        new()
                        {
                            Sucrose = 100,
                            Sugars = 100,
                            CaffeineMg = 0,
                        }
                    ),
                ],
                Parts =
                [
                    new()
                    {
                        Id = "whip-part",
                        Name = "Whip part",
                        Kind = kind,
                        Colour = "#aabbcc",
                        DensityGramsPerMl = 0.4,
                        Lines = [Share("instant-powder", 10), Share("fine-sugar", 10), Share("water", 10)],
                    },
                ],
            }
        );
        var size = FullBar
            .Mix(
                TestBar.Build(
                    TestBar.Line("milk", 170, "g"),
                    TestBar.Line("whip-part", 30, "g") with
                    {
                        Technique = technique,
                    }
                ),
                bar
            )
            .Size("m");

        Assert.Equal(10 / 200.0 * 100, size.Taste.Poured.Strength!.Value.Value, 1e-9);
        Assert.Equal((10 + (170 * 0.05 * 0.16)) / 200 * 100, size.Taste.Poured.Sweetness!.Value.Value, 1e-9);
        Assert.Equal(300, size.Inside.Nutrition.Caffeine!.Value.Value, 1e-9);
        Assert.Equal(170 / 30.0, size.Taste.Poured.MilkPerCoffee!.Value, 1e-9);

        static IngredientDocument Powder(string id, CompositionDocument content) =>
            new()
            {
                Id = id,
                Name = id,
                Kind = "powder",
                DensityGramsPerMl = 0.6,
                Colour = "#6b4a2f",
                Per100g = content,
                Allergens = FullBar.Label(),
            };
    }

    private static PartLineDocument Share(string ingredient, double grams) =>
        new()
        {
            Ingredient = ingredient,
            Amount = grams,
            Measure = "g",
        };
}
