using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Tests.Bar;

public class BarReaderTests
{
    [Fact]
    public void Reads_a_good_bar()
    {
        Assert.Equal(3, TestBar.Facts.Cups.Count);
        Assert.Equal(7.5, TestBar.Facts.DispenserOf(new IngredientId("syrup"))!.YieldPerStroke.Value);
        Assert.Equal(18, TestBar.Facts.EspressoOf(new IngredientId("espresso"))!.PerShot.Value);
    }

    public static TheoryData<string, BarDocument> Broken()
    {
        var good = TestBar.Document;
        return new()
        {
            { "dispensers[0].strokeMl", good with { Dispensers = [good.Dispensers[0] with { StrokeMl = 0 }] } },
            { "dispensers[0].strokeMl", good with { Dispensers = [good.Dispensers[0] with { StrokeMl = null }] } },
            {
                "dispensers[0].ingredient",
                good with
                {
                    Dispensers = [good.Dispensers[0] with { Ingredient = "gone" }],
                }
            },
            { "dispensers[0].ingredient", good with { Dispensers = [good.Dispensers[0] with { Ingredient = "ice" }] } },
            {
                "dispensers[1].ingredient",
                good with
                {
                    Dispensers = [good.Dispensers[0], good.Dispensers[0] with { Id = "other" }],
                }
            },
            {
                "dispensers[1].id",
                good with
                {
                    Dispensers = [good.Dispensers[0], good.Dispensers[0] with { Ingredient = "sauce" }],
                }
            },
            { "espresso[0].ingredient", good with { Espresso = [good.Espresso[0] with { Ingredient = "milk" }] } },
            { "espresso[0].ingredient", good with { Espresso = [good.Espresso[0] with { Ingredient = "gone" }] } },
            { "espresso[0].yieldGrams", good with { Espresso = [good.Espresso[0] with { YieldGrams = 8 }] } },
            { "espresso[0].shotsPerPull", good with { Espresso = [good.Espresso[0] with { ShotsPerPull = 1.5 }] } },
            {
                "ingredients[0].densityGramsPerMl",
                good with
                {
                    Ingredients = [good.Ingredients[0] with { DensityGramsPerMl = 1030 }, .. good.Ingredients.Skip(1)],
                }
            },
            {
                "ingredients[0].colour",
                good with
                {
                    Ingredients = [good.Ingredients[0] with { Colour = "brown" }, .. good.Ingredients.Skip(1)],
                }
            },
            {
                "ingredients[0].name",
                good with
                {
                    Ingredients =
                    [
                        good.Ingredients[0] with
                        {
                            Name = new string('n', 10_000),
                        },
                        .. good.Ingredients.Skip(1),
                    ],
                }
            },
            {
                "ingredients[5].pieceGrams",
                good with
                {
                    Ingredients = [.. good.Ingredients.Take(5), good.Ingredients[5] with { PieceGrams = 0 }],
                }
            },
            {
                "ingredients[1].name",
                good with
                {
                    Ingredients =
                    [
                        good.Ingredients[0],
                        good.Ingredients[1] with
                        {
                            Name = "ESPRESSO",
                        },
                        .. good.Ingredients.Skip(2),
                    ],
                }
            },
            { "cups[1].id", good with { Cups = [good.Cups[0], good.Cups[1] with { Id = "s" }, good.Cups[2]] } },
            { "house.liquidStepMl", good with { House = good.House with { LiquidStepMl = 0 } } },
        };
    }

    [Theory]
    [MemberData(nameof(Broken))]
    public void Names_the_field_that_is_wrong(string field, BarDocument document)
    {
        var problem = Assert.Single(BarReader.Read(document).Problems);

        Assert.Equal(field, problem.Field);
        Assert.NotEmpty(problem.Message);
        Assert.NotEmpty(problem.Accepted);
    }

    [Fact]
    public void An_ingredient_of_no_known_kind_is_told_the_kinds()
    {
        var document = TestBar.Document with
        {
            Ingredients = [TestBar.Document.Ingredients[0] with { Kind = "Espresso" }],
        };
        var problem = BarReader.Read(document).Problems.Single(problem => problem.Field == "ingredients[0].kind");

        Assert.Equal(
            "espresso, coffee, tea, milk, syrup, sauce, water, ice, iceCream, powder, topping, flavour",
            problem.Accepted
        );
    }

    [Fact]
    public void Two_strokes_are_fifteen_millilitres_and_a_shot_is_half_a_double()
    {
        var (syrup, espresso) = (Ingredient("syrup"), Ingredient("espresso"));

        Assert.Equal(15, Dosing.Volume(new(2, Measure.Stroke), syrup, TestBar.Facts).Value, 1e-12);
        Assert.Equal(19.5, Dosing.Mass(new(2, Measure.Stroke), syrup, TestBar.Facts).Value, 1e-12);
        Assert.Equal(18, Dosing.Mass(new(1, Measure.Shot), espresso, TestBar.Facts).Value, 1e-12);
    }

    [Fact]
    public void A_quantity_said_in_another_measure_and_back_is_the_same()
    {
        foreach (var ingredient in TestBar.Facts.Ingredients)
        {
            var measures = Dosing.MeasuresFor(ingredient, TestBar.Facts);
            foreach (var (from, to) in measures.SelectMany(from => measures.Select(to => (from, to))))
            {
                var there = Dosing.Convert(new(0.1, from), to, ingredient, TestBar.Facts, "f").Value;
                var back = Dosing.Convert(there, from, ingredient, TestBar.Facts, "f").Value;
                Assert.Equal(0.1, back.Amount, 1e-12);
                Assert.Equal(
                    Dosing.Mass(new(0.1, from), ingredient, TestBar.Facts).Value,
                    Dosing.Mass(there, ingredient, TestBar.Facts).Value,
                    1e-9
                );
            }
        }
    }

    [Fact]
    public void What_a_bar_has_no_pump_for_is_not_said_in_strokes()
    {
        var problem = Assert.Single(
            Dosing.Convert(new(2, Measure.Stroke), Measure.Gram, Ingredient("sauce"), TestBar.Facts, "text").Problems
        );

        Assert.Equal("No dispenser holds Sauce, so it has no strokes.", problem.Message);
        Assert.Throws<ArgumentException>(() => Dosing.Mass(new(2, Measure.Stroke), Ingredient("sauce"), TestBar.Facts));
    }

    [Fact]
    public void Five_cubes_of_twenty_grams_are_a_hundred() =>
        Assert.Equal(100, Dosing.Mass(new(5, Measure.Cube), Ingredient("ice"), TestBar.Facts).Value, 1e-12);

    [Fact]
    public void Ice_is_weighed_or_counted() =>
        Assert.Equal(
            ["g", "cube", "oz"],
            Dosing.MeasuresFor(Ingredient("ice"), TestBar.Facts).Select(measure => measure.Code)
        );

    [Theory]
    [InlineData("syrup", "stroke")]
    [InlineData("espresso", "shot")]
    [InlineData("milk", "ml")]
    [InlineData("sauce", "g")]
    public void The_natural_measure_is_offered_first(string ingredient, string measure) =>
        Assert.Equal(measure, Dosing.MeasuresFor(Ingredient(ingredient), TestBar.Facts)[0].Code);

    private static Ingredient Ingredient(string id) => TestBar.Facts.Find(new IngredientId(id))!;
}
