using CsCheck;
using static Krasis.Core.Tests.Making.PlannedDrinks;

namespace Krasis.Core.Tests.Making;

/// <summary>When milk is steamed, and when a drink is shaken or blended.</summary>
public class SteamAndShakePlanTests
{
    [Fact]
    public void Milk_is_steamed_while_the_shot_before_it_runs()
    {
        var plan = Middle(TestBar.Build(Syrup, Shots, Steamed));

        // 200 ml go to just under the spout of a pitcher of 300 ml.
        Assert.Equal(
            "While it runs, steam 200 ml of Milk in the Large pitcher to Low (one third), 62 °C.",
            plan.Steps[1].Meanwhile
        );
        Assert.Equal(
            ("Tap and swirl it, then pour it in.", "Large pitcher", 62.0),
            (plan.Steps[3].How, plan.Steps[3].Hold, plan.Steps[3].Temperature!.Value.Value)
        );

        // The wand is wiped at once: before the milk that was steamed meanwhile is poured.
        Assert.Equal(
            ["Syrup", "Espresso", "Wipe and purge the wand", "Milk", "Hand it over"],
            plan.Steps.Select(step => step.Title)
        );
    }

    [Fact]
    public void A_second_milk_is_steamed_by_itself_for_nobody_was_told_to_do_so_meanwhile()
    {
        var plan = Middle(
            TestBar.Build(
                Shots,
                Steamed with
                {
                    Amount = 100,
                },
                TestBar.Line("oat", 80, "ml") with
                {
                    Technique = "steam",
                    Foam = "low",
                }
            )
        );

        Assert.Equal(
            ["Tap and swirl it, then pour it in.", "Steam it, tap and swirl it, then pour it in."],
            plan.Steps.Where(step => step.Foam is not null).Select(step => step.How)
        );
    }

    [Fact]
    public void Milk_that_goes_in_before_the_shot_is_steamed_by_itself()
    {
        var plan = Middle(TestBar.Build(Steamed, Shots));

        Assert.Equal("Steam it, tap and swirl it, then pour it in.", plan.Steps[0].How);
        Assert.Equal("Wipe and purge the wand", plan.Steps[1].Title);
        Assert.Null(plan.Steps[2].Meanwhile);
    }

    [Theory]
    [InlineData("shaken", "Shake")]
    [InlineData("blended", "Blend")]
    public void What_is_shaken_or_blended_is_finished_before_what_stands_on_it(string serve, string title)
    {
        var plan = Middle(
            TestBar.Build(
                Syrup,
                Shots,
                TestBar.Line("ice", 60, "g"),
                TestBar.Line("whip", 20, "g") with
                {
                    Technique = "top",
                }
            ) with
            {
                Serve = serve,
            }
        );

        Assert.Equal(
            ["Syrup", "Espresso", "Ice", title, "Whip", "Hand it over"],
            plan.Steps.Select(step => step.Title)
        );
        // All that is blended or shaken is one step on a card. Nothing is in the cup before.
        Assert.Equal([1, 1, 1, 2, 3, 4], plan.Steps.Select(step => step.Number));
        Assert.All(plan.Steps.Take(3), step => Assert.Null(step.Level));
        Assert.NotNull(plan.Steps[3].Level);
    }

    [Fact]
    public void What_follows_the_shaking_is_poured_on_it_in_the_cup()
    {
        var plan = Middle(
            TestBar.Build(
                Syrup,
                Shots with
                {
                    Technique = "shake",
                },
                TestBar.Line("ice", 60, "g") with
                {
                    Technique = "shake",
                },
                TestBar.Line("milk", 60, "ml")
            ) with
            {
                Serve = "shaken",
            }
        );

        Assert.Equal(
            ["Syrup", "Espresso", "Ice", "Shake", "Milk", "Hand it over"],
            plan.Steps.Select(step => step.Title)
        );
        Assert.Equal(
            ["Into the shaker", "Into the shaker", "Into the shaker", null, null, null],
            plan.Steps.Select(step => step.Into)
        );
        Assert.Equal("Let it run into the shaker.", plan.Steps[1].How);
    }

    [Fact]
    public void Without_ice_among_what_is_shaken_everything_goes_into_the_shaker()
    {
        var plan = Middle(
            TestBar.Build(
                Shots with
                {
                    Technique = "shake",
                },
                TestBar.Line("milk", 60, "ml"),
                TestBar.Line("ice", 60, "g")
            ) with
            {
                Serve = "shaken",
            }
        );

        Assert.Equal(["Espresso", "Milk", "Ice", "Shake", "Hand it over"], plan.Steps.Select(step => step.Title));
    }

    // Toppings alone leave nothing to blend.
    [Fact]
    public void Nothing_is_blended_where_nothing_is_in_the_jar() =>
        Assert.Equal(
            ["Whip", "Hand it over"],
            Middle(TestBar.Build(TestBar.Line("whip", 20, "g") with { Technique = "top" }) with { Serve = "blended" })
                .Steps.Select(step => step.Title)
        );
}
