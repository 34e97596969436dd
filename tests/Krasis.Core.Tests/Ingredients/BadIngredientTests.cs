using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Tests.Ingredients;

public class BadIngredientTests
{
    private static readonly IngredientDocument Good = FullBar.Document.Ingredients.Single(ingredient =>
        ingredient.Id == "milk"
    );

    public static TheoryData<string, IngredientDocument> Bad =>
        new()
        {
            { "brix", Good with { DensityGramsPerMl = null, Brix = 120 } },
            { "brix", Good with { Brix = -1 } },
            { "brix", Good with { Brix = double.NaN } },
            { "densityGramsPerMl", Good with { DensityGramsPerMl = 0 } },
            {
                "per100g",
                Good with
                {
                    Per100g = new()
                    {
                        Fat = 60,
                        Carbohydrate = 50,
                        Protein = 10,
                        Salt = 1,
                    },
                }
            },
            { "per100g.fat", Good with { Per100g = new() { Fat = 101 } } },
            { "per100g.protein", Good with { Per100g = new() { Protein = -0.1 } } },
            {
                "per100g.saturates",
                Good with
                {
                    Per100g = new() { Fat = 3, Saturates = 5 },
                }
            },
            {
                "per100g.sugars",
                Good with
                {
                    Per100g = new() { Carbohydrate = 5, Sugars = 9 },
                }
            },
            { "per100g.energyKcal", Good with { Per100g = new() { EnergyKcal = 1200 } } },
            { "per100g.energyKcal", Good with { Per100g = new() { EnergyKcal = double.PositiveInfinity } } },
            {
                "per100g.sugars",
                Good with
                {
                    Per100g = new()
                    {
                        Sugars = 2,
                        Sucrose = 10,
                        Glucose = 0,
                        Fructose = 0,
                        Lactose = 0,
                        Maltose = 0,
                    },
                }
            },
            { "allergens.contains[0]", Good with { Allergens = new() { Contains = ["pollen"] } } },
            { "packPrice", Good with { PackAmount = 1000, PackPrice = null } },
            { "packAmount", Good with { PackAmount = 0, PackPrice = 3 } },
            { "packMeasure", Good with { PackAmount = 1, PackPrice = 3, PackMeasure = "crate" } },
            { "usablePercent", Good with { PackAmount = 1, PackPrice = 3, UsablePercent = 0 } },
            { "servedCelsius", Good with { ServedCelsius = 300 } },
            { "specificHeat", Good with { SpecificHeat = 9 } },
            { "mostGramsPerDrink", Good with { MostGramsPerDrink = 0 } },
            { "openedOn", Good with { OpenedOn = "25/11/2026", OpenedDays = 3 } },
            { "openedDays", Good with { OpenedOn = "2026-11-25", OpenedDays = 2.5 } },
        };

    [Theory]
    [MemberData(nameof(Bad))]
    public void What_cannot_be_is_named_with_what_could_be(string field, IngredientDocument document)
    {
        var problem = Assert.Single(IngredientReader.Read(document).Problems, problem => problem.Field == field);

        Assert.NotEmpty(problem.Message);
        Assert.NotEmpty(problem.Accepted);
    }

    [Fact]
    public void The_good_one_is_read() => Assert.Empty(IngredientReader.Read(Good).Problems);

    [Fact]
    public void A_pack_by_volume_is_priced_by_the_gram_through_the_density()
    {
        // 1.03 for a litre of 1.03 g/ml is a thousandth a gram; with a tenth wasted, a ninth more.
        Assert.Equal(0.001, FullBar.Ingredient("milk").PricePerGram!.Value.Value, 1e-12);
        Assert.Equal(
            0.001 / 0.9,
            IngredientReader.Read(Good with { UsablePercent = 90 }).Value.PricePerGram!.Value.Value,
            1e-12
        );
    }

    [Fact]
    public void What_is_not_said_of_allergens_is_not_known_and_of_water_it_is_known()
    {
        Assert.True(IngredientReader.Read(Good with { Allergens = null }).Value.Allergens.SaysNothing);
        Assert.Empty(FullBar.Ingredient("water").Allergens.Contains);
    }

    [Fact]
    public void Days_from_the_opening_on_give_the_use_by() =>
        Assert.Equal(
            new DateOnly(2026, 11, 30),
            IngredientReader.Read(Good with { OpenedOn = "2026-11-28", OpenedDays = 3 }).Value.UseBy
        );
}
