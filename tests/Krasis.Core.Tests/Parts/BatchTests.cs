using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Parts;

/// <summary>A nested part in any amount.</summary>
public class BatchTests
{
    private static readonly PartDocument Inner = new()
    {
        Id = "inner",
        Name = "Inner",
        Kind = "syrup",
        Colour = "#ffffff",
        LossPercent = 10,
        Lines =
        [
            new()
            {
                Ingredient = "syrup",
                Amount = 500,
                Measure = "g",
            },
            new()
            {
                Ingredient = "water",
                Amount = 500,
                Measure = "ml",
            },
        ],
    };

    private static readonly PartDocument Outer = new()
    {
        Id = "outer",
        Name = "Outer",
        Kind = "milk",
        Colour = "#ffffff",
        Ratio = "mass",
        Lines = [new() { Ingredient = "inner", Amount = 1 }, new() { Ingredient = "milk", Amount = 3 }],
    };

    private static readonly BarFacts Bar = FullBar.Read(FullBar.Document with { Parts = [Inner, Outer] });

    [Fact]
    public void A_batch_by_hand()
    {
        // 1 kg of outer: 250 g of inner and 750 g of milk; the inner loses a tenth, so 250 ÷ 0.9 = 277.8 g go into it,
        // half syrup.
        var batch = Make(Outer, 1000, Measure.Gram);

        Assert.Equal([250.0, 750.0], batch.Lines.Select(line => Math.Round(line.Mass.Value, 6)));
        Assert.Equal(
            [("milk", 750.0), ("syrup", 138.888889), ("water", 138.888889)],
            batch.Bought.Select(line => (line.Ingredient.Value, Math.Round(line.Mass.Value, 6)))
        );
        Assert.Equal([true, false], batch.Lines.Select(line => line.IsPart));
        // Syrup costs 13 for 1300 g, milk has its pack's price; inner's syrup is 1388.9 mg a gram of the kilogram.
        Assert.Equal(batch.Bought.Sum(line => line.Cost?.Value ?? 0), batch.Cost!.Value.Value, 1e-9);
    }

    [Fact]
    public void What_it_makes_anyway_changes_nothing()
    {
        var batch = Make(Inner, 900, Measure.Gram);
        Assert.Equal([500.0, 500.0], batch.Lines.Select(line => Math.Round(line.Mass.Value, 9)));
    }

    [Fact]
    public void Mass_is_conserved_whatever_is_wanted() =>
        Gen.Select(Gen.Double[1, 20_000], Gen.Bool)
            .Seeded()
            .Sample(
                (amount, byVolume) =>
                {
                    var batch = Make(Outer, amount, byVolume ? Measure.Millilitre : Measure.Gram);
                    var lost = batch.Lines[0].Mass.Value / 0.9 * 0.1;
                    return Math.Abs(batch.Lines.Sum(line => line.Mass.Value) - batch.Mass.Value) < 1e-6 * amount
                        && Math.Abs(batch.Bought.Sum(line => line.Mass.Value) - batch.Mass.Value - lost) < 1e-6 * amount
                        && Math.Abs((byVolume ? batch.Volume.Value : batch.Mass.Value) - amount) < 1e-6 * amount;
                }
            );

    [Fact]
    public void A_part_says_what_it_makes_and_what_is_not_known_of_it()
    {
        var measured = PartMeasured.Of(PartReader.Read(Inner).Value, Bar);

        Assert.Equal((1000.0, 900.0), (measured.MassIn.Value, measured.Mass.Value));
        Assert.Equal([50.0, 50.0], measured.Shares.Select(share => share.Value));
        Assert.Empty(measured.Unknown);

        var unknown = FullBar.Read(
            FullBar.Document with
            {
                Parts =
                [
                    Inner with
                    {
                        Lines =
                        [
                            .. Inner.Lines,
                            new()
                            {
                                Ingredient = "smoke",
                                Amount = 1,
                                Measure = "g",
                            },
                        ],
                    },
                ],
            }
        );
        var gaps = PartMeasured.Of(
            PartReader
                .Read(
                    Inner with
                    {
                        Lines =
                        [
                            .. Inner.Lines,
                            new()
                            {
                                Ingredient = "smoke",
                                Amount = 1,
                                Measure = "g",
                            },
                        ],
                    }
                )
                .Value,
            unknown
        );
        Assert.Equal("Smoke: allergens, price", Assert.Single(gaps.Unknown));
        Assert.EndsWith("unknown for: Inner. Traces are always possible.", gaps.Allergens, StringComparison.Ordinal);
        Assert.Null(gaps.PricePerGram);
    }

    private static PartBatch Make(PartDocument part, double amount, Measure measure) =>
        PartBatch.Of(
            PartReader.Read(part).Value,
            [PartReader.Read(Inner).Value, PartReader.Read(Outer).Value],
            Bar,
            new Quantity(amount, measure)
        );
}
