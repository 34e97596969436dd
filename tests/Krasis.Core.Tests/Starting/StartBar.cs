using Krasis.Core.Bar;

namespace Krasis.Core.Tests.Starting;

/// <summary>The bar of the proposal tests.</summary>
internal static class StartBar
{
    public static readonly BarFacts Bar = FullBar.Read(
        FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients,
                new()
                {
                    Id = "brew",
                    Name = "Strong brew",
                    Kind = "coffee",
                    DensityGramsPerMl = 1,
                    Colour = "#3d2314",
                    ServedCelsius = 85,
                    StrengthPercent = 4,
                },
            ],
            Coffees =
            [
                new()
                {
                    Id = "batch",
                    Name = "Batch",
                    Ingredient = "coffee",
                    Method = "batch",
                    CoffeeGrams = 70,
                    WaterGrams = 1000,
                    ExtractionPercent = 20,
                },
                new()
                {
                    Id = "brew",
                    Name = "Strong",
                    Ingredient = "brew",
                    Method = "strong",
                    CoffeeGrams = 120,
                    WaterGrams = 500,
                    ExtractionPercent = 20,
                },
            ],
        }
    );
}
