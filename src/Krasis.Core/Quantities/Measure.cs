namespace Krasis.Core.Quantities;

/// <summary>One unit in which a bar says how much of something goes into a cup.</summary>
/// <remarks>Only the members of <see cref="All"/> exist.</remarks>
public sealed class Measure
{
    // NIST Handbook 44, Appendix C (exact): 1 US gallon = 231 cubic inches, 1 inch = 25.4 mm, and a
    // fluid ounce is 1/128 gallon; 1 avoirdupois ounce = 28.349523125 g.
    private const double UsFluidOunceInMl = 29.5735295625;

    // UK Units of Measurement Regulations 1995 (exact): 1 imperial gallon = 4.54609 l, 160 fluid ounces.
    private const double ImperialFluidOunceInMl = 28.4130625;

    private const string Nist = "NIST Handbook 44, Appendix C";
    private const string Metric = "SI";
    private const string MetricKitchen = "Metric kitchen measure, common practice";

    private Measure(
        string code,
        string symbol,
        string plural,
        MeasureKind kind,
        double factor,
        double most,
        string source,
        params string[] spoken
    )
    {
        Code = code;
        Symbol = symbol;
        Plural = plural;
        Kind = kind;
        Factor = factor;
        Most = most;
        Source = source;
        Spoken = [code, symbol, plural, .. spoken];
    }

    /// <summary>Grams.</summary>
    public static Measure Gram { get; } = new("g", "g", "g", MeasureKind.Mass, 1, 5000, Metric, "gram", "grams", "gr");

    /// <summary>Avoirdupois ounces, 28.349523125 g. Mass, not to be taken for the fluid ounce.</summary>
    public static Measure Ounce { get; } =
        new("oz", "oz", "oz", MeasureKind.Mass, 28.349523125, 176, Nist, "ounce", "ounces");

    /// <summary>Millilitres.</summary>
    public static Measure Millilitre { get; } =
        new(
            "ml",
            "ml",
            "ml",
            MeasureKind.Volume,
            1,
            5000,
            Metric,
            "millilitre",
            "millilitres",
            "milliliter",
            "milliliters"
        );

    /// <summary>US fluid ounces, 29.5735295625 ml.</summary>
    public static Measure UsFluidOunce { get; } =
        Us("us-fl-oz", "US fl oz", UsFluidOunceInMl, 169, "fl oz", "fluid ounce", "fluid ounces");

    /// <summary>US tablespoons, half a US fluid ounce.</summary>
    public static Measure UsTablespoon { get; } =
        Us("us-tbsp", "US tbsp", UsFluidOunceInMl / 2, 338, "tbsp", "tablespoon", "tablespoons");

    /// <summary>US teaspoons, a sixth of a US fluid ounce.</summary>
    public static Measure UsTeaspoon { get; } =
        Us("us-tsp", "US tsp", UsFluidOunceInMl / 6, 1014, "tsp", "teaspoon", "teaspoons");

    /// <summary>US cups, eight US fluid ounces.</summary>
    public static Measure UsCup { get; } = Us("us-cup", "US cup", UsFluidOunceInMl * 8, 21, "cup", "cups", "US cups");

    /// <summary>Imperial fluid ounces, 28.4130625 ml.</summary>
    public static Measure ImperialFluidOunce { get; } =
        new(
            "imp-fl-oz",
            "imp fl oz",
            "imp fl oz",
            MeasureKind.Volume,
            ImperialFluidOunceInMl,
            175,
            "UK Units of Measurement Regulations 1995",
            "imperial fl oz"
        );

    /// <summary>Metric tablespoons, 15 ml.</summary>
    public static Measure MetricTablespoon { get; } =
        new("metric-tbsp", "metric tbsp", "metric tbsp", MeasureKind.Volume, 15, 333, MetricKitchen);

    /// <summary>Metric teaspoons, 5 ml.</summary>
    public static Measure MetricTeaspoon { get; } =
        new("metric-tsp", "metric tsp", "metric tsp", MeasureKind.Volume, 5, 1000, MetricKitchen);

