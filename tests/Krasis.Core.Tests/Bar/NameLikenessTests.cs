using Krasis.Core.Bar.Likeness;

namespace Krasis.Core.Tests.Bar;

public class NameLikenessTests
{
    // What people write on cards and in messages: common practice, no source.
    [Theory]
    [InlineData("Hazelnut syrup", "hazelnut syrup", 1, 1)]
    [InlineData("syrup, hazelnut", "Hazelnut syrup", 1, 1)]
    [InlineData("hazlenut syr.", "Hazelnut syrup", 0.85, 0.99)]
    [InlineData("choc sauce", "Dark chocolate sauce", 0.5, 0.85)]
    [InlineData("chocolat sauce", "Chocolate sauce", 1, 1)]
    [InlineData("vanila", "Vanilla syrup", 0.7, 0.85)]
    [InlineData("cherries", "Cherry", 1, 1)]
    [InlineData("Crème fraîche", "creme fraiche", 1, 1)]
    [InlineData("2 % milk", "2% milk", 0.5, 1)]
    [InlineData("vanilla syrup", "Hazelnut syrup", 0, 0.5)]
    [InlineData("milk", "Oat drink", 0, 0.1)]
    [InlineData("oat milk", "Oat drink", 0.5, 0.84)]
    [InlineData("mint", "milk", 0, 0.2)]
    [InlineData("", "Hazelnut syrup", 0, 0)]
    [InlineData("!?", "!?", 0, 0)]
    public void Names_are_as_alike_as_people_mean_them(string one, string other, double least, double most)
    {
        Assert.InRange(NameLikeness.Of(one, other), least, most);
        Assert.Equal(NameLikeness.Of(one, other), NameLikeness.Of(other, one), 9);
    }

    // Boytsov 2011 and others count a swap of neighbours as one; the classic cases by hand.
    [Theory]
    [InlineData("", "", 0)]
    [InlineData("cup", "", 3)]
    [InlineData("kitten", "sitting", 3)]
    [InlineData("hazlenut", "hazelnut", 1)]
    [InlineData("ca", "abc", 3)]
    public void Slips_are_counted(string one, string other, int slips) =>
        Assert.Equal(slips, NameLikeness.Slips(one, other));
}
