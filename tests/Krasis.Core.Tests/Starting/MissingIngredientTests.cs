using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Changing.Starting;

namespace Krasis.Core.Tests.Starting;

/// <summary>Something new, by what it is like.</summary>
public class MissingIngredientTests
{
    private static readonly IngredientDocument Plain = new()
    {
        Id = "plain",
        Name = "Plain syrup",
        Kind = "syrup",
        DensityGramsPerMl = 1.3,
        Per100g = new() { Sucrose = 65 },
        Allergens = new(),
    };

    [Fact]
    public void It_is_like_that_but_for_what_only_its_own_label_says()
    {
        var (made, pump) = new MissingIngredient
        {
            Name = " Quince syrup ",
            Like = "plain",
            StrokeMl = 8,
        }
            .Make([Plain], "new")
            .Value;

        Assert.Equal(("new", "Quince syrup", "syrup", 1.3), (made.Id, made.Name, made.Kind, made.DensityGramsPerMl));
        Assert.Equal(Plain.Per100g, made.Per100g);
        Assert.Null(made.Allergens);
        Assert.Equal("Like Plain syrup of the starter pantry, until its label has been read.", made.Source);
        Assert.Equal(
            ("new-pump", "Quince syrup pump", "new", 8.0),
            (pump!.Id, pump.Name, pump.Ingredient, pump.StrokeMl)
        );
        Assert.Null(
            new MissingIngredient { Name = "Quince", Like = "plain" }
                .Make([Plain], "new")
                .Value.Pump
        );
    }

    [Theory]
    [InlineData(null, "plain", 8.0, "name")]
    [InlineData("Quince", null, 8.0, "like")]
    [InlineData("Quince", "rose", null, "like")]
    [InlineData("Quince", "plain", 0.05, "strokeMl")]
    [InlineData("Quince", "plain", 60.1, "strokeMl")]
    public void What_is_not_said_is_asked_for(string? name, string? like, double? stroke, string field) =>
        Assert.Equal(
            field,
            new MissingIngredient
            {
                Name = name,
                Like = like,
                StrokeMl = stroke,
            }
                .Make([Plain], "new")
                .Problems.Single()
                .Field
        );
}
