using CsCheck;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Espresso;

/// <summary>What coffee recipes and ingredients say of themselves while they are written.</summary>
public class EspressoMeasuredTests
{
    // Common practice, no source.
    private static readonly Grams Tolerance = Grams.From(2);

    [Fact]
    public void Extraction_and_strength_give_each_other() =>
        Gen.Select(Gen.Double[7, 22], Gen.Double[14, 60], Gen.Double[15, 25])
            .Seeded()
            .Sample(
                (dose, yield, extraction) =>
                {
                    var one = EspressoMeasured.Of(
                        new EspressoDocument
                        {
                            DoseGrams = dose,
                            YieldGrams = yield,
                            ExtractionPercent = extraction,
                        },
                        Tolerance
                    );
                    var other = EspressoMeasured.Of(
                        new EspressoDocument
                        {
                            DoseGrams = dose,
                            YieldGrams = yield,
                            TdsPercent = one.Strength!.Value.Value,
                        },
                        Tolerance
                    );
                    return Math.Abs(other.Extraction!.Value.Value - extraction) < 1e-9;
                }
            );

    // 18 g in, 36 g out at 20 %: 10 % strong; a usual double (common practice, no source).
    [Fact]
    public void A_usual_double()
    {
        var measured = EspressoMeasured.Of(
            new EspressoDocument
            {
                DoseGrams = 18,
                YieldGrams = 36,
                ShotsPerPull = 2,
                ExtractionPercent = 20,
                SecondsFrom = 25,
                SecondsTo = 30,
                PulledGrams = 36,
                PulledSeconds = 22,
            },
            Tolerance
        );

        Assert.Equal(
            (2.0, 18.0, 10.0),
            (measured.Ratio, measured.PerShot!.Value.Value, measured.Strength!.Value.Value)
        );
        Assert.False(measured.Verdict!.IsGood);
        Assert.Contains("sour", measured.Verdict.Words, StringComparison.Ordinal);
        Assert.Null(EspressoMeasured.Of(new EspressoDocument { DoseGrams = 18 }, Tolerance).Ratio);
    }

    // Source: SCA brewing chart, from memory.
    [Theory]
    [InlineData(17.9, "17.9 % is below the usual 18 to 22 %.")]
    [InlineData(18, "18 % is within the usual 18 to 22 %.")]
    [InlineData(22, "22 % is within the usual 18 to 22 %.")]
    [InlineData(22.1, "22.1 % is above the usual 18 to 22 %.")]
    public void An_extraction_is_held_against_the_usual(double percent, string says) =>
        Assert.Equal(
            says,
            Assert.Single(
                EspressoMeasured
                    .Of(
                        new EspressoDocument
                        {
                            DoseGrams = 18,
                            YieldGrams = 36,
                            ShotsPerPull = 2,
                            ExtractionPercent = percent,
                        },
                        Tolerance
                    )
                    .Says
            )
        );

    // Source: 55 g/l ± 10 % (SCA Golden Cup, from memory).
    [Theory]
    [InlineData(55.0, "Within 55")]
    [InlineData(60.5, "Within 55")]
    [InlineData(60.6, "Stronger than")]
    [InlineData(49.5, "Within 55")]
    [InlineData(49.4, "Thinner than")]
    public void A_batch_is_held_against_the_usual(double grams, string says)
    {
        var measured = BrewMeasured.Of(
            new CoffeeBaseDocument
            {
                Method = "batch",
                CoffeeGrams = grams,
                WaterGrams = 1000,
                ExtractionPercent = 20,
            },
            null
        );
        Assert.Equal(grams, measured.GramsPerLitre!.Value, 1e-9);
        Assert.StartsWith(says, measured.Says[0], StringComparison.Ordinal);
    }

    [Fact]
    public void A_concentrate_is_as_strong_as_it_is_served()
    {
        // By hand: 200 g keep 2.3 times their water of 1600 g, 1140 g are left, doubled with water; 18.5 % of 200 g in
        // 2280 g.
        var measured = BrewMeasured.Of(
            new CoffeeBaseDocument
            {
                Method = "coldBrew",
                CoffeeGrams = 200,
                WaterGrams = 1600,
                RetainedGramsPerGram = 2.3,
                ExtractionPercent = 18.5,
                DilutionParts = 1,
            },
            null
        );

        Assert.Equal(2280, measured.Yield!.Value.Value, 1e-9);
        Assert.Equal(37.0 / 2280 * 100, measured.Strength!.Value.Value, 1e-9);
    }

    // Source: GNU units, brix(): the density of 65 °Brix.
    [Fact]
    public void A_syrup_s_Brix_gives_its_density_and_a_weighed_one_comes_first()
    {
        var byBrix = IngredientMeasured.Of(
            new IngredientDocument { Kind = "syrup", Brix = 65 },
            FullBar.Facts.House.Sweetness
        );
        Assert.True(byBrix.IsDensityByBrix);
        Assert.Equal(GnuUnits.Convert("brix(65)", "g/ml"), byBrix.Density!.Value.Value, 0.003);

        var weighed = IngredientMeasured.Of(
            new IngredientDocument
            {
                Kind = "syrup",
                Brix = 65,
                DensityGramsPerMl = 1.31,
            },
            FullBar.Facts.House.Sweetness
        );
        Assert.Equal((false, 1.31), (weighed.IsDensityByBrix, weighed.Density!.Value.Value));
    }

    // Source: 4 kcal a gram of carbohydrate and protein, 9 of fat (USDA Agriculture Handbook 74).
    [Fact]
    public void Energy_is_held_against_four_nine_four()
    {
        var document = new IngredientDocument
        {
            Kind = "milk",
            DensityGramsPerMl = 1.03,
            Source = "label",
            Per100g = new()
            {
                EnergyKcal = 64,
                Fat = 3.5,
                Carbohydrate = 4.8,
                Protein = 3.3,
            },
        };
        var right = IngredientMeasured.Of(document, FullBar.Facts.House.Sweetness);
        Assert.Equal((4 * 8.1) + (9 * 3.5), right.Energy!.Value.Value, 1e-9);
        Assert.Empty(right.Says);
        Assert.Contains(
            "4/9/4",
            Assert.Single(
                IngredientMeasured
                    .Of(
                        document with
                        {
                            Per100g = document.Per100g with { EnergyKcal = 640 },
                        },
                        FullBar.Facts.House.Sweetness
                    )
                    .Says
            ),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_nobody_knows_is_named()
    {
        var bare = IngredientMeasured.Of(
            new IngredientDocument { Kind = "syrup", DensityGramsPerMl = 1.3 },
            FullBar.Facts.House.Sweetness
        );

        Assert.Null(bare.Sweetness);
        Assert.Equal(5, bare.Unknown.Count);
        Assert.Empty(
            IngredientMeasured
                .Of(new IngredientDocument { Kind = "water", DensityGramsPerMl = 1 }, FullBar.Facts.House.Sweetness)
                .Unknown
        );
    }
}
