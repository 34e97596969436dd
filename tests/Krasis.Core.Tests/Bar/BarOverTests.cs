using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.Kinds;

namespace Krasis.Core.Tests.Bar;

/// <summary>Facts of a standard laid over the bar of today.</summary>
public class BarOverTests
{
    [Fact]
    public void What_is_frozen_stays_and_what_it_lacks_is_today_s()
    {
        var frozen = FullBar.Document with
        {
            Ingredients = [FullBar.Document.Ingredients[1] with { PackPrice = 9 }],
            Cups = [FullBar.Document.Cups[0]],
            House = FullBar.Document.House with { LiquidStepMl = 10 },
        };
        var laid = BarOver.Lay(frozen, FullBar.Document);

        Assert.Equal(9, laid.Ingredients.Single(each => each.Id == "milk").PackPrice);
        Assert.Equal(FullBar.Document.Ingredients.Count, laid.Ingredients.Count);
        Assert.Equal(["s", "m", "l"], laid.Cups.Select(cup => cup.Id));
        Assert.Equal(10, laid.House.LiquidStepMl);
        Assert.True(BarReader.Read(laid).IsRead);
    }

    [Fact]
    public void What_would_be_a_twin_of_something_frozen_gives_way_to_it()
    {
        var today = FullBar.Document with
        {
            Dispensers =
            [
                new DispenserDocument
                {
                    Id = "new-pump",
                    Name = "New pump",
                    Ingredient = "syrup",
                    StrokeMl = 10,
                },
            ],
            Ingredients =
            [
                .. FullBar.Document.Ingredients.Select(each => each.Id == "oat" ? each with { Id = "oat-2" } : each),
            ],
        };
        var laid = BarOver.Lay(FullBar.Document, today);

        Assert.Equal("pump", Assert.Single(laid.Dispensers, pump => pump.Ingredient == "syrup").Id);
        Assert.Equal("oat", Assert.Single(laid.Ingredients, each => each.Name == "Oat drink").Id);
        Assert.True(BarReader.Read(laid).IsRead);
    }
}
