using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;

namespace Krasis.Core.Tests.Transforming;

/// <summary>What the tests of whole transformations share: drinks, bars, and a transformation as text. Every test holds the
/// new build and what is said of each change. Figures are worked out by hand where a comment says so; the rest follows
/// from the house's steps.</summary>
internal static class WholeChange
{
    public static readonly LineDocument Syrup = TestBar.Line("syrup", 4, "stroke");
    public static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    public static readonly LineDocument Steamed = TestBar.Line("milk", 200, "ml") with
    {
        Technique = "steam",
        Foam = "low",
    };
    public static readonly BuildDocument Hot = TestBar.Build(Syrup, Espresso, Steamed);
    public static readonly BuildDocument Iced = TestBar.Build(
        Syrup,
        Espresso with
        {
            Technique = "cool",
        },
        TestBar.Line("milk", 150, "ml"),
        TestBar.Line("ice", 100, "g"),
        TestBar.Line("coffee-ice", 20, "g"),
        TestBar.Line("whip", 10, "g")
    );

    public static string[] Whole(Reading<Transformed> made) =>
        made.IsRead
            ?
            [
                Said(made.Value.Build),
                .. made.Value.Changes.Select(change => $"{change.Line}: {change.What} {change.Why}"),
            ]
            :
            [
                .. made.Problems.Select(problem =>
                    $"{problem.Field}: {problem.Value} | {problem.Message} | {problem.Accepted}"
                ),
            ];

    private static string Said(BuildDocument build) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{build.Serve} in {string.Join(' ', build.Sizes)} by {build.ReferenceSize}, {build.ReserveMm} mm, {build.Prices.Count} prices: {string.Join("; ", build.Lines.Select(Said))}"
        );

    private static string Said(LineDocument line) =>
        string.Create(
                CultureInfo.InvariantCulture,
                $"{line.Amount:0.####} {line.Measure} {line.Ingredient} {line.Technique} {line.Foam}{string.Concat(line.Pins.Select(pin => string.Create(CultureInfo.InvariantCulture, $" {pin.Size}={pin.Amount:0.####}")))}{(line.Scale is { } scale ? $" {scale.By}{string.Concat(scale.Ladder.Select(rung => $" {rung.Size}={rung.Amount}"))}" : "")}"
            )
            .Trim();

    public static BuildDocument Unread() => Hot with { Lines = [TestBar.Line("nobody", 1, "g")] };

    public static BarFacts Pumped() =>
        FullBar.Read(
            FullBar.Document with
            {
                Dispensers =
                [
                    .. FullBar.Document.Dispensers,
                    new()
                    {
                        Id = "lp",
                        Name = "Light pump",
                        Ingredient = "light",
                        StrokeMl = 10,
                    },
                ],
            }
        );

    // 80 mm high where the others are 100.
    public static BarFacts Low() =>
        FullBar.Read(
            FullBar.Document with
            {
                Cups =
                [
                    .. FullBar.Document.Cups,
                    FullBar.Document.Cups[1] with
                    {
                        Id = "low",
                        Name = "Low",
                        HeightMm = 80,
                        WaterGrams = FullBar.Document.Cups[1].WaterGrams * 0.8,
                    },
                ],
            }
        );

    public static BarFacts Own(bool free = true) =>
        FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients,
                    new()
                    {
                        Id = "dust",
                        Name = "Dust",
                        Kind = "topping",
                        DensityGramsPerMl = 0.5,
                        Colour = "#331100",
                        Allergens = free ? FullBar.Label() : FullBar.Label(mayContain: ["milk"]),
                    },
                ],
                Parts =
                [
                    new()
                    {
                        Id = "mix",
                        Name = "Bar mix",
                        Kind = "milk",
                        Colour = "#ccbbaa",
                        Lines =
                        [
                            new()
                            {
                                Ingredient = "milk",
                                Amount = 90,
                                Measure = "g",
                            },
                            new()
                            {
                                Ingredient = "syrup",
                                Amount = 10,
                                Measure = "g",
                            },
                        ],
                    },
                    new()
                    {
                        Id = "free",
                        Name = "Oat mix",
                        Kind = "milk",
                        Colour = "#ccbbaa",
                        Lines =
                        [
                            new()
                            {
                                Ingredient = free ? "oat" : "sweet-milk",
                                Amount = 90,
                                Measure = "g",
                            },
                            new()
                            {
                                Ingredient = "syrup",
                                Amount = 10,
                                Measure = "g",
                            },
                        ],
                    },
                ],
            }
        );
}
