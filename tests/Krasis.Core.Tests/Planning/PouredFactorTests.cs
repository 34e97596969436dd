using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Tests.Planning;

/// <summary>What is really poured, beside what the standard says.</summary>
public class PouredFactorTests
{
    [Theory]
    [InlineData(20, 10, 11, 1.1)]
    [InlineData(19, 10, 11, null)]
    [InlineData(20, 0, 11, null)]
    public void It_is_believed_from_twenty_pours_on(int pours, double wanted, double poured, double? factor)
    {
        var found = PouredFactor.Of([.. Enumerable.Repeat((wanted, poured), pours)]);
        Assert.Equal(factor is null, found is null);
        Assert.Equal(factor ?? 0, found ?? 0, 1e-9);
    }

    // A large pour that is a little off says more than a small one: the sums are compared, not the shares.
    [Fact]
    public void Large_pours_count_for_more()
    {
        (double, double)[] pours = [.. Enumerable.Repeat((10.0, 20.0), 10), .. Enumerable.Repeat((190.0, 190.0), 10)];
        Assert.Equal(2100.0 / 2000, PouredFactor.Of(pours)!.Value, 1e-9);
    }

    [Fact]
    public void Only_ingredients_are_poured_and_what_is_not_known_is_as_the_standard_says()
    {
        var need = new Dictionary<Item, double>
        {
            [new(ItemKind.Ingredient, "milk")] = 200,
            [new(ItemKind.Ingredient, "syrup")] = 20,
            [new(ItemKind.Cup, "milk")] = 1,
        };
        var really = PouredFactor.On(need, id => id == "milk" ? 1.05 : null);

        Assert.Equal(210, really[new(ItemKind.Ingredient, "milk")], 1e-9);
        Assert.Equal(20, really[new(ItemKind.Ingredient, "syrup")]);
        Assert.Equal(1, really[new(ItemKind.Cup, "milk")]);
    }
}
