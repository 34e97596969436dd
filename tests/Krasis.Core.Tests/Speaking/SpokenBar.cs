using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Speaking;

namespace Krasis.Core.Tests.Speaking;

/// <summary>The bar and the drinks of the tests of what is said.</summary>
internal static class SpokenBar
{
    public static readonly BarFacts Bar = FullBar.Read(
        FullBar.Document with
        {
            Cups =
            [
                .. FullBar.Document.Cups.Select(cup =>
                    cup with
                    {
                        PrintedLines =
                        [
                            new() { Label = "espresso", HeightMm = 20 },
                            new() { Label = "milk", HeightMm = 60 },
                        ],
                    }
                ),
            ],
        }
    );

    public static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("syrup", 2, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 150, "ml")
    );

    public static Reading<SpokenAmount> Read(string text) => SpokenAmountText.Read(text, Measure.Millilitre);

    public static Build Build(BuildDocument document) => BuildReader.Read(document, Bar).Value;

    public static BuildDocument With(string line, double amount) =>
        Latte with
        {
            Lines = [.. Latte.Lines.Select(each => each.Id == line ? each with { Amount = amount } : each)],
        };

    public static Reading<Quantity> Resolve(string text, string size, string line) =>
        AmountInPlace.Resolve(Read(text).Value, Build(Latte), Bar, new(size), new(line));
}
