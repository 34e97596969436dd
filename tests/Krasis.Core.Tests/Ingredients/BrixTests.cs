using CsCheck;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Ingredients;

public class BrixTests
{
    // Source: GNU units, brix(), run here.
    [Theory]
    [InlineData(0)]
    [InlineData(5)]
    [InlineData(10)]
    [InlineData(20)]
    [InlineData(30)]
    [InlineData(40)]
    [InlineData(50)]
    [InlineData(60)]
    [InlineData(65)]
    [InlineData(70)]
    public void A_syrup_is_as_dense_as_GNU_units_says(double brix)
    {
        var expected = GnuUnits.Convert($"brix({brix})", "g/ml");

        Assert.Equal(expected, BrixDensity.At(brix).Value, expected * 0.002);
    }

    // Source: NBS Circular 440, from memory.
    [Theory]
    [InlineData(10, 1.038)]
    [InlineData(30, 1.127)]
    [InlineData(50, 1.230)]
    [InlineData(60, 1.287)]
    [InlineData(65, 1.316)]
    public void A_syrup_is_as_dense_as_the_table_says(double brix, double density) =>
        Assert.Equal(density, BrixDensity.At(brix).Value, 0.002);

    [Fact]
    public void More_sugar_is_always_denser() =>
        Gen.Select(Gen.Double[0, 75], Gen.Double[0, 75])
            .Seeded()
            .Sample(
                (one, other) =>
                    Math.Abs(one - other) < 1e-6
                    || BrixDensity.At(one).Value < BrixDensity.At(other).Value == one < other
            );

    [Fact]
    public void Brix_gives_the_density_where_none_is_said()
    {
        var syrup = new IngredientDocument
        {
            Id = "s",
            Name = "Syrup",
            Kind = "syrup",
            Brix = 65,
            Colour = "#ffffff",
        };

        Assert.Equal(BrixDensity.At(65), IngredientReader.Read(syrup).Value.Density);
        Assert.Equal(1.2, IngredientReader.Read(syrup with { DensityGramsPerMl = 1.2 }).Value.Density.Value);
    }
}
