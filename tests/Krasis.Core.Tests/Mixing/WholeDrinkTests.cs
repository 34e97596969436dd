using System.Globalization;
using Krasis.Core.Builds;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Mixing;

/// <summary>Whole drinks against tests/reference/drinks.csv, which a script beside it reckons by docs/method.md without
/// Krasis.</summary>
public class WholeDrinkTests
{
    private static readonly LineDocument Syrup = TestBar.Line("syrup", 2, "stroke");
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");

    private static readonly Dictionary<string, (string Serve, LineDocument[] Lines)> Drinks = new()
    {
        ["latte"] = ("hot", [Syrup, Espresso, Milk(200) with { Technique = "steam", Foam = "low" }]),
        ["capped"] = ("hot", [Espresso, Milk(200) with { Technique = "steam", Foam = "low", FoamCapMm = 13 }]),
        ["iced"] = ("iced", [Syrup, Espresso, Milk(120), Ice]),
        ["shaken"] = ("shaken", [Syrup, Espresso, Milk(120), Ice]),
        ["blended"] = ("blended", [Syrup, Espresso, Milk(120), Ice]),
        ["layered"] = (
            "layered",
            [Ice, Syrup, Milk(150) with { Technique = "float" }, Espresso with { Technique = "float" }]
        ),
        ["cooled"] = ("iced", [Espresso with { Technique = "cool" }, Milk(120), Ice]),
        ["heap"] = ("iced", [Coffee(60), Ice with { Amount = 240 }]),
        ["coffee-ice"] = ("iced", [Coffee(150), TestBar.Line("coffee-ice", 80, "g")]),
        ["two-ices"] = ("iced", [Coffee(200), Ice with { Amount = 30 }, TestBar.Line("coffee-ice", 50, "g")]),
        ["topped"] = ("iced", [Coffee(380), TestBar.Line("whip", 30, "g")]),
        ["black"] = ("hot", [Coffee(200), Espresso]),
        ["cold-foam"] = (
            "iced",
            [Coffee(200), Ice with { Amount = 80 }, Milk(40) with { Technique = "foam", Foam = "cold" }]
        ),
    };

    public static TheoryData<string> Names => [.. Drinks.Keys];

    [Theory]
    [MemberData(nameof(Names))]
    public void Every_figure_is_as_the_script_reckons_it(string name)
    {
        var (serve, lines) = Drinks[name];
        var figures = Figures(FullBar.Mix(TestBar.Build(lines) with { Sizes = ["m"], Serve = serve }).Sizes[0]);
        var wrong = ReferenceTable
            .Rows("drinks.csv")
            .Where(row => row[0] == name)
            .Where(row => !figures.TryGetValue(row[1], out var figure) || !IsSame(row[2], figure))
            .ToList();

        Assert.True(
            wrong.Count == 0,
            string.Join('\n', wrong.Select(row => $"{row[1]}: {row[2]}, not {figures.GetValueOrDefault(row[1])}"))
        );

        // Nothing is drawn that the script does not have. How much less foam lets go is in cooling.csv.
        string[] elsewhere = serve == "hot" && lines.Any(line => line.Foam is not null) ? ["10 min C", "20 min C"] : [];
        Assert.Equal(
            ReferenceTable
                .Rows("drinks.csv")
                .Where(row => row[0] == name)
                .Select(row => row[1])
                .Concat(elsewhere)
                .Order(StringComparer.Ordinal),
            figures.Keys.Order(StringComparer.Ordinal)
        );
    }

    private static LineDocument Milk(double ml) => TestBar.Line("milk", ml, "ml");

    private static LineDocument Coffee(double ml) => TestBar.Line("coffee", ml, "ml");

    private static bool IsSame(string expected, object figure) =>
        figure is double number
            ? Math.Abs(double.Parse(expected, CultureInfo.InvariantCulture) - number)
                <= 1e-6 * Math.Max(1, Math.Abs(number))
            : expected == figure.ToString();

    private static Dictionary<string, object> Figures(SizeSheet size)
    {
        var figures = new Dictionary<string, object>
        {
            ["liquid ml"] = size.Fill.LiquidVolume.Value,
            ["taken up ml"] = size.Fill.OccupiedVolume.Value,
            ["fill mm"] = size.Fill.FillHeight.Value,
            ["crown mm"] = size.Fill.CrownHeight.Value,
            ["total g"] = size.Fill.TotalMass.Value,
            ["ratio"] = size.Taste.Poured.MilkPerCoffee!.Value,
            ["strength"] = size.Taste.Poured.Strength!.Value.Value,
            ["sweetness"] = size.Taste.Poured.Sweetness!.Value.Value,
            ["kcal"] = size.Inside.Nutrition.Energy!.Value.Value,
            ["sugars g"] = size.Inside.Nutrition.Sugars!.Value.Value,
            ["caffeine mg"] = size.Inside.Nutrition.Caffeine!.Value.Value,
        };
        figures["steam g"] = size.Life.Condensate.Value;
        figures["cooling melt g"] = size.Life.CoolingMelt.Value;
        var poured = size.Drawing.Poured;
        Stack("poured", poured.Layers);
        foreach (var (layer, i) in poured.Layers.Select((layer, i) => (layer, i)))
        {
            figures[$"poured {i} colour"] = layer.Colour;
        }

        if (poured.Foam is { } foam)
        {
            (figures["foam from mm"], figures["foam to mm"], figures["foam colour"]) = (
                foam.From.Value,
                foam.To.Value,
                foam.Colour
            );
        }

        if (poured.Top is { } top)
        {
            (figures["top from mm"], figures["top to mm"]) = (top.From.Value, top.To.Value);
        }

        if (poured.Ice is { } cubes)
        {
            figures["pieces"] = cubes.Pieces;
        }

        foreach (var moment in size.Life.Moments)
        {
            var at = $"{moment.After.Value} min";
            figures[$"{at} melt g"] = moment.Melt.Value;
            figures[$"{at} C"] = moment.Temperature.Value;
            figures[$"{at} strength"] = moment.Strength!.Value.Value;
            figures[$"{at} sweetness"] = moment.Sweetness!.Value.Value;
            Stack(at, moment.Drawing.Layers);
            foreach (var (layer, i) in moment.Drawing.Layers.Select((layer, i) => (layer, i)))
            {
                figures[$"{at} colour {i}"] = layer.Colour;
            }

            if (moment.Drawing.Ice is { } ice)
            {
                figures[$"{at} ice from mm"] = ice.From.Value;
                figures[$"{at} ice to mm"] = ice.To.Value;
                figures[$"{at} cube mm"] = ice.PieceSide.Value;
            }
        }

        return figures;

        void Stack(string name, IReadOnlyList<Layer> layers)
        {
            foreach (var (layer, i) in layers.Select((layer, i) => (layer, i)))
            {
                (figures[$"{name} {i} from mm"], figures[$"{name} {i} to mm"]) = (layer.From.Value, layer.To.Value);
            }
        }
    }
}
