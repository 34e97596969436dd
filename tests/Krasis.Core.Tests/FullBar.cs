using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests;

/// <summary>The test bar with everything known about it, in numbers that are easy to reckon with.</summary>
internal static class FullBar
{
    /// <summary>A label that somebody has read.</summary>
    public static AllergenDocument Label(string[]? contains = null, string[]? mayContain = null) =>
        new()
        {
            Contains = contains ?? [],
            MayContain = mayContain ?? [],
            NamesNone = contains is null && mayContain is null,
            By = "Wynn",
            On = "2026-11-01",
        };

    public static BarDocument Document { get; } =
        TestBar.Document with
        {
            Cups =
            [
                .. TestBar.Document.Cups.Select(cup =>
                    cup with
                    {
                        HeatLossWattsPerKelvin = 0.5,
                        Price = 0.10,
                        LidPrice = 0.05,
                    }
                ),
            ],
            Ingredients =
            [
                new()
                {
                    Id = "espresso",
                    Name = "Espresso",
                    Kind = "espresso",
                    DensityGramsPerMl = 1,
                    Colour = "#3d2314",
                    RoastCaffeinePercent = 1.2,
                    Per100g = Of(2, 0, 0, 0, 0, 0, 0),
                    Allergens = Label(),
                    PackAmount = 500,
                    PackPrice = 10,
                },
                new()
                {
                    Id = "milk",
                    Name = "Milk",
                    Kind = "milk",
                    DensityGramsPerMl = 1.03,
                    Colour = "#f3e6cf",
                    Per100g = Of(60, 3, 2, 5, 3, 0.1, 0, lactose: 5),
                    Allergens = Label(contains: ["milk"]),
                    PackAmount = 1000,
                    PackMeasure = "ml",
                    PackPrice = 1.03,
                },
                new()
                {
                    Id = "oat",
                    Name = "Oat drink",
                    Kind = "milk",
                    DensityGramsPerMl = 1.03,
                    Colour = "#e6d3b1",
                    Per100g = Of(46, 1.5, 0.2, 7, 1, 0.1, 0, maltose: 4),
                    Allergens = Label(contains: ["gluten"]),
                    PackAmount = 1000,
                    PackPrice = 2,
                },
                new()
                {
                    Id = "sweet-milk",
                    Name = "Milk mix",
                    Kind = "milk",
                    DensityGramsPerMl = 1.1,
                    Colour = "#eddfb9",
                    Per100g = Of(200, 8, 5, 30, 7, 0.3, 0, sucrose: 20, lactose: 10),
                    Allergens = Label(contains: ["milk"]),
                },
                new()
                {
                    Id = "coffee",
                    Name = "Iced coffee",
                    Kind = "coffee",
                    DensityGramsPerMl = 1,
                    Colour = "#5b3a22",
                    StrengthPercent = 1.25,
                    Per100g = Of(1, 0, 0, 0, 0, 0, 40),
                    Allergens = Label(),
                },
                new()
                {
                    Id = "syrup",
                    Name = "Syrup",
                    Kind = "syrup",
                    DensityGramsPerMl = 1.3,
                    Colour = "#d8b25e",
                    Per100g = Of(260, 0, 0, 65, 0, 0, 0, sucrose: 65),
                    Allergens = Label(),
                    PackAmount = 1300,
                    PackPrice = 13,
                },
                new()
                {
                    Id = "light",
                    Name = "Light syrup",
                    Kind = "syrup",
                    DensityGramsPerMl = 1.3,
                    Colour = "#d8c27e",
                    Per100g = Of(130, 0, 0, 32.5, 0, 0, 0, sucrose: 32.5),
                    Allergens = Label(),
                },
                new()
                {
                    Id = "sauce",
                    Name = "Dark sauce",
                    Kind = "sauce",
                    DensityGramsPerMl = 1.25,
                    Colour = "#4a2318",
                    UsualMlPer100Ml = 12.5,
                    Per100g = Of(270, 2, 1, 60, 3, 0.1, 15, sucrose: 50),
                    Allergens = Label(mayContain: ["milk"]),
                },
                new()
                {
                    Id = "white",
                    Name = "White sauce",
                    Kind = "sauce",
                    DensityGramsPerMl = 1.25,
                    Colour = "#ead9ae",
                    UsualMlPer100Ml = 25,
                    Per100g = Of(330, 8, 5, 62, 2.5, 0.3, 0, sucrose: 55, lactose: 5),
                    Allergens = Label(contains: ["milk"]),
                },
                new()
                {
                    Id = "cocoa",
                    Name = "Cocoa",
                    Kind = "powder",
                    DensityGramsPerMl = 0.5,
                    Colour = "#5c3520",
                    Per100g = Of(380, 3, 2, 83, 5, 0.3, 40, sucrose: 78),
                    Allergens = Label(),
                },
                new()
                {
                    Id = "smoke",
                    Name = "Smoke",
                    Kind = "flavour",
                    DensityGramsPerMl = 1,
                    Colour = "#8a5a3a",
                    MostGramsPerDrink = 1,
                    Per100g = Of(0, 0, 0, 0, 0, 0, 0),
                },
                new()
                {
                    Id = "water",
                    Name = "Water",
                    Kind = "water",
                    DensityGramsPerMl = 1,
                    Colour = "#cfe4ea",
                },
                new()
                {
                    Id = "whip",
                    Name = "Whip",
                    Kind = "topping",
                    DensityGramsPerMl = 0.5,
                    Colour = "#fbf4e6",
                    Chilled = true,
                    Per100g = Of(300, 28, 18, 8, 2, 0.1, 0, sucrose: 8),
                    Allergens = Label(contains: ["milk"]),
                },
                new()
                {
                    Id = "ice",
                    Name = "Ice",
                    Kind = "ice",
                    PieceGrams = 20,
                    SolidPercent = 58,
                    Colour = "#e3f2f7",
                },
                new()
                {
                    Id = "coffee-ice",
                    Name = "Coffee ice",
                    Kind = "ice",
                    PieceGrams = 20,
                    StrengthPercent = 1.25,
                    Colour = "#7a5a3f",
                    Per100g = Of(1, 0, 0, 0, 0, 0, 40),
                    Allergens = Label(),
                },
            ],
            Dispensers =
            [
                new()
                {
                    Id = "pump",
                    Name = "Pump",
                    Ingredient = "syrup",
                    StrokeMl = 7.5,
                },
                new()
                {
                    Id = "scoop",
                    Name = "Scoop",
                    Ingredient = "cocoa",
                    Kind = "scoop",
                    StrokeMl = 20,
                },
            ],
            Espresso =
            [
                new()
                {
                    Id = "double",
                    Name = "Double",
                    Ingredient = "espresso",
                    DoseGrams = 18,
                    YieldGrams = 36,
                    ShotsPerPull = 2,
                    ExtractionPercent = 20,
                    BasketFromGrams = 16,
                    BasketToGrams = 21,
                    SecondsFrom = 25,
                    SecondsTo = 30,
                    CupCelsius = 70,
                },
            ],
            Foams =
            [
                new()
                {
                    Id = "low",
                    Name = "Low",
                    OverrunPercent = 15,
                    Thirds = 1,
                    FromCelsius = 5,
                    ToCelsius = 62,
                },
                new()
                {
                    Id = "high",
                    Name = "High",
                    OverrunPercent = 45,
                    Thirds = 3,
                    FromCelsius = 5,
                    ToCelsius = 62,
                },
                new()
                {
                    Id = "cold",
                    Name = "Cold",
                    OverrunPercent = 100,
                    Cold = true,
                    FromCelsius = 2,
                },
            ],
            Pitchers =
            [
                new()
                {
                    Id = "p1",
                    Name = "Small pitcher",
                    SpoutMl = 150,
                    LeastMl = 80,
                },
                new()
                {
                    Id = "p2",
                    Name = "Large pitcher",
                    SpoutMl = 300,
                    LeastMl = 160,
                },
            ],
        };

