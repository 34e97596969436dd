using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;

namespace Krasis.Core.Tests.Transforming;

/// <summary>Without milk, as far as labels tell: what may contain it and what nobody has read is treated as that.
/// </summary>
public sealed class MilkLeftOutTests
{
    private static readonly BuildDocument Latte = TestBar.Build(
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml"),
        TestBar.Line("whip", 20, "g")
    );

    [Fact]
    public void A_plant_drink_that_names_no_milk_comes_before_one_that_may_contain_it()
    {
        var bar = With(
            Plant("pea", "Pea drink", FullBar.Label(mayContain: ["milk"])),
            Plant("rice", "Rice drink", FullBar.Label())
        );
        var free = Transformer.DairyFree(Latte, bar).Value;
        Assert.Contains(free.Build.Lines, line => line.Ingredient == "rice");
    }

    [Fact]
    public void Where_only_one_that_may_contain_it_is_there_that_is_told()
    {
        var bar = With(Plant("pea", "Pea drink", FullBar.Label(mayContain: ["milk"])));
        var free = Transformer.DairyFree(Latte, bar).Value;
        Assert.Contains(
            "Pea drink may contain milk by its label",
            free.Changes.Single(change => change.Line?.Value == "milk").Why,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void One_that_nobody_has_read_is_no_choice()
    {
        var bar = With(Plant("pea", "Pea drink", new() { On = "2026-11-01", By = "Wynn" }));
        Assert.Equal("milk", Transformer.DairyFree(Latte, bar).Problems[0].Field);
        Assert.Equal("milk", Transformer.DairyFree(Latte, bar, new("pea")).Problems[0].Field);
    }

    [Fact]
    public void A_milk_with_an_unread_label_makes_way_for_a_plant_drink_with_a_read_one()
    {
        var bar = FullBar.With("milk", milk => milk with { Allergens = null });
        var free = Transformer.DairyFree(Latte, bar).Value;
        Assert.DoesNotContain(free.Build.Lines, line => line.Ingredient == "milk");
        Assert.Contains(free.Build.Lines, line => line.Ingredient == "oat");
    }

    [Fact]
    public void What_may_contain_milk_elsewhere_is_told()
    {
        var build = Latte with { Lines = [.. Latte.Lines, TestBar.Line("sauce", 20, "g")] };
        Assert.Contains(Transformer.DairyFree(build, FullBar.Facts).Value.Changes, change =>
            change.What.EndsWith("stays and may contain milk.", StringComparison.Ordinal)
        );
    }

    // A quarter either way is as airy (common practice, no source).
    [Theory]
    [InlineData(0.74, false)]
    [InlineData(0.76, true)]
    [InlineData(0.99, true)]
    [InlineData(1.24, true)]
    [InlineData(1.26, false)]
    public void A_topping_s_stand_in_is_as_airy(double times, bool isTwin)
    {
        var whip = FullBar.Ingredient("whip");
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients,
                    new()
                    {
                        Id = "cloud",
                        Name = "Coconut whip",
                        Kind = "topping",
                        Colour = "#ffffff",
                        Chilled = whip.IsChilled,
                        DensityGramsPerMl = whip.Density.Value * times,
                        Allergens = FullBar.Label(),
                    },
                ],
            }
        );
        var free = Transformer.DairyFree(Latte, bar).Value;
        Assert.Equal(isTwin, free.Build.Lines.Any(line => line.Ingredient == "cloud"));
        Assert.DoesNotContain(free.Build.Lines, line => line.Ingredient == "whip");
    }

    [Fact]
    public void A_guest_who_asks_for_oat_is_told_what_else_brings_milk_and_offered_to_leave_it_off()
    {
        var oat = GuestWishes.Grant(Latte, new GuestWish { Milk = new("oat") }, FullBar.Facts).Value;
        var cream = oat.Changes.Single(change => change.Line?.Value == "whip");
        Assert.Equal(("Whip stays in, and it contains milk.", ChangeOffer.NoTop), (cream.What, cream.Offer));

        var without = GuestWishes.Grant(Latte, new GuestWish { Milk = new("oat"), NoTop = true }, FullBar.Facts).Value;
        Assert.DoesNotContain(without.Changes, change => change.Offer is not null);

        // Where nobody has read the plant drink's own label, that is told as well.
        var unread = GuestWishes.Grant(
            Latte,
            new GuestWish { Milk = new("pea") },
            With(Plant("pea", "Pea drink", new()))
        );
        Assert.Equal(
            ["Pea drink may or may not contain milk.", "Whip stays in, and it contains milk."],
            unread.Value.Changes.Skip(1).Select(change => change.What)
        );

        // Another dairy milk is no such wish.
        var dairy = GuestWishes.Grant(
            Latte with
            {
                Lines = [TestBar.Line("oat", 200, "ml"), TestBar.Line("whip", 20, "g")],
            },
            new GuestWish { Milk = new("milk") },
            FullBar.Facts
        );
        Assert.DoesNotContain(dairy.Value.Changes, change => change.Line?.Value == "whip");
    }

    private static IngredientDocument Plant(string id, string name, AllergenDocument label) =>
        new()
        {
            Id = id,
            Name = name,
            Kind = "milk",
            DensityGramsPerMl = 1.02,
            Colour = "#eeddcc",
            Allergens = label,
        };

    // The bar with these plant drinks and no other.
    private static BarFacts With(params IngredientDocument[] plants) =>
        FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(one =>
                        one.Id == "oat" ? one with { Allergens = null } : one
                    ),
                    .. plants,
                ],
            }
        );
}
