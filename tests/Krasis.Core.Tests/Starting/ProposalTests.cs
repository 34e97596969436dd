using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Starting;

/// <summary>What a proposal tells of itself, and how it follows what the house sells.</summary>
public class ProposalTests
{
    private static readonly IngredientId Espresso = new("espresso");

    [Fact]
    public void The_middle_drink_on_the_same_base_that_is_served_alike_counts()
    {
        // Two shots of 36 g in 240, 300 and 400 ml of milk.
        List<BuildSheet> sold = [Latte(240), Latte(400), Latte(300), Mixed("hot", TestBar.Line("milk", 200, "ml"))];

        var house = HouseStrength.Of(sold, Espresso, Serve.Hot)!;
        Assert.Equal(3, house.Drinks);
        Assert.Equal(sold[2].Sizes[0].Taste.Poured.Strength!.Value.Value, house.Percent);

        // Of two the weaker one; none is served over ice, and none is made on syrup with coffee of it.
        Assert.Equal(
            sold[1].Sizes[0].Taste.Poured.Strength!.Value.Value,
            HouseStrength.Of(sold[..2], Espresso, Serve.Hot)!.Percent
        );
        Assert.Null(HouseStrength.Of(sold, Espresso, Serve.Iced));
        Assert.Null(HouseStrength.Of([sold[3]], new("milk"), Serve.Hot));
        Assert.Null(HouseStrength.Of([], Espresso, Serve.Hot));
    }

    [Fact]
    public void Beside_a_stronger_house_a_proposal_takes_a_shot_more_and_says_so()
    {
        var alone = Propose([]);
        var beside = Propose([Latte(60)]);

        Assert.True(Shots(beside) > Shots(alone), $"{Shots(beside)} and {Shots(alone)}");
        Assert.DoesNotContain(alone.Says, says => says.Contains("Your ", StringComparison.Ordinal));
        Assert.Contains(beside.Says, says =>
            says.Contains("Your hot drink with Espresso has ", StringComparison.Ordinal)
        );

        static Proposal Propose(IReadOnlyList<BuildSheet> sold) =>
            Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("m")], FullBar.Facts, flavour: "", sold: sold).Value;

        static double Shots(Proposal proposal) =>
            proposal.Build.Lines.Single(line => line.Ingredient == "espresso").Amount!.Value;
    }

    [Fact]
    public void It_names_the_ingredient_whose_caffeine_is_missing()
    {
        var bar = FullBar.With("espresso", coffee => coffee with { RoastCaffeinePercent = null });
        var proposal = Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("m")], bar, flavour: "").Value;

        Assert.Equal(["Caffeine unknown: enter it for Espresso under The bar."], proposal.Says);
    }

    private static BuildSheet Latte(double milk) =>
        Mixed("hot", TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", milk, "ml"));

    private static BuildSheet Mixed(string serve, params LineDocument[] lines) =>
        Mixer.Mix(
            BuildReader.Read(TestBar.Build(lines) with { Serve = serve, Sizes = ["m"] }, FullBar.Facts).Value,
            FullBar.Facts
        );
}
