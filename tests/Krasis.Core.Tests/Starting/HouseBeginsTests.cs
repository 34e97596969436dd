using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Judging;

namespace Krasis.Core.Tests.Starting;

/// <summary>What the house has said new builds begin with.</summary>
public class HouseBeginsTests
{
    private static readonly BarDocument Whole = FullBar.Document with
    {
        Ingredients =
        [
            .. FullBar.Document.Ingredients,
            FullBar.Document.Ingredients.Single(one => one.Id == "milk") with
            {
                Id = "other-milk",
                Name = "Other milk",
            },
        ],
        Espresso =
        [
            .. FullBar.Document.Espresso,
            FullBar.Document.Espresso[0] with
            {
                Id = "other-double",
                Name = "Other double",
                DoseGrams = FullBar.Document.Espresso[0].DoseGrams + 1,
            },
        ],
        Foams =
        [
            .. FullBar.Document.Foams,
            FullBar.Document.Foams.First(foam => foam.Cold != true) with
            {
                Id = "more",
                Name = "More",
                OverrunPercent = 60,
                Thirds = null,
            },
        ],
    };

    [Fact]
    public void A_house_that_has_said_nothing_begins_with_the_first_of_each()
    {
        var build = Propose(Whole);

        Assert.Equal(("milk", null), (Line(build, "milk").Ingredient, Line(build, "coffee").Recipe));
        Assert.NotEqual("more", Line(build, "milk").Foam);
    }

    [Fact]
    public void What_the_house_has_said_goes_in()
    {
        var build = Propose(Saying("other-double", "other-milk", "more"));

        Assert.Equal(
            ("other-milk", "more", "other-double"),
            (Line(build, "milk").Ingredient, Line(build, "milk").Foam, Line(build, "coffee").Recipe)
        );
        Assert.True(
            BuildReader.Read(build, FullBar.Read(Saying("other-double", "other-milk", "more")), nameless: true).IsRead
        );
    }

    [Fact]
    public void The_recipe_that_is_meant_anyway_is_not_named() =>
        Assert.Null(Line(Propose(Saying(Whole.Espresso[0].Id!, null, null)), "coffee").Recipe);

    [Theory]
    [InlineData(65, "more")]
    [InlineData(65.1, "usual")]
    public void A_foam_that_is_wrong_for_the_milk_gives_way_to_one_that_is_right(double to, string expected)
    {
        // The house steams to 65 °C at most: the foam level is right up to there, and not above.
        var bar = Saying(null, null, "more");
        bar = bar with
        {
            Foams = [.. bar.Foams.Select(foam => foam.Id == "more" ? foam with { ToCelsius = to } : foam)],
        };

        Assert.Equal(expected == "more", Line(Propose(bar), "milk").Foam == "more");
    }

    [Theory]
    [InlineData("espresso", "nothing-such")]
    [InlineData("milk", "syrup")]
    [InlineData("foam", "nothing-such")]
    public void What_is_not_there_is_refused_with_what_would_be(string field, string id)
    {
        var bar = field switch
        {
            "espresso" => Saying(id, null, null),
            "milk" => Saying(null, id, null),
            _ => Saying(null, null, id),
        };
        var problem = Assert.Single(BarReader.Read(bar).Problems);

        Assert.Equal(($"house.{field}", id), (problem.Field, problem.Value));
        Assert.DoesNotContain("nothing: the bar has none", problem.Accepted, StringComparison.Ordinal);
    }

    [Fact]
    public void A_standard_keeps_what_it_is_made_of_and_not_what_others_begin_with()
    {
        var bar = Saying("other-double", "other-milk", "more");
        var build = Propose(bar) with { Name = "Begun" };
        var other = build with
        {
            Lines = [.. build.Lines.Select(line => line.Id == "milk" ? line with { Ingredient = "milk" } : line)],
        };
        var kept = BarReader.Read(BarSubset.For(other, bar));

        Assert.True(kept.IsRead);
        Assert.Equal(
            Mixer
                .Mix(BuildReader.Read(other, FullBar.Read(bar)).Value, FullBar.Read(bar))
                .Sizes.Select(size => size.Fill.FillHeight),
            Mixer.Mix(BuildReader.Read(other, kept.Value).Value, kept.Value).Sizes.Select(size => size.Fill.FillHeight)
        );
    }

    private static BarDocument Saying(string? espresso, string? milk, string? foam) =>
        Whole with
        {
            House = Whole.House with { Espresso = espresso, Milk = milk, Foam = foam },
        };

    private static BuildDocument Propose(BarDocument bar) =>
        Skeleton
            .Propose(DrinkBase.Espresso, Serve.Hot, [.. bar.Cups.Select(cup => new CupId(cup.Id!))], FullBar.Read(bar))
            .Value.Build;

    private static LineDocument Line(BuildDocument build, string id) => build.Lines.Single(line => line.Id == id);
}