    public static BarFacts Facts { get; } = Read(Document);

    public static BarFacts Read(BarDocument document) => BarReader.Read(document).Value;

    /// <summary>The bar with one ingredient changed.</summary>
    public static BarFacts With(string id, Func<IngredientDocument, IngredientDocument> make) =>
        Read(
            Document with
            {
                Ingredients =
                [
                    .. Document.Ingredients.Select(ingredient => ingredient.Id == id ? make(ingredient) : ingredient),
                ],
            }
        );

    public static BuildSheet Mix(BuildDocument build, BarFacts? bar = null, DateOnly? today = null) =>
        Mixer.Mix(BuildReader.Read(build, bar ?? Facts).Value, bar ?? Facts, today);

    /// <summary>The sheet as it is served: with every mend tried.</summary>
    public static BuildSheet Try(BuildDocument build, BarFacts? bar = null, DateOnly? today = null) =>
        TriedSheet.Mix(build, BuildReader.Read(build, bar ?? Facts).Value, bar ?? Facts, today);

    public static Ingredient Ingredient(string id, BarFacts? bar = null) => (bar ?? Facts).Find(new IngredientId(id))!;

    private static CompositionDocument Of(
        double kcal,
        double fat,
        double saturates,
        double carbohydrate,
        double protein,
        double salt,
        double caffeine,
        double sucrose = 0,
        double lactose = 0,
        double maltose = 0
    ) =>
        new()
        {
            EnergyKcal = kcal,
            Fat = fat,
            Saturates = saturates,
            Carbohydrate = carbohydrate,
            Protein = protein,
            Salt = salt,
            CaffeineMg = caffeine,
            Sucrose = sucrose,
            Glucose = 0,
            Fructose = 0,
            Lactose = lactose,
            Maltose = maltose,
        };
}
