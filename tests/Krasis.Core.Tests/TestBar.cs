using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests;

/// <summary>A bar with numbers that are easy to reckon with: cylinders, a 7.5 ml pump and a double of
/// 36 g. How anything tastes is not known at it, so that other checks stand alone.</summary>
internal static class TestBar
{
    /// <summary>Cups that hold 200, 400 and 600 ml over 100 mm.</summary>
    public static BarDocument Document { get; } =
        new()
        {
            Cups = [Cup("s", "Small", 200), Cup("m", "Middle", 400), Cup("l", "Large", 600)],
            Ingredients =
            [
                new()
                {
                    Id = "espresso",
                    Name = "Espresso",
                    Kind = "espresso",
                    DensityGramsPerMl = 1,
                    Colour = "#3d2314",
                },
                new()
                {
                    Id = "milk",
                    Name = "Milk",
                    Kind = "milk",
                    DensityGramsPerMl = 1.03,
                    Colour = "#f3e6cf",
                },
                new()
                {
                    Id = "coffee",
                    Name = "Iced coffee",
                    Kind = "coffee",
                    DensityGramsPerMl = 1,
                    Colour = "#5b3a22",
                },
                new()
                {
                    Id = "syrup",
                    Name = "Syrup",
                    Kind = "syrup",
                    DensityGramsPerMl = 1.3,
                    Colour = "#d8b25e",
                },
                new()
                {
                    Id = "sauce",
                    Name = "Sauce",
                    Kind = "sauce",
                    DensityGramsPerMl = 1.25,
                    Colour = "#4a2318",
                },
                new()
                {
                    Id = "ice",
                    Name = "Ice",
                    Kind = "ice",
                    PieceGrams = 20,
                    Colour = "#e3f2f7",
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
                },
            ],
            House = new()
            {
                ReserveMm = 10,
                LiquidStepMl = 5,
                IceStepGrams = 5,
                WeighingStepGrams = 1,
                StrengthDriftPercent = 15,
                SweetnessDriftPercent = 15,
            },
        };

    public static BarFacts Facts { get; } = BarReader.Read(Document).Value;

    /// <summary>A build without a reserve in all three cups, set in the middle one.</summary>
    public static BuildDocument Build(params LineDocument[] lines) =>
        new()
        {
            Name = "Trial",
            ReserveMm = 0,
            Sizes = ["s", "m", "l"],
            ReferenceSize = "m",
            Lines = lines,
        };

    public static LineDocument Line(
        string ingredient,
        double amount,
        string measure,
        params (string Size, double Amount)[] pins
    ) =>
        new()
        {
            Id = ingredient,
            Ingredient = ingredient,
            Measure = measure,
            Amount = amount,
            Pins = [.. pins.Select(pin => new PinDocument { Size = pin.Size, Amount = pin.Amount })],
        };

    public static BuildSheet Mix(BuildDocument build) => Mixer.Mix(BuildReader.Read(build, Facts).Value, Facts);

    public static SizeSheet Size(this BuildSheet sheet, string id) =>
        sheet.Sizes.Single(size => size.Size == new CupId(id));

    public static SheetLine Cell(this BuildSheet sheet, string ingredient, string size) =>
        sheet.Size(size).Lines.Single(line => line.Ingredient == new IngredientId(ingredient));

    private static CupDocument Cup(string id, string name, double millilitres)
    {
        var diameter = 2 * Math.Sqrt(millilitres * 1000 / 100 / Math.PI);
        return new()
        {
            Id = id,
            Name = name,
            TopDiameterMm = diameter,
            BottomDiameterMm = diameter,
            HeightMm = 100,
            WaterGrams = millilitres * WaterDensity.At(Celsius.From(4)).Value,
            WaterCelsius = 4,
        };
    }
}
