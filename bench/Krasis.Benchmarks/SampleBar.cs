using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Builds;

namespace Krasis.Benchmarks;

/// <summary>A bar and builds of any size, all of their numbers invented.</summary>
internal static class SampleBar
{
    /// <summary>A bar with so many cups, twelve ingredients and a chain of parts.</summary>
    public static BarFacts Of(int cups, int nesting)
    {
        List<IngredientDocument> ingredients =
        [
            Ingredient("espresso", "espresso", 1.01),
            Ingredient("milk", "milk", 1.03),
            Ingredient("cream", "milk", 1.0),
            Ingredient("water", "water", 1.0),
            Ingredient("syrup", "syrup", 1.3),
            Ingredient("sauce", "sauce", 1.25),
            Ingredient("cocoa", "powder", 0.5),
            Ingredient("whip", "topping", 0.45),
            Ingredient("honey", "syrup", 1.4),
            Ingredient("coffee", "coffee", 1.0) with
            {
                StrengthPercent = 1.3,
            },
            Ingredient("ice", "ice", 0) with
            {
                DensityGramsPerMl = null,
                PieceGrams = 18,
            },
        ];
        List<PartDocument> parts = [];
        for (var i = 1; i <= nesting; i++)
        {
            parts.Add(
                new PartDocument
                {
                    Id = $"part-{i}",
                    Name = $"Part {i}",
                    Kind = "syrup",
                    Colour = "#c9b24e",
                    LossPercent = 5,
                    Lines =
                    [
                        new()
                        {
                            Ingredient = i == 1 ? "syrup" : $"part-{i - 1}",
                            Amount = 200,
                            Measure = "g",
                        },
                        new()
                        {
                            Ingredient = "water",
                            Amount = 50,
                            Measure = "g",
                        },
                    ],
                }
            );
        }

        return BarReader
            .Read(
                new BarDocument
                {
                    Cups = [.. Enumerable.Range(0, cups).Select(Cup)],
                    Ingredients = ingredients,
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
                            Id = "pump-honey",
                            Name = "Honey pump",
                            Ingredient = "honey",
                            StrokeMl = 5,
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
                            YieldGrams = 38,
                            ShotsPerPull = 2,
                            ExtractionPercent = 20,
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
                            FromCelsius = 4,
                            ToCelsius = 61,
                        },
                        new()
                        {
                            Id = "high",
                            Name = "High",
                            OverrunPercent = 40,
                            Thirds = 3,
                            FromCelsius = 4,
                            ToCelsius = 61,
                        },
                    ],
                    Pitchers =
                    [
                        new()
                        {
                            Id = "jug",
                            Name = "Jug",
                            SpoutMl = 350,
                            LeastMl = 120,
                        },
                    ],
                    Parts = parts,
                    House = new()
                    {
                        ReserveMm = 10,
                        LiquidStepMl = 5,
                        IceStepGrams = 5,
                        WeighingStepGrams = 1,
                        StrengthDriftPercent = 20,
                        SweetnessDriftPercent = 20,
                    },
                }
            )
            .Value;
    }

    /// <summary>A build of so many lines, from 4 to 40, in all of a bar's cups; the last of its parts is in
    /// it.</summary>
    public static Build Build(BarFacts bar, int lines, int nesting) =>
        BuildReader.Read(Document(bar, lines, nesting), bar).Value;

    /// <summary>The same as it is entered.</summary>
    public static BuildDocument Document(BarFacts bar, int lines, int nesting)
    {
        List<LineDocument> all =
        [
            Line("syrup", 2, "stroke"),
            Line("espresso", 2, "shot"),
            Line("milk", 90, "ml") with
            {
                Technique = "steam",
                Foam = "low",
            },
            Line(nesting == 0 ? "syrup" : $"part-{nesting}", 8, "g") with
            {
                Id = "part",
            },
            Line("sauce", 10, "g") with
            {
                Technique = "stir",
            },
            Line("cocoa", 3, "g") with
            {
                Technique = "dissolve",
            },
            Line("honey", 1, "stroke"),
            Line("cream", 15, "ml") with
            {
                Technique = "steam",
                Foam = "low",
            },
            Line("water", 5, "ml"),
            Line("coffee", 10, "ml"),
            Line("whip", 12, "g") with
            {
                Technique = "top",
            },
            Line("ice", 10, "g"),
        ];
        for (var i = all.Count; i < lines; i++)
        {
            all.Add(Line(i % 2 == 0 ? "water" : "milk", 1, "g") with { Id = $"more-{i}", Technique = "stir" });
        }

        return new BuildDocument
        {
            Name = "Sample",
            ReserveMm = 10,
            Serve = "hot",
            Sizes = [.. bar.Cups.Select(cup => cup.Id.Value)],
            ReferenceSize = bar.Cups[bar.Cups.Count / 2].Id.Value,
            Lines = [.. all.Take(lines)],
        };
    }

    private static CupDocument Cup(int i) =>
        new()
        {
            Id = $"cup-{i}",
            Name = $"Cup {i}",
            TopDiameterMm = 76 + (3 * i),
            BottomDiameterMm = 54 + i,
            HeightMm = 96 + (7 * i),
            WaterGrams =
                Math.PI
                * (96 + (7 * i))
                / 12
                * (Math.Pow(76 + (3 * i), 2) + ((76 + (3 * i)) * (54 + i)) + Math.Pow(54 + i, 2))
                / 1000,
            WaterCelsius = 20,
            HeatLossWattsPerKelvin = 0.6,
            LidClearanceMm = 5,
            Price = 0.12,
        };

    private static LineDocument Line(string ingredient, double amount, string measure) =>
        new()
        {
            Id = ingredient,
            Ingredient = ingredient,
            Measure = measure,
            Amount = amount,
        };

    private static IngredientDocument Ingredient(string id, string kind, double density) =>
        new()
        {
            Id = id,
            Name = $"The {id}",
            Kind = kind,
            DensityGramsPerMl = density,
            Colour = "#b08a5a",
            PackAmount = 1000,
            PackPrice = 4,
            Allergens = new() { Contains = kind == "milk" ? ["milk"] : [] },
            Per100g = new()
            {
                EnergyKcal = 100,
                Fat = 2,
                Saturates = 1,
                Carbohydrate = 18,
                Sugars = 18,
                Protein = 2,
                Salt = 0.1,
                CaffeineMg = kind is "espresso" ? 200 : 0,
                Sucrose = kind is "espresso" or "water" or "ice" or "coffee" ? 0 : 10,
                Glucose = 0,
                Fructose = 0,
                Lactose = 0,
                Maltose = 0,
            },
        };
}