    /// <summary>Metric cups, 250 ml.</summary>
    public static Measure MetricCup { get; } =
        new("metric-cup", "metric cup", "metric cups", MeasureKind.Volume, 250, 20, MetricKitchen);

    /// <summary>Strokes of the dispenser that holds the ingredient.</summary>
    public static Measure Stroke { get; } =
        new(
            "stroke",
            "stroke",
            "strokes",
            MeasureKind.Stroke,
            double.NaN,
            100,
            "The dispenser in hand, measured",
            "pump",
            "pumps"
        );

    /// <summary>Level scoops of the scoop or spoon that lies with the ingredient.</summary>
    public static Measure Scoop { get; } =
        new("scoop", "scoop", "scoops", MeasureKind.Stroke, double.NaN, 100, "The scoop in hand, measured");

    /// <summary>Shots of the espresso recipe that makes the ingredient.</summary>
    public static Measure Shot { get; } =
        new("shot", "shot", "shots", MeasureKind.Shot, double.NaN, 20, "The espresso recipe in use");

    /// <summary>Pieces of the ice in use.</summary>
    public static Measure Cube { get; } =
        new("cube", "cube", "cubes", MeasureKind.Piece, double.NaN, 500, "The ice in use, weighed", "piece", "pieces");

    /// <summary>Every measure, in the order in which people are offered them.</summary>
    public static IReadOnlyList<Measure> All { get; } =
    [
        Stroke,
        Scoop,
        Shot,
        Cube,
        Millilitre,
        Gram,
        UsFluidOunce,
        ImperialFluidOunce,
        UsTablespoon,
        UsTeaspoon,
        UsCup,
        MetricTablespoon,
        MetricTeaspoon,
        MetricCup,
        Ounce,
    ];

    /// <summary>The name in documents, such as <c>us-fl-oz</c>.</summary>
    public string Code { get; }

    /// <summary>What stands after the number one on screen.</summary>
    public string Symbol { get; }

    /// <summary>What stands after any other number on screen.</summary>
    public string Plural { get; }

    /// <summary>What it counts.</summary>
    public MeasureKind Kind { get; }

    /// <summary>The largest amount taken in this measure: about five litres, a hundred strokes, twenty shots.
    /// Anything above is a slip of the hand (common practice, no source).</summary>
    public double Most { get; }

    /// <summary>Where the size of the measure comes from.</summary>
    public string Source { get; }

    /// <summary>What people may call it, the code and the symbol included.</summary>
    public IReadOnlyList<string> Spoken { get; }

    private double Factor { get; }

    /// <summary>Finds a measure by its code.</summary>
    /// <returns>The measure, or null if there is none of that code.</returns>
    public static Measure? Find(string? code) => All.FirstOrDefault(measure => measure.Code == code);

    /// <summary>Finds a measure by anything people call it, in any letter case.</summary>
    /// <example><c>FindSpoken("Tablespoons")</c> is <see cref="UsTablespoon"/>.</example>
    public static Measure? FindSpoken(string words) =>
        All.FirstOrDefault(measure => measure.Spoken.Contains(words, StringComparer.OrdinalIgnoreCase));

    /// <summary>The mass of an amount in this measure.</summary>
    /// <exception cref="InvalidOperationException">The measure is not of mass.</exception>
    public Grams ToGrams(double amount) =>
        Kind == MeasureKind.Mass
            ? Grams.From(amount * Factor)
            : throw new InvalidOperationException($"'{Code}' is not a measure of mass.");

    /// <summary>The volume of an amount in this measure.</summary>
    /// <exception cref="InvalidOperationException">The measure is not of volume.</exception>
    public Millilitres ToMillilitres(double amount) =>
        Kind == MeasureKind.Volume
            ? Millilitres.From(amount * Factor)
            : throw new InvalidOperationException($"'{Code}' is not a measure of volume.");

    /// <summary>The code.</summary>
    public override string ToString() => Code;

    private static Measure Us(string code, string symbol, double factor, double most, params string[] spoken) =>
        new(code, symbol, symbol == "US cup" ? "US cups" : symbol, MeasureKind.Volume, factor, most, Nist, spoken);
}
