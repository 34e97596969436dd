using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;

namespace Krasis.Core.Tests.Ingredients;

/// <summary>How sweet an ingredient is by its label. The values of a gram are those of O'Donnell and Kearsley 2012,
/// from memory.</summary>
public class SugarTests
{
    // Milk with 4.8 g of sugars: as lactose 4.8 × 0.16; with the lactose split in two, 2.4 g of glucose and 2.4 g of
    // galactose, 2.4 × 0.7 + 2.4 × 0.6.
    [Fact]
    public void Milk_whose_lactose_is_split_is_four_times_as_sweet()
    {
        var plain = Read("milk", new() { Sugars = 4.8 }, ["milk"]);
        var split = Read(
            "milk",
            new()
            {
                Sugars = 4.8,
                Glucose = 2.4,
                Lactose = 0,
            },
            ["milk"]
        );

        Assert.Equal(0.768, RelativeSweetness.Usual.Of(plain)!.Value, 1e-9);
        Assert.Equal(2.4, split.Sugars![Sugar.Galactose].Value, 1e-9);
        Assert.Equal(3.12, RelativeSweetness.Usual.Of(split)!.Value, 1e-9);
    }

    // What a label leaves open is what such an ingredient's sugar usually is, and is marked as taken (common practice,
    // no source).
    [Theory]
    [InlineData("milk", "milk", Sugar.Lactose)]
    [InlineData("milk", "gluten", Sugar.Maltose)]
    [InlineData("milk", "oats", Sugar.Maltose)]
    [InlineData("milk", "soya", Sugar.Sucrose)]
    [InlineData("syrup", null, Sugar.Sucrose)]
    [InlineData("sauce", "milk", Sugar.Sucrose)]
    public void Sugars_of_which_only_the_sum_is_printed_are_split_as_usual(string kind, string? allergen, Sugar sugar)
    {
        var ingredient = Read(kind, new() { Sugars = 6 }, allergen is null ? [] : [allergen]);

        Assert.Equal(6, ingredient.Sugars![sugar].Value, 1e-9);
        Assert.True(ingredient.IsSugarTaken);
    }

    [Fact]
    public void A_sum_is_not_taken_for_what_nobody_has_read()
    {
        Assert.Null(Read("syrup", new() { Sucrose = 60 }, []).Sugars);
        Assert.Null(RelativeSweetness.Usual.Of(Read("syrup", new() { Sucrose = 60 }, [])));
        Assert.Null(Read("syrup", null, []).Sugars);
    }

    // Printed values are rounded: 0.5 g between the sum and all of its kinds is no kind, and just over it is.
    [Theory]
    [InlineData(10.5, false, 10)]
    [InlineData(10.6, true, 10.6)]
    public void What_lies_within_the_rounding_of_a_label_is_no_sugar(double sum, bool isTaken, double sucrose)
    {
        var syrup = Read(
            "syrup",
            new()
            {
                Sugars = sum,
                Sucrose = 10,
                Glucose = 0,
                Fructose = 0,
                Lactose = 0,
                Maltose = 0,
            },
            []
        );

        Assert.Equal((isTaken, sucrose), (syrup.IsSugarTaken, syrup.Sugars![Sugar.Sucrose].Value));
    }

    [Theory]
    [InlineData(Warmth.Cold, 1.4)]
    [InlineData(Warmth.Room, 1.2)]
    [InlineData(Warmth.Hot, 0.9)]
    public void Fructose_is_less_sweet_when_it_is_warm(Warmth warmth, double sweetness)
    {
        var agave = Read(
            "syrup",
            new()
            {
                Sucrose = 0,
                Glucose = 0,
                Fructose = 50,
                Lactose = 0,
                Maltose = 0,
            },
            []
        );

        Assert.Equal(50 * sweetness, RelativeSweetness.Usual.Of(agave, warmth)!.Value, 1e-9);
        Assert.Equal(50 * 1.1, (RelativeSweetness.Usual with { Fructose = 1.1 }).Of(agave, warmth)!.Value, 1e-9);
    }

    [Fact]
    public void An_iced_drink_of_fructose_is_sweeter_than_a_hot_one()
    {
        var bar = FullBar.With("syrup", syrup =>
            syrup with
            {
                Per100g = syrup.Per100g! with { Sucrose = 0, Fructose = 65 },
            }
        );
        var cold = Sweet(
            TestBar.Build(
                TestBar.Line("syrup", 2, "stroke"),
                TestBar.Line("milk", 150, "ml"),
                TestBar.Line("ice", 100, "g")
            )
        );
        var hot = Sweet(
            TestBar.Build(
                TestBar.Line("syrup", 2, "stroke"),
                TestBar.Line("milk", 150, "ml") with
                {
                    Technique = "steam",
                    Foam = "low",
                }
            )
        );

        // 19.5 g of syrup and 154.5 g of milk; into the hot one goes steam besides, which thins it.
        Assert.Equal(((19.5 * 0.65 * 1.4) + (154.5 * 0.05 * 0.16)) / 174 * 100, cold, 1e-6);
        Assert.True(hot < cold * 0.7);

        double Sweet(BuildDocument build) => FullBar.Mix(build, bar).Size("m").Taste.Poured.Sweetness!.Value.Value;
    }

    [Fact]
    public void Sweeteners_sweeten_without_being_sugar()
    {
        var none = new CompositionDocument
        {
            Sugars = 0,
            Sucrose = 0,
            Glucose = 0,
            Fructose = 0,
            Lactose = 0,
            Maltose = 0,
        };
        var light = Read(
            "syrup",
            none with
            {
                Sweeteners = new() { Sucralose = 0.1, Erythritol = 10 },
            },
            []
        );

        Assert.Equal((0.1 * 600) + (10 * 0.65), RelativeSweetness.Usual.Of(light)!.Value, 1e-9);
        Assert.Equal(0, light.Composition.Sugars!.Value);
    }

    private static Ingredient Read(string kind, CompositionDocument? composition, string[] allergens) =>
        FullBar.Ingredient(
            "syrup",
            FullBar.Read(
                TestBar.Document with
                {
                    Ingredients =
                    [
                        .. TestBar.Document.Ingredients.Where(other => other.Id != "syrup"),
                        new()
                        {
                            Id = "syrup",
                            Name = "Trial",
                            Kind = kind,
                            DensityGramsPerMl = 1.1,
                            Colour = "#d8b25e",
                            Per100g = composition,
                            Allergens = new() { Contains = allergens },
                        },
                    ],
                }
            )
        );
}
