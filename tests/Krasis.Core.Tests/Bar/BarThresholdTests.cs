using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;

namespace Krasis.Core.Tests.Bar;

/// <summary>What a bar's and a build's readers let pass, just under and just over where they stop. The limits are ours,
/// without a source.</summary>
public class BarThresholdTests
{
    private static readonly IngredientDocument Syrup = new()
    {
        Id = "x",
        Name = "X",
        Kind = "syrup",
        DensityGramsPerMl = 1.3,
        Colour = "#d8b25e",
    };

    // 400 ml by the lengths: 30 % more is 520 ml and 30 % less 280 ml of water of 4 °C (0.99997 g/ml).
    [Theory]
    [InlineData(519, true)]
    [InlineData(521, false)]
    [InlineData(281, true)]
    [InlineData(279, false)]
    public void A_weighing_that_contradicts_the_lengths(double grams, bool isRead)
    {
        var reading = CupReader.Read(TestBar.Document.Cups[1] with { WaterGrams = grams });

        Assert.Equal(isRead, reading.IsRead);
        Assert.All(reading.Problems, problem => Assert.Equal("waterGrams", problem.Field));
    }

    // Labels round to a gram: 4/9/4 may differ by a quarter, and by 20 kcal in any case. 40 g of carbohydrate make 160
    // kcal, 4 g make 16.
    [Theory]
    [InlineData(40, 200, false)]
    [InlineData(40, 201, true)]
    [InlineData(40, 120, false)]
    [InlineData(40, 119, true)]
    [InlineData(4, 36, false)]
    [InlineData(4, 37, true)]
    public void An_energy_that_is_not_its_parts(double carbohydrate, double kcal, bool isTold)
    {
        var document = Syrup with
        {
            Per100g = new()
            {
                Fat = 0,
                Protein = 0,
                Carbohydrate = carbohydrate,
                EnergyKcal = kcal,
            },
        };
        Assert.Equal(
            isTold,
            IngredientMeasured
                .Of(document, FullBar.Facts.House.Sweetness, null)
                .Says.Any(said => said.Contains("by 4/9/4", StringComparison.Ordinal))
        );
    }

    // A gram of what a label rounds.
    [Theory]
    [InlineData(60, 61, true)]
    [InlineData(60, 61.1, false)]
    public void Sugars_that_are_more_than_the_carbohydrate(double carbohydrate, double sugars, bool isRead) =>
        Assert.Equal(
            isRead,
            IngredientReader
                .Read(
                    Syrup with
                    {
                        Per100g = new()
                        {
                            Carbohydrate = carbohydrate,
                            Sugars = sugars,
                            EnergyKcal = 240,
                        },
                    }
                )
                .IsRead
        );

    [Theory]
    [InlineData(71, true)]
    [InlineData(71.1, false)]
    public void Parts_that_are_more_than_the_whole(double carbohydrate, bool isRead) =>
        Assert.Equal(
            isRead,
            IngredientReader
                .Read(
                    Syrup with
                    {
                        Per100g = new()
                        {
                            Fat = 20,
                            Protein = 10,
                            Carbohydrate = carbohydrate,
                            EnergyKcal = 500,
                        },
                    }
                )
                .IsRead
        );

    [Theory]
    [InlineData(40, 12, true)]
    [InlineData(41, 12, false)]
    [InlineData(40, 13, false)]
    public void Lines_and_tags_of_a_build(int lines, int tags, bool isRead)
    {
        var build = TestBar.Build([
            .. Enumerable.Range(0, lines).Select(i => TestBar.Line("milk", 1, "ml") with { Id = $"l{i}" }),
        ]) with
        {
            Tags = [.. Enumerable.Range(0, tags).Select(i => $"tag {i}")],
        };
        Assert.Equal(isRead, BuildReader.Read(build, TestBar.Facts).IsRead);
    }
}
